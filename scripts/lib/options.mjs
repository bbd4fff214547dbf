import { parseArgs } from 'node:util';
import { Told } from './run.mjs';

export const HELP = `npm start -- [options]
  --port N     port of app and API (4310)
  --fresh      throw the database away and begin again
  --no-demo    do not load the demo practice into an empty database
Environment:
  DATABASE_URL      use this PostgreSQL database, as its owner, instead of our own cluster
  PUBLIC_URL        where clients reach the app, as their letters have it (http://127.0.0.1:<port>)
  APP_DATABASE_URL  the same database as a role that owns nothing (needed with DATABASE_URL)
  HOST              where the server listens (127.0.0.1); anything else needs SECURE_COOKIES=1 and no demo
  SECURE_COOKIES    1 when a proxy in front speaks TLS: cookies go over HTTPS alone
  TRUST_PROXY       how many proxies stand in front and say where a request is from (0)`;

/** The options of npm start, or a sentence about what is wrong with them. */
export function startOptions(args) {
  const options = {
    port: { type: 'string' },
    fresh: { type: 'boolean' },
    'no-demo': { type: 'boolean' },
    help: { type: 'boolean' },
  };
  let values;
  try {
    ({ values } = parseArgs({ args, options }));
  } catch (error) {
    throw new Told(`${error.message}\n\n${HELP}`);
  }
  const port = Number(values.port ?? 4310);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Told(`--port ${values.port} is not a port.`);
  return {
    port,
    fresh: values.fresh ?? false,
    demo: !values['no-demo'],
    help: values.help ?? false,
  };
}
