import { PartMissing } from './PartMissing';

/** Every file of the build says so in its last statement: one that was cut off on its way does not. */
declare global {
  var taxikineParts: string[] | undefined;
}

const isThere = (url: string): boolean => globalThis.taxikineParts?.includes(url) ?? false;

function inject(src: string): Promise<void> {
  return new Promise<void>((resolve, reject) => {
    const script = document.createElement('script');
    script.src = src;
    script.onload = () => resolve();
    script.onerror = () => reject(new PartMissing(src));
    document.head.appendChild(script);
  }).finally(() => document.head.querySelector(`script[src="${src}"]`)?.remove());
}

const underWay = new Map<string, Promise<void>>();
const triesOf = new Map<string, number>();

async function fetched(url: string): Promise<void> {
  const tries = triesOf.get(url) ?? 0;
  triesOf.set(url, tries + 1);
  // What the browser kept of a broken answer is not asked for again.
  await inject(tries === 0 ? url : `${url}?again=${tries}`);
  if (!isThere(url)) throw new PartMissing(url);
}

/**
 * One file of the build, run once. Rejects with `PartMissing` when it is not to be had or came broken;
 * the next call tries anew.
 */
export function loadScript(url: string): Promise<void> {
  if (isThere(url)) return Promise.resolve();
  const known = underWay.get(url);
  if (known) return known;
  const loading = fetched(url).finally(() => underWay.delete(url));
  underWay.set(url, loading);
  return loading;
}
