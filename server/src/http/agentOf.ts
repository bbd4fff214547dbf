import type { Request } from 'express';

/** So much is kept of what a device says of itself. */
const MOST_AGENT = 400;

export const agentOf = (request: Request): string =>
  request.get('user-agent')?.slice(0, MOST_AGENT) ?? '';
