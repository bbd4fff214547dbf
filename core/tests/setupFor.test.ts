import { PATTERNS, setupFor, USUAL_SETUP, usualSetup, type ClientFile, type Pattern } from '../src';

const visit = (id: string, pattern: Pattern) => ({ id, pattern });
const look = (visitId: string, stanceCm: number, startedOn: string) => ({
  visitId,
  startedOn,
  setup: { ...USUAL_SETUP, stanceCm },
});
const file = (setups: object = {}): ClientFile =>
  ({
    client: { heightM: 1.75, setups },
    visits: [visit('a', 'squat'), visit('b', 'hinge'), visit('c', 'squat')],
    looks: [look('a', 40, '2026-11-01'), look('c', 44, '2026-11-09'), look('b', 22, '2026-11-05')],
  }) as unknown as ClientFile;

it.each([
  ['saved for the pattern', file({ squat: { ...USUAL_SETUP, stanceCm: 50 } }), 'squat', null, 50],
  ['of the last look at it', file(), 'squat', null, 44],
  ['of the last look in another visit', file(), 'squat', 'c', 40],
  ['of its own pattern, not the newest of all', file(), 'hinge', null, 22],
  ['saved for another pattern does not count', file({ squat: USUAL_SETUP }), 'hinge', 'b', 26],
] as const)('a look begins with the set-up %s', (_, of, pattern, except, stanceCm) => {
  expect(setupFor(of, pattern, except).setup.stanceCm).toBe(stanceCm);
});

it.each([
  ['squat', true],
  ['split', false],
] as const)('says whether a %s is remembered', (pattern, remembered) => {
  expect(setupFor(file(), pattern, null).remembered).toBe(remembered);
});

it.each(PATTERNS)('a usual %s says which foot is in front only where one is', (pattern) => {
  const { front, stepCm } = usualSetup(pattern, 1.8);
  const isStep = pattern === 'lunge' || pattern === 'split';
  expect(front !== undefined && stepCm !== undefined).toBe(isStep);
});
