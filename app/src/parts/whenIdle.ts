/** A line that is paid for by what goes through it, or is slow anyway, is left alone. */
const isSpared = (): boolean =>
  (navigator as { connection?: { saveData?: boolean } }).connection?.saveData === true;

/** Fetches one thing ahead after the other, each when nothing else is to be done. Returns what calls the rest off. */
export function oneByOneWhenIdle(acts: readonly (() => void)[]): () => void {
  const [act, ...rest] = acts;
  if (!act) return () => undefined;
  let callOff = aheadWhenIdle(() => {
    act();
    callOff = oneByOneWhenIdle(rest);
  });
  return () => callOff();
}

/** Fetches ahead when nothing else is to be done; not at all where data is spared. Returns what calls it off. */
export const aheadWhenIdle = (act: () => void): (() => void) =>
  isSpared() ? () => undefined : whenIdle(act);

/** Does something when nothing else is to be done. Returns what calls it off. */
export function whenIdle(act: () => void): () => void {
  if ('requestIdleCallback' in window) {
    const id = requestIdleCallback(act, { timeout: 10_000 });
    return () => cancelIdleCallback(id);
  }
  const timer = setTimeout(act, 2000);
  return () => clearTimeout(timer);
}
