import { pino } from 'pino';
import { appSource, outboxSender, startWorker } from './index';
import { need } from './need';

const log = pino({ level: process.env.LOG_LEVEL ?? 'info' });
const appUrl = need('APP_DATABASE_URL');
const source = await appSource(appUrl).initialize();
const endWork = await startWorker({
  source,
  appUrl,
  log,
  now: () => new Date(),
  sender: outboxSender(need('OUTBOX')),
  publicUrl: need('PUBLIC_URL').replace(/\/+$/, ''),
});
log.info('working');
process.send?.('working');

let stopping = false;

/** Finishes what is under way, then lets go of the database. Ctrl-C reaches it twice. */
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  setTimeout(() => process.exit(0), 6000).unref();
  await endWork();
  await source.destroy();
  process.exit(0);
}
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
