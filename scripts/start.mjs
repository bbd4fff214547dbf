import { startCluster } from './lib/cluster.mjs';
import { loadDemo, outside, prepared } from './lib/database.mjs';
import { needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { KeptWorker } from './lib/keptWorker.mjs';
import { HELP, startOptions } from './lib/options.mjs';
import { KEPT, OUTBOX } from './lib/paths.mjs';
import { freePort } from './lib/ports.mjs';
import { Told } from './lib/run.mjs';
import { startServer } from './lib/serverProcess.mjs';
import { needWebApp } from './lib/webApp.mjs';

async function ownCluster() {
  const bin = await needPostgres();
  return startCluster({ bin, home: KEPT, wantedPort: 24310 });
}

async function main() {
  const options = startOptions(process.argv.slice(2));
  if (options.help) return console.log(HELP);
  await needDependencies();
  const cluster = process.env.DATABASE_URL ? null : await ownCluster();
  const stopCluster = () => cluster?.stop();
  try {
    const databases = cluster
      ? prepared(cluster, { name: 'taxikine', fresh: options.fresh })
      : outside(options);
    const said = options.demo ? loadDemo(databases) : '';
    await needWebApp();
    const port = await freePort(options.port);
    if (port !== options.port) console.log(`Port ${options.port} is taken; using ${port}.`);
    await serve(databases.appUrl, { port, said });
  } finally {
    await stopCluster();
  }
}

/** Server and worker, until one is told to stop. */
async function serve(appUrl, { port, said }) {
  const url = `http://127.0.0.1:${port}`;
  const publicUrl = process.env.PUBLIC_URL ?? url;
  const worker = new KeptWorker({ appUrl, publicUrl, outbox: OUTBOX });
  try {
    await worker.start();
    const server = await startServer({ port, appUrl });
    console.log(`\nTaxikine is at ${url}\n${said}\nCtrl-C stops it.`);
    await untilStopped(server, () => void worker.stop());
  } finally {
    await worker.stop();
  }
}

/** Ctrl-C reaches server and worker too; we wait for them and then stop the database. */
function untilStopped(server, onAsked) {
  let asked = false;
  const end = () => {
    asked = true;
    onAsked();
    server.kill('SIGTERM');
  };
  process.once('SIGINT', end);
  process.once('SIGTERM', end);
  return new Promise((resolve, reject) => {
    server.once('exit', (code) =>
      asked || code === 0 ? resolve() : reject(new Told(`The server stopped by itself (${code}).`)),
    );
  });
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});
