import { USUAL_SETUP } from '../../src';
import { usualSetup } from '../../src/body/solver/usualSetup';
import { both, caseOf, deg, EVERYTHING, seen, SLIDE, type AcceptanceCase } from './acceptanceCases';

const lunge = (front: 'left' | 'right') => ({ ...usualSetup('lunge', 1.75), front });
const split = (front: 'left' | 'right') => ({ ...usualSetup('split', 1.75), front });
const seconds = (active: number) => ({ active, unit: 's' }) as const;

/** Where what follows has to mind pain, flags, feet, what is given and how long there is. */
export const CASES_OF_CARE: readonly AcceptanceCase[] = [
  {
    name: 'both ankles stop in front: nothing is held there',
    file: caseOf({
      look: {
        faults: [
          seen('depth-short', { value: 19, unit: 'deg' }),
          ...(['left', 'right'] as const).map((side) =>
            seen('heel-lifts', { side, value: 15, unit: 'mm' }),
          ),
        ],
      },
      probes: [{ probe: 'heels-up', outcome: 'better', fault: 'depth-short' }],
      checks: [
        ...both('ankle-bend-knee-bent', deg(27, { felt: 'front' })),
        ...both('ankle-bend-knee-straight', deg(22)),
      ],
    }),
    expect: {
      within: [
        [['ankle-joint', 'left'], 2],
        [['ankle-joint', 'right'], 2],
      ],
      unlikely: [
        ['hip-bend', 'left'],
        ['balance-deep', null],
      ],
      targets: [
        ['ankle-joint', 'left'],
        ['ankle-joint', 'right'],
      ],
      families: ['joint'],
      avoids: [['hold', null]],
      last: 'pattern',
    },
  },
  {
    name: 'two causes at once, an ankle and the other hip',
    file: caseOf({
      look: {
        faults: [
          { ...SLIDE, value: 27 },
          seen('knee-in', { side: 'left', phase: 'up', value: 11, unit: 'deg' }),
        ],
      },
      probes: [{ probe: 'heels-up', outcome: 'better', fault: 'hips-slide' }],
      checks: [
        ...both('ankle-bend-knee-bent', deg(41), deg(26, { felt: 'front' })),
        ...both('side-hip-hold', seconds(13), seconds(45)),
      ],
    }),
    expect: {
      within: [
        [['ankle-joint', 'right'], 3],
        [['hip-side-strength', 'left'], 3],
      ],
      targets: [
        ['ankle-joint', 'right'],
        ['hip-side-strength', 'left'],
      ],
      unlikely: [['ankle-joint', 'left']],
      last: 'pattern',
    },
  },
  {
    name: 'a fused ankle is fitted around, the weak hip beside it is worked on',
    file: caseOf({
      client: { given: [{ cause: 'fixed-ankle', side: 'left' }] },
      look: {
        faults: [
          { ...SLIDE, side: 'right', value: 25 },
          seen('heel-lifts', { side: 'left', value: 17, unit: 'mm' }),
          seen('knee-in', { side: 'right', phase: 'up', value: 12, unit: 'deg' }),
        ],
      },
      checks: [
        ...both('side-hip-hold', seconds(45), seconds(12)),
        { check: 'ankle-bend-knee-bent', side: 'right', ...deg(40) },
      ],
    }),
    expect: {
      top: [['hip-side-strength', 'right']],
      targets: [['hip-side-strength', 'right']],
      spares: [
        ['ankle-joint', 'left'],
        ['calf-deep', 'left'],
        ['calf-long', 'left'],
      ],
      unlikely: [['ankle-joint', 'right']],
    },
  },
  {
    name: 'brittle bones: hamstrings are lengthened, no back is rounded',
    file: caseOf({
      client: { flags: ['osteoporosis'] },
      look: {
        pattern: 'hinge',
        faults: [
          seen('range-stops-early', { value: 56, unit: 'deg' }),
          seen('back-rounds', { value: 11, unit: 'deg' }),
        ],
      },
      checks: [
        ...both('straight-leg-raise', deg(55, { felt: 'belly' })),
        ...both('knee-straighten-90', deg(40, { felt: 'belly' })),
      ],
      session: { minutes: 15, kit: [...EVERYTHING], next: 'rest' },
    }),
    expect: {
      within: [
        [['hamstring-length', 'left'], 2],
        [['hamstring-length', 'right'], 2],
      ],
      targets: [
        ['hamstring-length', 'left'],
        ['hamstring-length', 'right'],
      ],
      last: 'pattern',
    },
  },
  {
    name: 'with child, and the trunk is not held',
    file: caseOf({
      client: { flags: ['pregnancy'] },
      look: {
        faults: [
          seen('trunk-folds', { value: 46, unit: 'deg' }),
          seen('back-arches', { phase: 'start', value: 11, unit: 'deg' }),
        ],
      },
      probes: [{ probe: 'brace', outcome: 'better', fault: 'trunk-folds' }],
      checks: [
        { check: 'breath-low', result: 'no' },
        { check: 'double-leg-lift', result: 'lost' },
        ...both('ankle-bend-knee-bent', deg(40)),
      ],
    }),
    expect: {
      top: [
        ['trunk-hold', null],
        ['breath', null],
      ],
      families: ['reset', 'pattern'],
      unlikely: [['ankle-joint', 'left']],
      last: 'pattern',
    },
  },
  {
    name: 'a rear hip that stops is worked on where it is behind',
    file: caseOf({
      look: {
        pattern: 'lunge',
        setup: lunge('left'),
        faults: [seen('rear-hip-stops', { side: 'right' })],
      },
      checks: [
        ...both('hip-extend', deg(11), deg(-8, { felt: 'front' })),
        ...both('knee-bend', deg(141)),
      ],
    }),
    expect: {
      top: [['hip-extend', 'right']],
      unlikely: [
        ['quad-length', 'right'],
        ['hip-extend', 'left'],
        ['nerve-front', 'right'],
      ],
      targets: [['hip-extend', 'right']],
      families: ['joint', 'pattern'],
      last: 'pattern',
    },
  },
  {
    name: 'electric in front of the hip: the nerve in front is slid, nothing is held',
    file: caseOf({
      look: {
        pattern: 'split',
        setup: split('right'),
        faults: [seen('rear-hip-stops', { side: 'left' })],
        pain: [{ region: 'hip', side: 'left', phase: 'bottom', score: 3, kind: 'electric' }],
      },
      checks: [
        ...both('knee-bend', deg(115, { felt: 'line' }), deg(141)),
        ...both('hip-extend', deg(-2, { felt: 'line' }), deg(11)),
      ],
      session: { minutes: 15, kit: [...EVERYTHING], next: 'rest' },
    }),
    expect: {
      top: [['nerve-front', 'left']],
      targets: [['nerve-front', 'left']],
      families: ['nerve'],
      avoids: [['hold', 'left']],
    },
  },
  {
    name: 'on one leg the knee falls in over a hip that gives up',
    file: caseOf({
      look: {
        setup: { ...USUAL_SETUP, oneLeg: 'right' },
        faults: [seen('knee-in', { side: 'right', value: 13, unit: 'deg' })],
      },
      probes: [{ probe: 'knees-out-cue', outcome: 'same', fault: 'knee-in' }],
      checks: [
        ...both('one-leg-stand-bend', { result: 'steady' }, { result: 'collapses' }),
        ...both('side-hip-hold', seconds(44), seconds(14)),
      ],
    }),
    expect: {
      within: [[['hip-side-strength', 'right'], 2]],
      targets: [['hip-side-strength', 'right']],
      last: 'pattern',
    },
  },
  {
    name: 'a sharp knee of six: nothing strengthens it, what would spare it is tried first',
    file: caseOf({
      look: {
        faults: [seen('depth-short', { value: 15, unit: 'deg' }), { ...SLIDE, value: 25 }],
        pain: [{ region: 'knee', side: 'right', phase: 'bottom', score: 6, kind: 'sharp' }],
      },
    }),
    expect: {
      avoids: [
        ['ladder', null],
        ['strengthen', 'right'],
      ],
      next: [
        ['shorter', null],
        ['post', null],
      ],
    },
  },
  {
    name: 'three minutes are enough for the cause and the pattern',
    file: caseOf({
      look: { faults: [{ ...SLIDE, value: 32 }] },
      checks: both('ankle-bend-knee-bent', deg(40), deg(26, { felt: 'front' })),
      session: { minutes: 3, kit: [...EVERYTHING], next: 'training' },
    }),
    expect: {
      top: [['ankle-joint', 'right']],
      targets: [['ankle-joint', 'right']],
      last: 'pattern',
    },
  },
  {
    name: 'nothing in the room, and weak thighs under a bar',
    file: caseOf({
      look: {
        setup: { ...USUAL_SETUP, load: { at: 'back', kg: 60 } },
        faults: [seen('hips-rise-first', { phase: 'up', value: 14, unit: 'deg' })],
      },
      checks: [
        ...both('knee-extend-strength', { active: 2, unit: 'reps' }),
        ...both('bridge-hold', { ...seconds(35), felt: 'buttock' }),
        { check: 'double-leg-lift', result: 'holds' },
      ],
      session: { minutes: 15, kit: [], next: 'training' },
    }),
    expect: {
      top: [
        ['quad-strength', 'left'],
        ['quad-strength', 'right'],
      ],
      targets: [
        ['quad-strength', 'left'],
        ['quad-strength', 'right'],
      ],
      unlikely: [['trunk-hold', null]],
      last: 'pattern',
    },
  },
  {
    name: 'a repaired knee is guarded where nothing else is short or weak',
    file: caseOf({
      client: { history: [{ what: 'ligament', region: 'knee', side: 'right' }] },
      look: { faults: [{ ...SLIDE, value: 25 }] },
      checks: [
        ...both('ankle-bend-knee-bent', deg(41)),
        { check: 'knee-bend', side: 'right', ...deg(140) },
        { check: 'side-hip-hold', side: 'right', ...seconds(45) },
      ],
    }),
    expect: {
      top: [['knee-guard', 'right']],
      targets: [['knee-guard', 'right']],
      unlikely: [
        ['ankle-joint', 'right'],
        ['hip-side-strength', 'right'],
        ['knee-guard', 'left'],
      ],
    },
  },
  {
    name: 'a range that is there and cannot be used asks for own strength',
    file: caseOf({
      look: {
        faults: [
          seen('pelvis-tucks', { value: 10, unit: 'deg' }),
          seen('depth-short', { value: 14, unit: 'deg' }),
        ],
      },
      checks: [
        ...both('hip-bend', deg(124, { active: 89 })),
        ...both('ankle-bend-knee-bent', deg(41)),
      ],
    }),
    expect: {
      unlikely: [
        ['hip-bend', 'left'],
        ['ankle-joint', 'left'],
      ],
      families: ['active'],
      last: 'pattern',
    },
  },
  {
    name: 'deep in the calf, and the block is behind: held, not pushed',
    file: caseOf({
      look: {
        faults: [
          seen('shin-stays-upright', { side: 'right', value: 18, unit: 'deg' }),
          seen('depth-short', { value: 15, unit: 'deg' }),
        ],
      },
      checks: [
        ...both('ankle-bend-knee-bent', deg(40), deg(27, { felt: 'calf-deep' })),
        { check: 'ankle-bend-knee-straight', side: 'right', ...deg(21) },
        { check: 'ankle-front-block', side: 'right', result: 'back' },
      ],
      session: { minutes: 15, kit: [...EVERYTHING], next: 'rest' },
    }),
    expect: {
      top: [['calf-deep', 'right']],
      targets: [['calf-deep', 'right']],
      families: ['hold'],
      unlikely: [
        ['ankle-joint', 'right'],
        ['calf-deep', 'left'],
      ],
    },
  },
  {
    name: 'a knee that will never bend again is left alone',
    file: caseOf({
      client: { given: [{ cause: 'fixed-knee', side: 'left' }] },
      look: {
        pattern: 'split',
        setup: split('left'),
        faults: [seen('thigh-off-calf', { side: 'left' })],
      },
      checks: [{ check: 'hip-extend', side: 'right', ...deg(-7, { felt: 'front' }) }],
    }),
    expect: {
      top: [['hip-extend', 'right']],
      spares: [
        ['knee-bend', 'left'],
        ['knee-guard', 'left'],
      ],
      avoids: [['ladder', 'left']],
    },
  },
];
