import { pino } from 'pino';
import { appSource, createApp } from './index';
import { need } from './need';

const log = pino({ level: process.env.LOG_LEVEL ?? 'info' });
const source = await appSource(need('APP_DATABASE_URL')).initialize();
const app = createApp({
  source,
  log,
  now: () => new Date(),
  dist: need('WEB_DIST'),
  secure: process.env.SECURE_COOKIES === '1',
});

const port = Number(process.env.PORT ?? 4310);
const server = app.listen(port, process.env.HOST ?? '127.0.0.1', () => {
  log.info({ port }, 'listening');
  process.send?.('listening');
});

/** Lets requests finish, then lets go of the database. */
function stop(): void {
  server.close(() => void source.destroy().then(() => process.exit(0)));
  setTimeout(() => process.exit(0), 3000).unref();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
