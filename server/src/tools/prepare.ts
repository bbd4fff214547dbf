import { prepareDatabase } from '../start/prepare';

/** Called by the start and test commands: prints the addresses of the prepared database as JSON. */
const { ADMIN_URL = '', DATABASE_NAME = '', FRESH } = process.env;
const databases = await prepareDatabase(ADMIN_URL, {
  name: DATABASE_NAME,
  fresh: FRESH === '1',
});
console.log(JSON.stringify(databases));
