import type { Side } from '../foundation/sides/side';
import type { Setup } from '../body/stance/setup';

/** One changed condition under which the pattern is looked at again. */
export interface ProbeRow {
  readonly id: string;
  readonly name: string;
  readonly say: string;
  readonly minutes: number;
  /** Done on one side, which speaks for itself; the others are of the whole body. */
  readonly sided?: true;
  /** The set-up of the probe, made from the set-up of the look. */
  readonly change: (setup: Setup, side: Side) => Setup;
}

/** As far out as a set-up may be. */
const MOST_TOE_OUT = 60;

const turnedOut = ({ toeOutDeg: { left, right } }: Setup, byDeg: number) => ({
  left: Math.min(MOST_TOE_OUT, left + byDeg),
  right: Math.min(MOST_TOE_OUT, right + byDeg),
});

export const PROBES = [
  {
    id: 'heels-up',
    name: 'Heels up',
    say: 'Wedge under both heels, 25 mm. Same movement.',
    minutes: 1,
    change: (s) => ({ ...s, heelLiftMm: s.heelLiftMm + 25 }),
  },
  {
    id: 'post',
    name: 'Hand on a post',
    say: 'Fingertips on a post ahead. As deep as feels safe.',
    minutes: 1,
    change: (s) => ({ ...s, hands: 'post' }),
  },
  {
    id: 'wider',
    name: 'Wider stance',
    say: 'Heels wider, toes a little more out.',
    minutes: 1,
    change: (s) => ({
      ...s,
      stanceCm: s.stanceCm + 20,
      toeOutDeg: turnedOut(s, 12),
    }),
  },
  {
    id: 'brace',
    name: 'Breath and brace',
    say: 'Low breath in, brace all round, then go.',
    minutes: 1,
    change: (s) => s,
  },
  {
    id: 'held-ahead',
    name: 'Light weight ahead',
    say: 'Hold 5 kg at arm’s length.',
    minutes: 1,
    change: (s) => ({ ...s, arms: 'forward', load: { at: 'ahead', kg: 5 } }),
  },
  {
    id: 'toes-out',
    name: 'Toes out',
    say: 'Same heels, toes 15° further out.',
    minutes: 1,
    change: (s) => ({
      ...s,
      toeOutDeg: turnedOut(s, 15),
    }),
  },
  {
    id: 'toes-straight',
    name: 'Toes straight',
    say: 'Same heels, feet straight ahead.',
    minutes: 1,
    change: (s) => ({ ...s, toeOutDeg: { left: 0, right: 0 } }),
  },
  {
    id: 'arms-ahead',
    name: 'Arms ahead',
    say: 'Arms level ahead. Same depth.',
    minutes: 1,
    change: (s) => ({ ...s, arms: 'forward' }),
  },
  {
    id: 'slower',
    name: 'Slower',
    say: 'Four seconds down, one at the bottom.',
    minutes: 1,
    change: (s) => ({ ...s, tempo: 'slow' }),
  },
  {
    id: 'knees-out-cue',
    name: 'Knees follow the toes',
    say: 'Say only: knees over the middle toes.',
    minutes: 1,
    change: (s) => s,
  },
  {
    id: 'hips-back-cue',
    name: 'Hips first',
    say: 'Say only: hips go first.',
    minutes: 1,
    change: (s) => s,
  },
  {
    id: 'shorter',
    name: 'Shorter',
    say: 'Stop above where it hurts.',
    minutes: 1,
    change: (s) => ({ ...s, depthAimDeg: (s.depthAimDeg ?? 0) + 20 }),
  },
  {
    id: 'arms-up',
    name: 'Arms up',
    say: 'Arms overhead. Same depth.',
    minutes: 1,
    change: (s) => ({ ...s, arms: 'overhead' }),
  },
  {
    id: 'unloaded',
    name: 'Without the load',
    say: 'Put the weight down. Same movement.',
    minutes: 1,
    change: (s) => ({ ...s, load: { at: 'none', kg: 0 } }),
  },
  {
    id: 'target',
    name: 'Something to aim at',
    say: 'A box to sit to, or a hand to reach for.',
    minutes: 1,
    change: (s) => s,
  },
  {
    id: 'one-heel-up',
    name: 'One heel up',
    say: 'Wedge under one heel only. Same movement.',
    minutes: 1,
    sided: true,
    change: (s, side) => ({ ...s, oneHeelUp: side }),
  },
  {
    id: 'band-out',
    name: 'Band pulls in',
    say: 'Band round the knees: push them out against it.',
    minutes: 1,
    change: (s) => s,
  },
  {
    id: 'foot-tripod',
    name: 'Three points of the foot',
    say: 'Say only: heel, big toe and little toe heavy.',
    minutes: 1,
    change: (s) => s,
  },
] as const satisfies readonly ProbeRow[];

export type ProbeId = (typeof PROBES)[number]['id'];
export type ProbeOutcome = 'better' | 'same' | 'worse';

const byId = new Map<string, ProbeRow>(PROBES.map((row) => [row.id, row]));

/** The row of a probe. Throws on an id that is not in the table. */
export function oneProbe(id: string): ProbeRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown probe ${id}`);
  return row;
}
