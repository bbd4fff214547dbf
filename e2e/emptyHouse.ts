import { foundingToken, prepared } from '../scripts/lib/database.mjs';
import { freePort } from '../scripts/lib/ports.mjs';
import { startServer } from '../scripts/lib/serverProcess.mjs';

/** A house without a practice, and the address at which the first one is made; until it is ended. */
export async function emptyHouse(name: string) {
  const cluster = { adminUrl: process.env.TEST_ADMIN_URL! };
  const databases = prepared(cluster, { name, fresh: true });
  const token = foundingToken(databases);
  const port = await freePort(27_900);
  const server = await startServer({ port, appUrl: databases.appUrl, logLevel: 'silent' });
  const url = `http://127.0.0.1:${port}`;
  return {
    databases,
    url,
    address: `${url}/founding#${token}`,
    end: () => void server.kill('SIGKILL'),
  };
}
