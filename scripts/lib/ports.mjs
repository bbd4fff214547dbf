import { createServer } from 'node:net';

/** Is this loopback port free to listen on? */
const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/**
 * The wanted port if it is free, otherwise the next free one. Ask for one below 32768: from there on
 * the system gives ports to connections that go out, and one can be gone again before it is used.
 */
export async function freePort(wanted) {
  for (let port = wanted; port < wanted + 200; port++) if (await isFree(port)) return port;
  throw new Error(`no free port between ${wanted} and ${wanted + 200}`);
}
