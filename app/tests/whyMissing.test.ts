import { whyMissing } from '../src/parts/whyMissing';

const served = (answer: () => Promise<unknown>) => {
  globalThis.fetch = answer as typeof fetch;
};
const version = (version: string) => async () => ({ ok: true, json: async () => ({ version }) });

beforeEach(() => {
  document.body.innerHTML =
    '<script type="application/json" id="parts">{"version":"one","parts":{}}</script>';
});

it.each([
  ['offline', 'nobody answers', () => Promise.reject(new TypeError('no line'))],
  ['offline', 'what answers is not the app', async () => ({ ok: false })],
  ['new-version', 'the server has another version', version('two')],
  ['broken', 'the server has the same version', version('one')],
])('%s when %s', async (why, _when, answer) => {
  served(answer);
  await expect(whyMissing()).resolves.toBe(why);
});
