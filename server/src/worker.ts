import { pino } from 'pino';
import { appSource, outboxSender, startWorker, WORKING } from './index';
import { need } from './need';
import { sayReady } from './sayReady';
import { whenStopped } from './whenStopped';

const log = pino({ level: process.env.LOG_LEVEL ?? 'info' });
const appUrl = need('APP_DATABASE_URL');
const source = await appSource(appUrl, WORKING).initialize();
const endWork = await startWorker({
  source,
  appUrl,
  log,
  now: () => new Date(),
  sender: outboxSender(need('OUTBOX')),
  publicUrl: need('PUBLIC_URL').replace(/\/+$/, ''),
});
/** Finishes what is under way, then lets go of the database. */
async function end(): Promise<void> {
  await endWork();
  await source.destroy();
}
whenStopped(end, 6000);
log.info('working');
sayReady('working');
