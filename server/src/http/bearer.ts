import type { Request } from 'express';

/** A link's token is in a header, so that no log and no other page ever sees it; empty without one. */
export function bearer(request: Request): string {
  const [, token = ''] = /^Bearer ([\w-]{20,64})$/.exec(request.headers.authorization ?? '') ?? [];
  return token;
}
