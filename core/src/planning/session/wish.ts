import type { Dose } from '../../knowledge/drillRow';
import { drillKey, type DrillOnSide } from '../../knowledge/keys';
import type { SessionWish } from '../../records/visits/sessionWish';

const without = (list: readonly DrillOnSide[], key: string): DrillOnSide[] =>
  list.filter((one) => drillKey(one) !== key);

/** Holds on to a drill, also one that was taken out before. */
export const lockDrill = (wish: SessionWish, { drill, side }: DrillOnSide): SessionWish => {
  const key = drillKey({ drill, side });
  return {
    ...wish,
    locked: [...without(wish.locked, key), { drill, side }],
    dropped: without(wish.dropped, key),
  };
};

/** Lets go of a drill: it stays only if it would be chosen anyway. */
export const letGo = (wish: SessionWish, key: string): SessionWish => ({
  ...wish,
  locked: without(wish.locked, key),
});

/** Takes a drill out; the rest is chosen anew without it. */
export const dropDrill = (wish: SessionWish, { drill, side }: DrillOnSide): SessionWish => {
  const key = drillKey({ drill, side });
  return {
    ...wish,
    locked: without(wish.locked, key),
    dropped: [...without(wish.dropped, key), { drill, side }],
  };
};

/** One drill for another, which is then held and takes the place of the first. */
export function swapDrill(wish: SessionWish, out: DrillOnSide, into: DrillOnSide): SessionWish {
  const [from, to] = [drillKey(out), drillKey(into)];
  const swapped = lockDrill(dropDrill(wish, out), into);
  return { ...swapped, order: swapped.order.map((key) => (key === from ? to : key)) };
}

/** Another dose of a drill, which is then held; null goes back to what the approach doses. */
export function doseDrill(wish: SessionWish, one: DrillOnSide, dose: Dose | null): SessionWish {
  const key = drillKey(one);
  const { [key]: _, ...others } = wish.doses;
  return dose
    ? { ...lockDrill(wish, one), doses: { ...others, [key]: dose } }
    : { ...wish, doses: others };
}

/** Another rung of a ladder for a drill, which is then held. */
export const chooseRung = (wish: SessionWish, one: DrillOnSide, rung: string): SessionWish => ({
  ...lockDrill(wish, one),
  rungs: { ...wish.rungs, [drillKey(one)]: rung },
});

/** The keys of a session with one moved to another's place. */
export function movedTo(keys: readonly string[], key: string, place: number): string[] {
  const rest = keys.filter((one) => one !== key);
  return [...rest.slice(0, place), key, ...rest.slice(place)];
}

/** Whether anything is held, taken out, dosed or ordered otherwise than suggested. */
export const isWished = ({ locked, dropped, doses, order, rungs }: SessionWish): boolean =>
  locked.length + dropped.length + order.length > 0 ||
  Object.keys({ ...doses, ...rungs }).length > 0;
