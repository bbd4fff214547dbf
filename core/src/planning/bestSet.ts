/** Something to choose: what it costs, and what share of each worth it would take care of. */
export interface Option {
  /** Unique; equals are chosen in its order. */
  readonly key: string;
  readonly minutes: number;
  /** Share of a target's worth that is served, between 0 and 1, by target. */
  readonly serves: readonly { readonly target: string; readonly share: number }[];
  /** At most one of a group is chosen. */
  readonly group: string;
}

export interface SetLimits {
  readonly minutes: number;
  readonly most: number;
  /** What adds less than this is not worth its minutes. */
  readonly least: number;
}

type Unserved = ReadonlyMap<string, number>;

const gainOf = ({ serves }: Option, unserved: Unserved): number =>
  serves.reduce((sum, { target, share }) => sum + share * (unserved.get(target) ?? 0), 0);

function after(unserved: Unserved, { serves }: Option): Unserved {
  const next = new Map(unserved);
  for (const { target, share } of serves) next.set(target, (next.get(target) ?? 0) * (1 - share));
  return next;
}

/** Two sums closer than this are the same. */
const SAME = 1e-9;

/**
 * The options that together serve most worth: each serves a share of what is left of its targets, so
 * a second one on the same target adds less. Exact, by branch and bound: what an option adds now is
 * the most it can ever add, so the largest of these that still fit bound every set from here on.
 * Equal sets are told apart by fewer minutes, then by key.
 *
 * @param worth of every target
 */
export function bestSet(
  options: readonly Option[],
  worth: ReadonlyMap<string, number>,
  { minutes, most, least }: SetLimits,
): readonly Option[] {
  const ordered = [...options].sort(
    (a, b) => gainOf(b, worth) - gainOf(a, worth) || a.key.localeCompare(b.key),
  );
  let best: { chosen: readonly Option[]; gain: number; minutes: number } = {
    chosen: [],
    gain: 0,
    minutes: 0,
  };

  const bound = (from: number, unserved: Unserved, room: number, left: number): number =>
    ordered
      .slice(from)
      .filter((one) => one.minutes <= left)
      .map((one) => gainOf(one, unserved))
      .sort((a, b) => b - a)
      .slice(0, room)
      .reduce((sum, gain) => sum + gain, 0);

  const walk = (
    from: number,
    chosen: readonly Option[],
    unserved: Unserved,
    gain: number,
    left: number,
  ): void => {
    const spent = minutes - left;
    if (gain > best.gain + SAME || (gain > best.gain - SAME && spent < best.minutes - SAME))
      best = { chosen, gain, minutes: spent };
    const room = most - chosen.length;
    if (room === 0 || gain + bound(from, unserved, room, left) <= best.gain + SAME) return;
    for (let i = from; i < ordered.length; i++) {
      const one = ordered[i];
      const adds = gainOf(one, unserved);
      if (one.minutes > left || adds < least) continue;
      if (chosen.some(({ group }) => group === one.group)) continue;
      walk(i + 1, [...chosen, one], after(unserved, one), gain + adds, left - one.minutes);
    }
  };

  walk(0, [], worth, 0, minutes);
  return best.chosen;
}
