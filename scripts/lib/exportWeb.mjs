import { shown, Told } from './run.mjs';

const QUIET = { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' };

/** Has Expo export the web app of a folder into another. */
export async function exportWeb(cwd, dist) {
  const code = await shown('npx', ['expo', 'export', '-p', 'web', '--output-dir', dist], {
    cwd,
    env: { ...process.env, ...QUIET },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  if (code !== 0) throw new Told(`The web app of ${cwd} could not be built; see above.`);
}
