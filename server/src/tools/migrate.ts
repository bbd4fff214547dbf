import { migrate } from '../index';

/** Called by the start command for a database that is not in our own cluster. */
await migrate(process.env.OWNER_URL ?? '');
