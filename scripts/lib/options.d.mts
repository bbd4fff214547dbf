/** The options of npm start, or a sentence about what is wrong with them. */
export function startOptions(args: any): {
  port: number;
  fresh: string | boolean | (string | boolean)[];
  demo: boolean;
  help: string | boolean | (string | boolean)[];
};
export const HELP: 'npm start -- [options]\n  --port N     port of app and API (4310)\n  --fresh      throw the database away and begin again\n  --no-demo    do not load the demo practice into an empty database\nEnvironment:\n  DATABASE_URL      use this PostgreSQL database, as its owner, instead of our own cluster\n  PUBLIC_URL        where clients reach the app, as their letters have it (http://127.0.0.1:<port>)\n  APP_DATABASE_URL  the same database as a role that owns nothing (needed with DATABASE_URL)';
