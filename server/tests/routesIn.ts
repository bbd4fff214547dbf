import type { Express } from 'express';

interface Layer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
  readonly handle: { readonly stack?: readonly Layer[] };
}

export interface Route {
  readonly method: 'get' | 'put' | 'post' | 'delete';
  /** Below `/api/v1`, as Express writes it. */
  readonly path: string;
}

const within = (layers: readonly Layer[]): Route[] =>
  layers.flatMap(({ route, handle }) =>
    route
      ? Object.keys(route.methods).map((method) => ({ method, path: route.path }) as Route)
      : within(handle.stack ?? []),
  );

/** Of no API: asked by those who watch it, and by browsers. */
const BESIDE = /^\/(health|\{\*|$)/;

/** Every route of the API there is. */
export const routesIn = (app: Express): Route[] =>
  within((app as Express & { router: { stack: Layer[] } }).router.stack).filter(
    ({ path }) => !BESIDE.test(path),
  );
