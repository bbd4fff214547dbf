import { connect } from 'node:net';

const LOOK_EVERY_MS = 1000;

/** Whether anybody listens there; cheap enough to ask every second. */
const listens = (port) =>
  new Promise((resolve) => {
    const socket = connect({ port, host: '127.0.0.1' });
    const answer = (is) => {
      socket.destroy();
      resolve(is);
    };
    socket.once('connect', () => answer(true));
    socket.once('error', () => answer(false));
  });

/**
 * Starts a cluster's PostgreSQL again when it is gone, where it was, until `stop`. Those that are connected to it
 * connect again by themselves.
 */
export function watchCluster(cluster) {
  let isStopped = false;
  let timer = null;
  const look = async () => {
    if (!(await listens(cluster.port)) && !isStopped) {
      console.error('PostgreSQL stopped; it is started again.');
      await cluster.revive().catch((error) => console.error(error.message));
    }
    next();
  };
  let looking = Promise.resolve();
  const next = () => {
    if (!isStopped) timer = setTimeout(() => (looking = look()), LOOK_EVERY_MS);
  };
  next();
  return {
    async stop() {
      isStopped = true;
      clearTimeout(timer);
      await looking;
    },
  };
}
