import { loadScript } from '../src/parts/loadScript';
import { PartMissing } from '../src/parts/PartMissing';

/** jsdom runs no scripts: what became of each is said by hand. */
const injected = (): HTMLScriptElement[] => [...document.head.querySelectorAll('script')];

const URL_OF_PART = '/_expo/static/js/web/part-1.js';

beforeEach(() => {
  globalThis.taxikineParts = [];
  injected().forEach((script) => script.remove());
});

it('is there when the file has said its last word', async () => {
  const loading = loadScript(URL_OF_PART);
  globalThis.taxikineParts!.push(URL_OF_PART);
  injected()[0].onload!(new Event('load'));
  await expect(loading).resolves.toBeUndefined();
  expect(injected()).toHaveLength(0);
  await expect(loadScript(URL_OF_PART)).resolves.toBeUndefined();
  expect(injected()).toHaveLength(0);
});

it('two who ask at once ask once', () => {
  void loadScript('/twice.js').catch(() => undefined);
  void loadScript('/twice.js').catch(() => undefined);
  expect(injected()).toHaveLength(1);
});

it.each([
  ['that is not to be had', (script: HTMLScriptElement) => script.onerror!('gone')],
  ['cut off in the middle', (script: HTMLScriptElement) => script.onload!(new Event('load'))],
])('a file %s is missing, and asked for anew past what the browser kept', async (what, end) => {
  const url = `/${encodeURIComponent(what)}.js`;
  const loading = loadScript(url);
  end(injected()[0]);
  await expect(loading).rejects.toBeInstanceOf(PartMissing);
  const again = loadScript(url);
  expect(injected()[0].getAttribute('src')).toBe(`${url}?again=1`);
  globalThis.taxikineParts!.push(url);
  injected()[0].onload!(new Event('load'));
  await expect(again).resolves.toBeUndefined();
});
