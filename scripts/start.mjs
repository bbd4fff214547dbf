import { startCluster } from './lib/cluster.mjs';
import { foundingToken, isDemoThere, loadDemo, outside, prepared } from './lib/database.mjs';
import { needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { KeptProcess } from './lib/keptProcess.mjs';
import { HELP, startOptions } from './lib/options.mjs';
import { KEPT, OUTBOX } from './lib/paths.mjs';
import { freePort } from './lib/ports.mjs';
import { Told } from './lib/run.mjs';
import { startServer, startWorker } from './lib/serverProcess.mjs';
import { watchCluster } from './lib/watchCluster.mjs';
import { needWebApp } from './lib/webApp.mjs';

const LOOPBACK = /^(127(\.\d+){3}|::1|localhost)$/;

async function ownCluster() {
  const bin = await needPostgres();
  return startCluster({ bin, home: KEPT, wantedPort: 24310 });
}

async function main() {
  const options = startOptions(process.argv.slice(2));
  if (options.help) return console.log(HELP);
  await needDependencies();
  const cluster = process.env.DATABASE_URL ? null : await ownCluster();
  const watch = cluster && watchCluster(cluster);
  try {
    const databases = cluster
      ? prepared(cluster, { name: 'taxikine', fresh: options.fresh })
      : outside(options);
    const said = options.demo ? loadDemo(databases) : '';
    if (process.env.HOST && !LOOPBACK.test(process.env.HOST) && isDemoThere(databases))
      throw new Told(
        `HOST=${process.env.HOST} is open to others, and anybody could sign in as the demo's coach. Begin with --fresh --no-demo, and make a practice with npm run practice.`,
      );
    await needWebApp();
    const port = await freePort(options.port);
    if (port !== options.port) console.log(`Port ${options.port} is taken; using ${port}.`);
    const publicUrl = process.env.PUBLIC_URL ?? `http://127.0.0.1:${port}`;
    const token = options.demo ? '' : foundingToken(databases);
    await serve(databases.appUrl, {
      port,
      publicUrl,
      said: token ? toldOf(publicUrl, token) : said,
    });
  } finally {
    await watch?.stop();
    await cluster?.stop();
  }
}

/** Told here and nowhere else: who can read this runs the machine. */
const toldOf = (publicUrl, token) =>
  `There is no practice yet. Make the first one, within a day, at\n${publicUrl.replace(/\/+$/, '')}/founding#${token}`;

/** Server and worker, each started again when it dies, until they are told to stop. */
async function serve(appUrl, { port, publicUrl, said }) {
  const url = `http://127.0.0.1:${port}`;
  const kept = [
    new KeptProcess('worker', () => startWorker({ appUrl, publicUrl, outbox: OUTBOX })),
    new KeptProcess('server', () => startServer({ port, appUrl })),
  ];
  // Ctrl-C reaches all of them; whoever asks us alone is passed on.
  const asked = new Promise((resolve) => {
    process.once('SIGINT', resolve);
    process.once('SIGTERM', resolve);
  });
  try {
    for (const one of kept) await one.start();
    console.log(`\nTaxikine is at ${url}\n${said}\nCtrl-C stops it.`);
    await asked;
  } finally {
    await Promise.all(kept.map((one) => one.stop()));
  }
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});
