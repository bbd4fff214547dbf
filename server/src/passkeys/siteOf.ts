import { isIP } from 'node:net';
import type { Request } from 'express';
import { AppError } from '../ground/errors';

/** Whom a key is made for: by its name in the browser's address. */
export interface Site {
  readonly name: string;
  readonly origin: string;
}

const noName = new AppError(422, {
  code: 'no-name',
  message: 'A passkey needs a server that goes by a name.',
  hint: 'This one is reached by a number.',
});

/**
 * The site as the browser knows it.
 *
 * @param secure behind TLS, whoever ends it
 * @throws AppError 422 where it is reached by a number: no browser makes a key for one
 */
export function siteOf(request: Request, secure: boolean): Site {
  const host = request.get('host') ?? '';
  const { hostname: name } = new URL(`http://${host}`);
  if (isIP(name.replaceAll(/[[\]]/g, ''))) throw noName;
  return { name, origin: `${secure ? 'https' : request.protocol}://${host}` };
}
