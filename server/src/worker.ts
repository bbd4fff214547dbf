import { pino } from 'pino';
import { appSource, WORKING } from './database/sources';
import { outlive } from './jobs/outlive';
import { startWorker } from './worker/startWorker';
import { outboxSender } from './letters/outboxSender';
import { need } from './start/need';
import { sayReady } from './start/sayReady';
import { whenStopped } from './start/whenStopped';
import { whenThere } from './start/whenThere';

const log = pino({ level: process.env.LOG_LEVEL ?? 'info' });
process.on('unhandledRejection', outlive(log));
const appUrl = need('APP_DATABASE_URL');
const source = await whenThere(() => appSource(appUrl, WORKING).initialize(), log);
const sender = outboxSender(need('OUTBOX'));
const publicUrl = need('PUBLIC_URL').replace(/\/+$/, '');
const now = () => new Date();
const endWork = await whenThere(
  () => startWorker({ source, appUrl, log, now, sender, publicUrl }),
  log,
);
/** Finishes what is under way, then lets go of the database. */
async function end(): Promise<void> {
  await endWork();
  await source.destroy();
}
whenStopped(end, 6000);
log.info('working');
sayReady('working');
