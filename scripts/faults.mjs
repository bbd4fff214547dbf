import { needNginx, needOpenssl, needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { ROOT } from './lib/paths.mjs';
import { shown, Told } from './lib/run.mjs';

/**
 * Two servers and two workers behind a proxy, on a primary and a standby, with everything killed, cut and held in turn:
 * `npm run faults -- --faults 500 --devices 20 --seed 1`. On loopback alone; ends by itself.
 */
async function main(args) {
  await needDependencies();
  await needOpenssl();
  const env = {
    ...process.env,
    POSTGRES_PROGRAMS: await needPostgres(),
    NGINX_PROGRAM: await needNginx(),
  };
  process.exitCode = await shown('npx', ['tsx', 'e2e/faults/main.ts', ...args], { cwd: ROOT, env });
}

main(process.argv.slice(2)).catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});
