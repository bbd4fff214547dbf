import {
  USUAL_SETUP,
  type CaseDocument,
  type CauseId,
  type Family,
  type MaybeSide,
} from '../../src';

type Of<Id> = readonly [id: Id, side: MaybeSide];

/** What the judgement on a case must come to. */
export interface Expected {
  /** The most probable cause that is not given is one of these. */
  readonly top?: readonly Of<CauseId>[];
  /** Each is among so many first. */
  readonly within?: readonly (readonly [Of<CauseId>, number])[];
  /** Each stays below 0.3. */
  readonly unlikely?: readonly Of<CauseId>[];
  /** One of the first three things to ask is one of these. */
  readonly next?: readonly Of<string>[];
  readonly targets?: readonly Of<CauseId>[];
  /** Nothing is aimed at these. */
  readonly spares?: readonly Of<CauseId>[];
  readonly families?: readonly Family[];
  /** No drill of the family on that side; null is nowhere. */
  readonly avoids?: readonly Of<Family>[];
  readonly last?: Family;
  readonly blocked?: boolean;
}

export interface AcceptanceCase {
  readonly name: string;
  readonly file: CaseDocument;
  readonly expect: Expected;
}

type Part = Partial<Omit<CaseDocument, 'client' | 'look'>> & {
  client?: Partial<CaseDocument['client']>;
  look: Partial<CaseDocument['look']>;
};

export const EVERYTHING = ['post', 'wedge', 'band', 'wall', 'mat', 'weight'] as const;

/** A case of an average body in a usual stance, but for what is said. */
export const caseOf = ({ client, look, ...rest }: Part): CaseDocument => ({
  format: 'taxikine-case',
  version: 1,
  client: { heightM: 1.75, massKg: 75, flags: [], refer: [], history: [], given: [], ...client },
  approach: 'blended',
  look: {
    pattern: 'squat',
    setup: USUAL_SETUP,
    faults: [],
    clear: [],
    pain: [],
    ...look,
  },
  probes: [],
  checks: [],
  session: { minutes: 15, kit: [...EVERYTHING], next: 'training' },
  ...rest,
});

type Fault = CaseDocument['look']['faults'][number];
type Check = CaseDocument['checks'][number];

export const seen = (fault: Fault['fault'], part: Partial<Fault> = {}): Fault => ({
  fault,
  phase: 'bottom',
  grade: 'plain',
  ...part,
});

export const both = (check: Check['check'], left: Partial<Check>, right = left): Check[] => [
  { check, side: 'left', ...left },
  { check, side: 'right', ...right },
];

export const deg = (passive: number, part: Partial<Check> = {}): Partial<Check> => ({
  passive,
  unit: 'deg',
  ...part,
});

export const SLIDE = seen('hips-slide', { side: 'left', value: 30, unit: 'mm' });

export const ACCEPTANCE_CASES: readonly AcceptanceCase[] = [
  {
    name: 'hips run left from a stiff, once sprained right ankle',
    file: caseOf({
      client: { history: [{ what: 'sprain', region: 'ankle', side: 'right' }] },
      look: { faults: [{ ...SLIDE, value: 34 }], clear: ['knee-in', 'tips-back'] },
      probes: [{ probe: 'heels-up', outcome: 'better', fault: 'hips-slide' }],
      checks: [
        ...both('ankle-bend-knee-bent', deg(41), deg(27, { felt: 'front' })),
        { check: 'ankle-bend-knee-straight', side: 'right', ...deg(20) },
      ],
    }),
    expect: {
      top: [['ankle-joint', 'right']],
      unlikely: [
        ['ankle-joint', 'left'],
        ['hip-bend', 'left'],
      ],
      targets: [['ankle-joint', 'right']],
      families: ['joint', 'pattern'],
      last: 'pattern',
    },
  },
  {
    name: 'a post gives the depth that is not there alone: range is not missing',
    file: caseOf({
      look: {
        faults: [seen('depth-short', { value: 22, unit: 'deg' }), seen('tips-back')],
        clear: ['heel-lifts', 'hips-slide'],
      },
      probes: [
        { probe: 'post', outcome: 'better', fault: 'depth-short' },
        { probe: 'held-ahead', outcome: 'better', fault: 'tips-back' },
      ],
      checks: [...both('ankle-bend-knee-bent', deg(40)), ...both('hip-bend', deg(121))],
    }),
    expect: {
      top: [
        ['balance-deep', null],
        ['pattern-unlearned', null],
      ],
      unlikely: [
        ['ankle-joint', 'left'],
        ['hip-bend', 'right'],
      ],
      families: ['pattern'],
      last: 'pattern',
    },
  },
  {
    name: 'a hinge stops at both hamstrings, felt in the belly',
    file: caseOf({
      look: {
        pattern: 'hinge',
        faults: [
          seen('range-stops-early', { value: 58, unit: 'deg' }),
          seen('back-rounds', { value: 14, unit: 'deg' }),
        ],
        clear: ['knee-out-finish'],
      },
      probes: [{ probe: 'brace', outcome: 'same', fault: 'range-stops-early' }],
      checks: [
        ...both(
          'straight-leg-raise',
          deg(54, { felt: 'belly', braced: 56 }),
          deg(56, { felt: 'belly', braced: 57 }),
        ),
        ...both('hip-bend', deg(122)),
        ...both('knee-straighten-90', deg(40, { felt: 'belly' })),
        ...both('nerve-slump', { result: 'no' }),
        { check: 'double-leg-lift', result: 'holds' },
      ],
      session: { minutes: 15, kit: [...EVERYTHING], next: 'rest' },
    }),
    expect: {
      within: [
        [['hamstring-length', 'left'], 2],
        [['hamstring-length', 'right'], 2],
      ],
      unlikely: [
        ['nerve-back', 'left'],
        ['trunk-hold', null],
      ],
      targets: [['hamstring-length', 'left']],
    },
  },
  {
    name: 'bracing frees the leg: the trunk was the brake, and no stretch is given',
    file: caseOf({
      look: {
        pattern: 'hinge',
        faults: [
          seen('range-stops-early', { value: 60, unit: 'deg' }),
          seen('back-arches', { phase: 'start', value: 12, unit: 'deg' }),
        ],
      },
      probes: [{ probe: 'brace', outcome: 'better', fault: 'range-stops-early' }],
      checks: [
        ...both('straight-leg-raise', deg(57, { braced: 76 }), deg(58, { braced: 78 })),
        { check: 'double-leg-lift', result: 'lost', braced: 'holds' },
        { check: 'breath-low', result: 'no' },
      ],
    }),
    expect: {
      top: [
        ['trunk-hold', null],
        ['breath', null],
      ],
      unlikely: [
        ['hamstring-length', 'left'],
        ['hamstring-length', 'right'],
      ],
      families: ['reset', 'pattern'],
      avoids: [['hold', null]],
    },
  },
  {
    name: 'an electric line down the right leg that the head changes',
    file: caseOf({
      look: {
        pattern: 'hinge',
        faults: [seen('range-stops-early', { value: 57, unit: 'deg' })],
        pain: [{ region: 'calf', side: 'right', phase: 'bottom', score: 3, kind: 'electric' }],
      },
      checks: [
        ...both('straight-leg-raise', deg(78, { felt: 'belly' }), deg(50, { felt: 'line' })),
        ...both('nerve-slump', { result: 'no' }, { result: 'yes' }),
      ],
    }),
    expect: {
      top: [['nerve-back', 'right']],
      families: ['nerve'],
      avoids: [['hold', 'right']],
    },
  },
  {
    name: 'feet turn out for a left shin that will not turn in',
    file: caseOf({
      look: {
        faults: [
          seen('foot-turns-out', { side: 'left', phase: 'down', value: 14, unit: 'deg' }),
          seen('foot-turns-out', {
            side: 'right',
            phase: 'down',
            grade: 'slight',
            value: 4,
            unit: 'deg',
          }),
        ],
      },
      checks: [
        ...both('ankle-bend-knee-bent', deg(41)),
        ...both('shin-turn-in', deg(9), deg(21)),
        ...both('hip-turn-in', deg(37)),
      ],
    }),
    expect: {
      top: [['shin-turn-in', 'left']],
      unlikely: [
        ['ankle-joint', 'left'],
        ['hip-turn-in', 'left'],
      ],
      targets: [['shin-turn-in', 'left']],
    },
  },
  {
    name: 'a kneecap swings outward: the hip is turned out, and weak the other way',
    file: caseOf({
      look: {
        pattern: 'hinge',
        faults: [seen('knee-out-finish', { side: 'left', phase: 'finish' })],
        pain: [{ region: 'knee', side: 'left', phase: 'finish', score: 2, kind: 'ache' }],
      },
      probes: [
        { probe: 'toes-straight', outcome: 'worse', fault: 'knee-out-finish' },
        { probe: 'toes-out', outcome: 'better', fault: 'knee-out-finish' },
      ],
      checks: [
        ...both('hip-turn-in', deg(20), deg(38)),
        { check: 'kneecap-line', side: 'left', result: 'outward' },
        ...both('adductor-lift', { passive: 5, unit: 'reps' }, { passive: 16, unit: 'reps' }),
      ],
    }),
    expect: {
      top: [['hip-turn-in', 'left']],
      within: [[['hip-turn-in-strength', 'left'], 3]],
      targets: [
        ['hip-turn-in', 'left'],
        ['hip-turn-in-strength', 'left'],
      ],
      families: ['strengthen', 'pattern'],
      last: 'pattern',
    },
  },
  {
    name: 'long thighs fold the trunk, and a wider stance suits them',
    file: caseOf({
      client: { heightM: 1.86, massKg: 80, segments: { thighM: 0.51, shankM: 0.43 } },
      look: {
        faults: [seen('trunk-folds', { value: 57, unit: 'deg' })],
        clear: ['heel-lifts'],
      },
      probes: (['wider', 'held-ahead', 'heels-up'] as const).map((probe) => ({
        probe,
        outcome: 'better',
        fault: 'trunk-folds',
      })),
      checks: [...both('ankle-bend-knee-bent', deg(42)), ...both('hip-bend', deg(122))],
    }),
    expect: {
      top: [['long-thighs', null]],
      families: ['fit'],
      unlikely: [
        ['ankle-joint', 'left'],
        ['ankle-joint', 'right'],
      ],
    },
  },
  {
    name: 'a pinch in front of the right hip',
    file: caseOf({
      look: {
        faults: [
          seen('pelvis-tucks', { value: 12, unit: 'deg' }),
          seen('depth-short', { value: 10, unit: 'deg' }),
        ],
        pain: [{ region: 'hip', side: 'right', phase: 'bottom', score: 3, kind: 'pinch' }],
      },
      probes: [{ probe: 'wider', outcome: 'better', fault: 'depth-short' }],
      checks: [
        ...both('hip-bend', deg(119), deg(97, { felt: 'closing-side', pinch: true })),
        ...both('ankle-bend-knee-bent', deg(40)),
      ],
    }),
    expect: { top: [['hip-bend', 'right']], targets: [['hip-bend', 'right']] },
  },
  {
    name: 'pain at night goes to a clinician first',
    file: caseOf({
      client: { refer: ['night-pain'] },
      look: { faults: [seen('depth-short', { value: 18, unit: 'deg' })] },
    }),
    expect: { blocked: true },
  },
  {
    name: 'from the ground up, a slide to the right asks of the left ankle',
    file: caseOf({
      approach: 'ground-up',
      look: { faults: [{ ...SLIDE, side: 'right', value: 28 }], clear: ['tips-back'] },
    }),
    expect: {
      next: [
        ['ankle-bend-knee-bent', 'left'],
        ['heels-up', null],
      ],
    },
  },
  {
    name: 'a fused right ankle explains, and is fitted around',
    file: caseOf({
      client: { given: [{ cause: 'fixed-ankle', side: 'right' }] },
      look: {
        faults: [
          { ...SLIDE, value: 24 },
          seen('heel-lifts', { side: 'right', value: 18, unit: 'mm' }),
          seen('trunk-side-bends', { side: 'right', value: 9, unit: 'deg' }),
        ],
      },
      probes: [{ probe: 'heels-up', outcome: 'better', fault: 'trunk-side-bends' }],
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', ...deg(39) },
        ...both('hip-bend', deg(120)),
      ],
    }),
    expect: { families: ['fit'], unlikely: [['ankle-joint', 'left']] },
  },
  {
    name: 'a split whose rear hip will not go behind',
    file: caseOf({
      look: { pattern: 'split', faults: [seen('rear-hip-stops', { side: 'right' })] },
      checks: both('hip-extend', deg(11), deg(-7, { felt: 'front' })),
    }),
    expect: {
      top: [['hip-extend', 'right']],
      targets: [['hip-extend', 'right']],
      last: 'pattern',
    },
  },
  {
    name: 'a lunge whose pelvis drops over a weak side hip',
    file: caseOf({
      look: { pattern: 'lunge', faults: [seen('pelvis-drops', { side: 'left', phase: 'down' })] },
      checks: both('side-hip-hold', { active: 11, unit: 's' }, { active: 48, unit: 's' }),
    }),
    expect: {
      top: [['hip-side-strength', 'left']],
      targets: [['hip-side-strength', 'left']],
      last: 'pattern',
    },
  },
  {
    name: 'a nerve is not held on stretch before a rest either',
    file: caseOf({
      look: { pattern: 'hinge', faults: [seen('range-stops-early')] },
      checks: [
        ...both('straight-leg-raise', deg(52, { felt: 'line' })),
        ...both('nerve-slump', { result: 'yes' }),
      ],
      session: { minutes: 20, kit: [...EVERYTHING], next: 'rest' },
    }),
    expect: {
      within: [[['nerve-back', 'left'], 2]],
      families: ['nerve'],
      avoids: [['hold', null]],
    },
  },
];
