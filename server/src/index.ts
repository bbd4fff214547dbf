/** Taxikine's server: what is kept. */
export { ChangeFeed } from './changes/ChangeFeed';
export { createApp, type AppOptions } from './http/createApp';
export { openapi } from './http/openapi';
export { migrate, migrateBack, prepareDatabase } from './start/prepare';
export type { Databases } from './database/roles';
export { appSource, ownerSource, WORKING } from './database/sources';
export { hasPractices, makePractice, type NewPractice } from './founding/makePractice';
export { putRecord } from './records/putRecord';
export { inPractice } from './database/inPractice';
export { startWorker, type WorkerOptions } from './worker/startWorker';
export { outboxSender } from './letters/outboxSender';
export type { Letter, Sender, Sending } from './letters/sender';
export { maybeFoundingLink } from './founding/foundingLinks';
export { keepEntries } from './home/keepEntries';
