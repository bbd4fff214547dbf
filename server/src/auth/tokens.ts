import { createHash, randomBytes } from 'node:crypto';

/** A new session token for the cookie. Only its hash is kept. */
export const newToken = (): string => randomBytes(32).toString('base64url');

export const hashOfToken = (token: string): Buffer => createHash('sha256').update(token).digest();
