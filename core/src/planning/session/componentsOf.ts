import { groupBy } from '../../foundation/numeric/groupBy';
import type { Option } from './bestSet';

/** The target of which an option would serve most; null when it serves none. */
function mainTarget({ serves }: Option, worth: ReadonlyMap<string, number>): string | null {
  let [main, most]: [string | null, number] = [null, 0];
  for (const { target, share } of serves) {
    const served = share * (worth.get(target) ?? 0);
    if (served > most) [main, most] = [target, served];
  }
  return main;
}

/**
 * Options in components: two with the same main target are in one, and so are two of which one can
 * partner the other. What one component needs is never in another.
 */
export function componentsOf<One extends Option>(
  options: readonly One[],
  worth: ReadonlyMap<string, number>,
): One[][] {
  const parent = new Map<string, string>();
  const rootOf = (name: string): string => {
    const up = parent.get(name) ?? name;
    return up === name ? name : rootOf(up);
  };
  const join = (a: string, b: string): void => void parent.set(rootOf(a), rootOf(b));
  const there = new Set(options.map(({ key }) => key));
  for (const one of options) {
    const main = mainTarget(one, worth);
    if (main !== null) join(`option ${one.key}`, `target ${main}`);
    for (const key of one.needs ?? [])
      if (there.has(key)) join(`option ${one.key}`, `option ${key}`);
  }
  return [...groupBy(options, ({ key }) => rootOf(`option ${key}`)).values()];
}
