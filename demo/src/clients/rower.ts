import type { DemoCheck, DemoClient, DemoClimb, DemoVisit } from '../builder';

const gauge = (left: number, right: number): DemoCheck[] => [
  { check: 'floor-sit-turn', side: 'left', active: left },
  { check: 'floor-sit-turn', side: 'right', active: right },
];

const climb = (side: 'left' | 'right', rung: string, more: Partial<DemoClimb> = {}): DemoClimb => ({
  ladder: 'front-foot-high-split',
  side,
  rung,
  ...more,
});

/** Past this the rear hip does not stop the split squat. */
const FREE_DEG = 2;

interface Week {
  daysAgo: number;
  /** Rear hip, degrees past the trunk, before and after the work. */
  hip: [before: number, after: number];
  gauge: [left: number, right: number];
  climbs: DemoClimb[];
}

/** One of the weeks before: the hip measured, worked on and looked at again, and a rung of the ladder. */
const week = ({ daysAgo, hip: [before, after], gauge: read, climbs }: Week): DemoVisit => ({
  pattern: 'split',
  daysAgo,
  faults: [
    {
      fault: 'rear-hip-stops',
      side: 'right',
      phase: 'bottom',
      grade: before < -4 ? 'marked' : 'plain',
      value: FREE_DEG - before,
      unit: 'deg',
    },
  ],
  clear: ['knee-in', 'knee-wobbles', 'back-arches'],
  rating: 'medium',
  checks: [
    { check: 'hip-extend', side: 'right', passive: before, felt: 'front' },
    { check: 'hip-extend', side: 'left', passive: 7 },
    ...gauge(...read),
  ],
  step: 'verdict',
  climbs,
  again: {
    ...(after >= FREE_DEG
      ? { faults: [], clear: ['rear-hip-stops@right'] }
      : {
          faults: [
            {
              fault: 'rear-hip-stops',
              side: 'right',
              phase: 'bottom',
              grade: 'slight',
              value: FREE_DEG - after,
              unit: 'deg',
            },
          ],
        }),
    rating: 'easy',
    checks: [{ check: 'hip-extend', side: 'right', passive: after }],
  },
});

/**
 * Sits and pulls for a living: the rear hip does not go behind in a split squat. Three weeks of gain, then
 * a training camp that took it away again. Climbs the split squat, the right side a rung behind.
 */
export const rower: DemoClient = {
  key: 'rower',
  client: {
    name: 'Linnea Castell',
    about: 'rows in a coxless four, bow side',
    heightM: 1.83,
    goal: 'long in the catch on both sides',
    approach: 'strength-through-range',
    footwear: 'flat',
    home: { kit: ['band', 'weight', 'mat'], minutes: 20, days: ['tue', 'thu', 'sun'] },
    // The simulated mail service knows nobody there: what a refused letter looks like.
    contact: { email: 'linnea@nobody.example', reminders: true },
    massKg: 79,
    history: [{ what: 'sitting' }, { what: 'one-sided-habit', region: 'hip', side: 'right' }],
  },
  visits: [
    week({
      daysAgo: 44,
      hip: [-9, 0],
      gauge: [43, 38],
      climbs: [
        climb('left', 'knee-high-hands'),
        climb('right', 'knee-high-hands', { missed: ['thigh-on-calf'] }),
      ],
    }),
    week({
      daysAgo: 37,
      hip: [-4, 5],
      gauge: [41, 37],
      climbs: [climb('left', 'half-high-hands'), climb('right', 'knee-high-hands')],
    }),
    week({
      daysAgo: 30,
      hip: [-1, 8],
      gauge: [42, 39],
      climbs: [
        climb('left', 'hand-width-hands'),
        climb('right', 'half-high-hands', { missed: ['back-leg-long'] }),
      ],
    }),
    {
      pattern: 'split',
      daysAgo: 9,
      faults: [
        {
          fault: 'rear-hip-stops',
          side: 'right',
          phase: 'bottom',
          grade: 'plain',
          value: 6,
          unit: 'deg',
        },
        { fault: 'back-arches', phase: 'down', grade: 'slight' },
      ],
      clear: ['knee-in', 'knee-wobbles'],
      rating: 'medium',
      checks: [
        { check: 'hip-extend', side: 'right', passive: -5, felt: 'front' },
        { check: 'hip-extend', side: 'left', passive: 7 },
        { check: 'knee-bend', side: 'right', passive: 139 },
      ],
      step: 'work',
      drillsDone: 0,
    },
  ],
  home: {
    letter: true,
    startedDaysAgo: 15,
    minutes: 8,
    trainings: [
      { day: 'mon', at: '07:00', minutes: 90 },
      { day: 'thu', at: '07:00', minutes: 90 },
    ],
    done: 0.85,
    silent: 0.05,
    worseMorning: { daysAgo: 0 },
  },
};
