import { oneDrill } from '@taxikine/core/knowledge/drills';
import type { CriterionId } from '@taxikine/core/knowledge/ladders/criteria';
import { NOTHING_DONE } from '@taxikine/core/records/drills/nothingDone';
import { NOTHING_TOLD } from '@taxikine/core/records/clients/nothingTold';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { maybeRungWords } from '../src/visit/ladder/rungWords';
import { maybeVerdictWords } from '../src/visit/ladder/verdictWords';
import { weightWords } from '../src/visit/ladder/weightWords';
import '../src/words/coachWords';
import { catalogue } from '../src/words/i18n';

const t = catalogue.t.bind(catalogue) as never;
const ALL: CriterionId[] = [
  'pain-free',
  'thigh-on-calf',
  'tall-trunk',
  'back-leg-long',
  'heel-stays',
];
const { dose } = oneDrill('front-foot-high-split');

const drill = (rung: string, met: CriterionId[] | null, part: Partial<DrillRecord> = {}) =>
  ({
    ...NOTHING_DONE,
    id: 'd',
    clientId: 'c',
    visitId: 'v',
    drill: 'front-foot-high-split',
    side: 'left',
    targets: [],
    place: 0,
    dose,
    status: 'done',
    log: Array.from({ length: dose.sets }, () => ({ workedS: 30, form: 'usual', on: '' })),
    rung: { rung, kg: null, met },
    doneOn: '2026-11-20T09:00:00.000Z',
    ...part,
  }) as DrillRecord;

const fileOf = (drills: DrillRecord[]) =>
  ({ client: { ...NOTHING_TOLD, given: [] }, drills }) as unknown as ClientFile;

it.each([
  ['knee-high-hands', ALL, {}, 'Passed: next time “Foot half as high, hands help”.'],
  ['half-high-hands', ALL, {}, 'Passed. It waits for the other side before going on.'],
  ['heel-down', ALL.slice(0, 4), {}, 'Stay on it: heel comes up.'],
  ['heel-down', ALL, { log: [] }, 'Stay on it: not all sets were done.'],
  ['heel-down', ALL, { pain: 4 }, 'A rung back: pain.'],
  ['knee-high-hands', ALL, { pain: 4 }, 'Stay at the bottom: pain.'],
  ['chest-25', ALL, {}, 'Passed: this is the top of the ladder.'],
] as const)('%s: %p and %p say: %s', (rung, met, part, words) => {
  const one = drill(rung, [...met], part as unknown as Partial<DrillRecord>);
  expect(maybeVerdictWords(one, fileOf([one]), t)).toBe(words);
});

it('says nothing before it is judged', () => {
  const one = drill('heel-down', null);
  expect(maybeVerdictWords(one, fileOf([one]), t)).toBeNull();
});

it('names the rung, and the weight on it', () => {
  expect(
    maybeRungWords(drill('sides-5', null, { rung: { rung: 'sides-5', kg: 4, met: null } }), t),
  ).toBe('Rung 8 of 11: Light weights at the sides, 4 kg');
  expect(maybeRungWords({ drill: 'tall-march', rung: null }, t)).toBeNull();
});

it.each([
  [{ status: 'nothing-there', wantedKg: 4 }, /asks for 4\u00a0kg. Say what weights/],
  [
    { status: 'too-heavy', wantedKg: 3.2, lightestKg: 4 },
    /asks for 3.2\u00a0kg .* weighs 4\u00a0kg/,
  ],
  [
    { status: 'found', wantedKg: 4, kg: 4, percent: 5.12, of: 'dumbbell of 4 kg' },
    '4\u00a0kg in each hand (5.1 % of the body each; dumbbell of 4 kg)',
  ],
] as const)('a weight: %p', (kg, words) => {
  expect(weightWords({ as: 'carried', percentPerHand: 5 }, kg, t)).toMatch(words);
});
