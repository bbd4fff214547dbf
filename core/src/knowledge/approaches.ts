/**
 * Schools of order. An approach changes what is asked and done first and some doses; it never changes
 * safety. One is chosen for each client.
 */
export interface ApproachRow {
  readonly id: string;
  readonly name: string;
  /** What its coaches hold to be true, in one sentence. */
  readonly believes: string;
  /** What is paid for that. */
  readonly givesUp: string;
}

export const APPROACHES = [
  {
    id: 'blended',
    name: 'Blended',
    believes:
      'A held trunk first, joints before muscles, the pattern always last; the set-up is fitted meanwhile.',
    givesUp: 'No single idea is followed to its end.',
  },
  {
    id: 'steady-first',
    name: 'Steady first',
    believes:
      'A stiff limb is often a brake put on by a loose middle: breath and trunk come first.',
    givesUp: 'A joint that truly does not go waits its turn.',
  },
  {
    id: 'layer-by-layer',
    name: 'Layer by layer',
    believes:
      'Breath, joint, nerve, fascia, and muscles last: a stretch shows what stops it and cures nothing.',
    givesUp: 'Strength and practice come late.',
  },
  {
    id: 'time-in-position',
    name: 'Time in position',
    believes: 'A range changes only where time is spent in it: long and calm, every day.',
    givesUp: 'Minutes, and some force for half an hour after a long hold.',
  },
  {
    id: 'strength-through-range',
    name: 'Strength through range',
    believes:
      'The whole range without pain, as easy as it must be, then a little harder each time.',
    givesUp: 'What a joint does by itself is not asked first.',
  },
  {
    id: 'ground-up',
    name: 'Ground up',
    believes:
      'Ankle, knee, hip of the suspect side, in that order: the part first, then the whole.',
    givesUp: 'A trunk that lets go is found late.',
  },
  {
    id: 'wake-and-go',
    name: 'Wake and go',
    believes: 'A short primer for what should drive, then straight into the pattern.',
    givesUp: 'Little is measured, and a short joint stays short.',
  },
  {
    id: 'fit-the-movement',
    name: 'Fit the movement',
    believes: 'Stance, depth, speed, arms and heels are changed until the pattern suits this body.',
    givesUp: 'Ranges that could be won are left where they are.',
  },
] as const satisfies readonly ApproachRow[];

export type ApproachId = (typeof APPROACHES)[number]['id'];

export const DEFAULT_APPROACH: ApproachId = 'blended';
