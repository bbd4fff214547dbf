import { access } from 'node:fs/promises';
import { extname, join } from 'node:path';
import type { Request, Response } from 'express';

/** Compressed twins that lie beside a file, the smallest first. */
const TWINS = [
  { encoding: 'br', ending: '.br' },
  { encoding: 'gzip', ending: '.gz' },
] as const;

/** Names as the build makes them; anything else is no file of ours. */
const NAME = /^(\/[\w@+~-][\w@.+~-]*)+$/;

const isThere = (path: string): Promise<boolean> =>
  access(path).then(
    () => true,
    () => false,
  );

/** The twin that this browser takes; null when it takes the file as it is, or nothing else lies there. */
async function maybeTwin(request: Request, path: string) {
  for (const twin of TWINS)
    if (request.acceptsEncodings(twin.encoding) && (await isThere(path + twin.ending))) return twin;
  return null;
}

export interface WebFile {
  /** Folder of the exported app. */
  readonly dist: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
}

/**
 * Sends a file of the web app, as small as the browser takes it; looked for at every request, since a build
 * may replace files under a server that goes on.
 *
 * @returns false when there is no such file; nothing was sent then
 */
export async function sendWebFile(
  request: Request,
  response: Response,
  { dist, path, headers }: WebFile,
): Promise<boolean> {
  if (!NAME.test(path) || !(await isThere(join(dist, path)))) return false;
  const twin = await maybeTwin(request, join(dist, path));
  response.type(extname(path)).set(headers).vary('Accept-Encoding');
  if (twin) response.set('Content-Encoding', twin.encoding);
  await new Promise<void>((resolve, reject) =>
    response.sendFile(
      path + (twin?.ending ?? ''),
      { root: dist, cacheControl: false, dotfiles: 'deny' },
      (error?: Error) => {
        // Begun: whoever asked has gone away meanwhile.
        if (!error || response.headersSent) return resolve();
        // What went away this very moment must not leave its encoding on the answer that says so.
        response.removeHeader('Content-Encoding');
        reject(error);
      },
    ),
  );
  return true;
}
