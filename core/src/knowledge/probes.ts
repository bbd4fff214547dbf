import type { Setup } from './setup';

/** One changed condition under which the pattern is looked at again. */
export interface ProbeRow {
  readonly id: string;
  readonly name: string;
  readonly say: string;
  readonly minutes: number;
  /** The set-up of the probe, made from the set-up of the look. */
  readonly change: (setup: Setup) => Setup;
}

export const PROBES = [
  {
    id: 'heels-up',
    name: 'Heels up',
    say: 'Wedge under both heels, 25 mm. Same squat.',
    minutes: 1,
    change: (s) => ({ ...s, heelLiftMm: s.heelLiftMm + 25 }),
  },
  {
    id: 'post',
    name: 'Hand on a post',
    say: 'Fingertips on a post ahead. Sit as deep as feels safe.',
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
      toeOutDeg: { left: s.toeOutDeg.left + 12, right: s.toeOutDeg.right + 12 },
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
