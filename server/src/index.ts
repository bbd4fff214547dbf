/** Taxikine's server: what is kept. */
export { createApp, type AppOptions } from './http/createApp';
export { openapi } from './http/openapi';
export { migrate, prepareDatabase, type Databases } from './database/prepare';
export { appSource, ownerSource } from './database/sources';
export { hasPractices, makePractice, type NewPractice } from './practices';
export { putRecord } from './records/putRecord';
