import { pino } from 'pino';
import { ChangeFeed } from './changes/ChangeFeed';
import { appSource } from './database/sources';
import { createApp } from './http/createApp';
import { maybeOpenHost, namesOf } from './http/maybeOpenHost';
import { keepLines } from './http/keepLines';
import { need } from './start/need';
import { sayReady } from './start/sayReady';
import { whenStopped } from './start/whenStopped';
import { whenThere } from './start/whenThere';

const log = pino({ level: process.env.LOG_LEVEL ?? 'info' });
const host = process.env.HOST ?? '127.0.0.1';
const secure = process.env.SECURE_COOKIES === '1';
const open = maybeOpenHost(host, secure);
if (open) {
  console.error(open);
  process.exit(1);
}
const appUrl = need('APP_DATABASE_URL');
const source = await whenThere(() => appSource(appUrl).initialize(), log);
const changes = new ChangeFeed(appUrl, log);
const app = createApp({
  source,
  log,
  changes,
  now: () => new Date(),
  dist: need('WEB_DIST'),
  secure,
  names: namesOf(host, process.env.PUBLIC_URL),
  proxies: Number(process.env.TRUST_PROXY ?? 0),
});

const port = Number(process.env.PORT ?? 4310);
// Express calls back when it cannot listen, too.
const server = app.listen(port, host, (error?: Error) => {
  if (error) {
    console.error(`Nothing can listen on port ${port}: ${error.message}`);
    process.exit(1);
  }
  log.info({ port }, 'listening');
  sayReady('listening');
});
keepLines(server);

/** Lets requests finish, then lets go of the database. */
async function end(): Promise<void> {
  changes.end();
  await new Promise((resolve) => server.close(resolve));
  await source.destroy();
}
whenStopped(end, 3000);
