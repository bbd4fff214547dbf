import type { ApproachId } from './approaches';
import type { CauseId } from './causes';
import type { FaultId } from './faults';
import type { HistoryKind } from './history';

/** A question on which good coaches differ, with what each side says and what we do by default. */
export interface DisagreementRow {
  readonly id: string;
  readonly question: string;
  readonly sides: readonly {
    readonly says: string;
    /** Approaches that lean this way. */
    readonly approaches: readonly ApproachId[];
  }[];
  readonly byDefault: string;
  readonly because: string;
  /** Where it matters: any of these is enough. */
  readonly bearsOn: {
    readonly causes?: readonly CauseId[];
    readonly faults?: readonly FaultId[];
    readonly history?: readonly HistoryKind[];
  };
  /** Only when the client trains right afterwards. */
  readonly beforeTraining?: boolean;
}

const MUSCLES: readonly CauseId[] = [
  'calf-deep',
  'calf-long',
  'quad-length',
  'adductor-length',
  'hamstring-length',
];

export const DISAGREEMENTS = [
  {
    id: 'hold-how-long',
    question: 'How long is a hold?',
    sides: [
      {
        says: 'About half a minute: most of what a hold gives comes early.',
        approaches: ['blended'],
      },
      {
        says: 'A minute and a half and more: calm comes late, and range with it.',
        approaches: ['time-in-position'],
      },
      {
        says: 'Not at all: find what stops the muscle and take that away.',
        approaches: ['layer-by-layer', 'strength-through-range'],
      },
    ],
    byDefault: 'Three quarters of a minute, twice; longer only at the end of the day.',
    because: 'It fits a session, and a longer one adds little for its minutes.',
    bearsOn: { causes: MUSCLES },
  },
  {
    id: 'hold-before-training',
    question: 'A long hold right before training?',
    sides: [
      { says: 'Yes: the range is there when it is needed.', approaches: ['time-in-position'] },
      {
        says: 'No: a long hold takes some force away for about half an hour.',
        approaches: ['blended', 'strength-through-range', 'wake-and-go'],
      },
    ],
    byDefault: 'After training or at the end of the day; before it, pump and move.',
    because: 'Dulled force under a load is a worse bargain than a little less range.',
    bearsOn: { causes: MUSCLES },
    beforeTraining: true,
  },
  {
    id: 'toes-which-way',
    question: 'Toes straight ahead, or turned out?',
    sides: [
      {
        says: 'Straight: feet that need to turn out hide a joint that does not turn.',
        approaches: ['ground-up', 'layer-by-layer'],
      },
      {
        says: 'As far out as the hips are built: straight is not everybody’s straight.',
        approaches: ['fit-the-movement', 'blended'],
      },
    ],
    byDefault: 'As they stand for the pattern, straight as a probe.',
    because: 'Which way they are worse tells more than a rule for all.',
    bearsOn: {
      faults: ['foot-turns-out', 'knee-out-finish'],
      causes: ['hip-turn-in', 'shin-turn-in', 'long-thighs'],
    },
  },
  {
    id: 'knees-past-toes',
    question: 'May the knees pass the toes?',
    sides: [
      {
        says: 'They must: a knee that may not travel folds the trunk.',
        approaches: ['strength-through-range', 'blended', 'fit-the-movement'],
      },
      {
        says: 'Not while the knee is guarded or the hips do not load.',
        approaches: ['wake-and-go'],
      },
    ],
    byDefault: 'Yes, as far as it stays without pain and the heel stays down.',
    because: 'A shin held upright only moves the work to the back.',
    bearsOn: {
      faults: ['knees-lead', 'shin-stays-upright', 'trunk-folds'],
      causes: ['knee-guard', 'ankle-joint'],
    },
  },
  {
    id: 'cue-or-part',
    question: 'Cue the look, or work on the part?',
    sides: [
      {
        says: 'Cue it: a pattern is learned by doing it right.',
        approaches: ['wake-and-go', 'fit-the-movement'],
      },
      {
        says: 'The part first: a cue loads what the body is protecting.',
        approaches: ['ground-up', 'layer-by-layer', 'steady-first', 'blended'],
      },
    ],
    byDefault: 'The part first; a cue as a probe, and as practice once the part is free.',
    because: 'A cue that works at once has found its cause: then it is the work.',
    bearsOn: {
      faults: ['hips-slide', 'knee-in', 'knee-wobbles'],
      causes: ['pattern-unlearned', 'hip-side-control', 'knee-guard'],
    },
  },
  {
    id: 'how-often',
    question: 'Once a day, or many times?',
    sides: [
      {
        says: 'A few minutes every day, at one time.',
        approaches: ['blended', 'time-in-position', 'strength-through-range'],
      },
      {
        says: 'Many small doses through the day, where the habit is made.',
        approaches: ['layer-by-layer', 'ground-up'],
      },
    ],
    byDefault: 'Every day at one time; many small doses for a stubborn habit.',
    because: 'What is done at one time gets done, and a habit is only met where it is made.',
    bearsOn: { history: ['sitting', 'one-sided-habit'] },
  },
] as const satisfies readonly DisagreementRow[];
