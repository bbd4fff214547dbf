import { migrate, migrateBack } from '../start/prepare';

/** Called by the start command for a database that is not in our own cluster, and by `npm run migrate`. */
const { OWNER_URL = '', BACK } = process.env;
if (BACK) console.log((await migrateBack(OWNER_URL, Number(BACK))).join('\n'));
else await migrate(OWNER_URL);
