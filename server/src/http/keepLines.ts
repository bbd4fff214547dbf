import type { Server } from 'node:http';

/** Longer than browsers and proxies usually leave a line idle, so that they are the ones who let go of it. */
const IDLE_MS = 120_000;
/** The archive of a large practice on a slow line takes longer than the five minutes that Node gives a request. */
const REQUEST_MS = 3_600_000;

/**
 * Keeps idle lines open. With the five seconds that Node keeps them, a request that sets out just as the
 * server lets go of its line is reset, and nobody but a browser asks again by itself.
 */
export function keepLines(server: Server): Server {
  server.keepAliveTimeout = IDLE_MS;
  // Counted on an idle line too: shorter, it would end it first.
  server.headersTimeout = IDLE_MS + 5000;
  server.requestTimeout = REQUEST_MS;
  return server;
}
