import { componentsOf } from './componentsOf';
import { SAME } from './same';

/** Something to choose: what it costs, and what share of each worth it would take care of. */
export interface Option {
  /** Unique; of equals those named first are chosen. */
  readonly key: string;
  readonly minutes: number;
  /** Share of a target's worth that is served, between 0 and 1, by target. */
  readonly serves: readonly { readonly target: string; readonly share: number }[];
  /** Keys of which one must be chosen with it; null when it can stand alone. */
  readonly needs: readonly string[] | null;
}

export interface Choice<One extends Option> {
  readonly options: readonly One[];
  /** At least one of these is chosen, when there are any; they need nothing. */
  readonly ends: readonly One[];
  /** In the set whatever they add; what they need is still asked for, where it can be had. */
  readonly held: readonly One[];
}

export interface SetLimits {
  readonly minutes: number;
  /** What is held counts. */
  readonly most: number;
  /** What one more costs in attention: an option that adds less is not worth its minutes. */
  readonly price: number;
}

export interface BestSet<One extends Option> {
  /** What is held is not among them; ends are the first. */
  readonly chosen: readonly One[];
  /** Worth that is served by all of them, held ones too, less their price. */
  readonly value: number;
}

interface Numbered<One extends Option> {
  readonly option: One;
  /** Targets by place, so that a step costs no more than its sums. */
  readonly serves: readonly { readonly at: number; readonly share: number }[];
}

/** Some of one component, in which all that needs a partner has one. */
interface Part<One extends Option> {
  readonly members: readonly Numbered<One>[];
  readonly minutes: number;
  /** What it would add if nothing else were chosen: the most it can add. */
  readonly value: number;
}

const gainOf = (serves: Numbered<Option>['serves'], unserved: Float64Array): number => {
  let gain = 0;
  for (const { at, share } of serves) gain += share * unserved[at];
  return gain;
};

function after(unserved: Float64Array, { serves }: Numbered<Option>): Float64Array {
  const next = unserved.slice();
  for (const { at, share } of serves) next[at] *= 1 - share;
  return next;
}

const isMet = ({ needs }: Option, keys: ReadonlySet<string>): boolean =>
  needs === null || needs.some((key) => keys.has(key));

interface Room {
  readonly minutes: number;
  readonly most: number;
  readonly price: number;
}

/** What adds most first; equals by minutes, then in the order of their options, whatever the last digit of a sum says. */
function bestFirst<One extends Option>(parts: readonly Part<One>[]): Part<One>[] {
  const rank = (value: number) => Math.round(value / SAME);
  return parts
    .map((part) => ({ part, value: rank(part.value), minutes: rank(part.minutes) }))
    .sort((a, b) => b.value - a.value || a.minutes - b.minutes)
    .map(({ part }) => part);
}

/** Every part of a component that fits, the empty one too, what adds most first. */
function partsOf<One extends Option>(
  component: readonly Numbered<One>[],
  held: readonly Option[],
  begin: Float64Array,
  asked: ReadonlySet<string>,
  { minutes, most, price }: Room,
): Part<One>[] {
  const parts: Part<One>[] = [];
  const members: Numbered<One>[] = [];
  const keys = new Set(held.map(({ key }) => key));
  const isWhole = (): boolean =>
    held.every((one) => isMet(one, keys)) && members.every(({ option }) => isMet(option, keys));
  const walk = (from: number, still: Float64Array, value: number, left: number): void => {
    if (isWhole()) parts.push({ members: [...members], minutes: minutes - left, value });
    if (members.length === most) return;
    for (let i = from; i < component.length; i++) {
      const one = component[i];
      const { key, minutes: takes } = one.option;
      const adds = gainOf(one.serves, still) - price;
      // What is not worth its price now never is; only as a partner can it be asked for.
      if (takes > left + SAME || (adds <= SAME && !asked.has(key))) continue;
      members.push(one);
      keys.add(key);
      walk(i + 1, after(still, one), value + adds, left - takes);
      keys.delete(key);
      members.pop();
    }
  };
  walk(0, begin, 0, minutes);
  return bestFirst(parts);
}

/** The most that one part with so many members adds, by number. */
function mostOf(parts: readonly Part<Option>[], most: number): number[] {
  const best = new Array<number>(most + 1).fill(-Infinity);
  for (const { members, value } of parts)
    if (value > best[members.length]) best[members.length] = value;
  return best;
}

/** The most that the components from one on can add with so many options, by component and number. */
function boundsOf(components: readonly (readonly Part<Option>[])[], most: number): number[][] {
  const bounds = [...components, null].map(() => new Array<number>(most + 1).fill(0));
  for (let c = components.length - 1; c >= 0; c--) {
    const best = mostOf(components[c], most);
    for (let room = 0; room <= most; room++)
      bounds[c][room] = Math.max(
        ...best.slice(0, room + 1).map((value, count) => value + bounds[c + 1][room - count]),
      );
  }
  return bounds;
}

/**
 * The options that together serve most worth: each serves a share of what is left of its targets, so
 * a second one on the same target adds less. Exact, by branch and bound over components: options that
 * serve the same or partner one another are one component, and what a component adds by itself is the
 * most it can ever add. Equal sets are told apart by fewer minutes, then by the order of the options.
 *
 * @param worth of every target
 * @returns null when no set keeps these limits
 */
export function maybeBestSet<One extends Option>(
  { options, ends, held }: Choice<One>,
  worth: ReadonlyMap<string, number>,
  { minutes, most, price }: SetLimits,
): BestSet<One> | null {
  const targets = new Map([...worth.keys()].map((target, at) => [target, at]));
  const numbered = (list: readonly One[]): Numbered<One>[] =>
    list.map((option) => ({
      option,
      serves: option.serves.flatMap(({ target, share }) => {
        const at = targets.get(target);
        return at === undefined ? [] : [{ at, share }];
      }),
    }));
  let begin: Float64Array = Float64Array.from(worth.values());
  let value = 0;
  for (const one of numbered(held)) {
    value += gainOf(one.serves, begin) - price;
    begin = after(begin, one);
  }
  const room: Room = {
    minutes: Math.max(0, minutes - held.reduce((sum, one) => sum + one.minutes, 0)),
    most: Math.max(0, most - held.length),
    price,
  };
  const can = new Set([...options, ...held].map(({ key }) => key));
  // A held one that nothing can partner is the coach's own choice.
  const wanting = held.map((one) =>
    one.needs?.some((key) => can.has(key)) ? one : { ...one, needs: null },
  );
  const asked = new Set([...options, ...held].flatMap(({ needs }) => needs ?? []));
  const components = componentsOf([...options, ...wanting], worth).map((all) => {
    const free = numbered(all.filter((one) => !held.some(({ key }) => key === one.key)));
    const bound = all.filter((one) => held.some(({ key }) => key === one.key));
    return partsOf(free, bound, begin, asked, room);
  });
  const any = new Set(ends.map(({ key }) => key));
  const lasts = partsOf(numbered(ends), [], begin, any, room).filter(
    ({ members }) => members.length > 0,
  );
  const all: readonly (readonly Part<One>[])[] =
    ends.length > 0 ? [lasts, ...components] : components;
  const found = searched(all, begin, room);
  return found && { chosen: found.chosen, value: value + found.value };
}

/** One part of every component, so that together they add most. */
function searched<One extends Option>(
  components: readonly (readonly Part<One>[])[],
  begin: Float64Array,
  { minutes, most, price }: Room,
): BestSet<One> | null {
  const bounds = boundsOf(components, most);
  let best: (BestSet<One> & { left: number }) | null = null;
  const chosen: Numbered<One>[] = [];
  const isBetter = (value: number, left: number): boolean =>
    !best || value > best.value + SAME || (value > best.value - SAME && left > best.left + SAME);

  const walk = (c: number, still: Float64Array, sofar: number, left: number): void => {
    if (c === components.length) {
      if (isBetter(sofar, left))
        best = { chosen: chosen.map(({ option }) => option), value: sofar, left };
      return;
    }
    const room = most - chosen.length;
    if (best && sofar + bounds[c][room] < best.value - SAME) return;
    for (const part of components[c]) {
      const { members } = part;
      if (members.length > room || part.minutes > left + SAME) continue;
      const rest = bounds[c + 1][room - members.length];
      if (best && sofar + part.value + rest < best.value - SAME) continue;
      let [next, value] = [still, sofar];
      for (const one of members) {
        value += gainOf(one.serves, next) - price;
        next = after(next, one);
      }
      chosen.push(...members);
      walk(c + 1, next, value, left - part.minutes);
      chosen.length -= members.length;
    }
  };
  walk(0, begin, 0, minutes);
  return best;
}
