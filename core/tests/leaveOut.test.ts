import { leavableFindings, type CaseFile } from '../src';
import { fileOf } from './fileMadeUp';

const wordsIn = (part: Parameters<typeof fileOf>[0]) =>
  leavableFindings(fileOf(part)).map(({ key, words }) => [key, words]);
const pain = (part: Partial<CaseFile['look']['pain'][number]>) =>
  ({ region: 'knee', side: 'left', phase: 'bottom', score: 4, kind: 'ache', ...part }) as const;

it('a pain by its place in the list; one that says nothing cannot be left out', () =>
  expect(wordsIn({ look: { pain: [pain({ score: 0 }), pain({})] } })).toEqual([
    ['pain:1', 'ache, left knee, 4 of 10'],
  ]));

it('a probe once, however often it was judged, with what its own outcome says', () =>
  expect(
    wordsIn({
      probes: [
        { probe: 'heels-up', outcome: 'better', fault: 'hips-slide' },
        { probe: 'heels-up', outcome: 'same', fault: 'tips-back' },
        { probe: 'post', outcome: 'same', fault: 'tips-back' },
      ],
    }),
  ).toEqual([
    ['probe:heels-up', 'Heels up: better'],
    ['probe:post', 'Hand on a post: same'],
  ]));

it('what says nothing has its name all the same', () =>
  expect(
    wordsIn({
      probes: [{ probe: 'arms-up', outcome: 'same', fault: 'hips-slide' }],
      checks: [
        { check: 'hip-bend', side: 'left' },
        { check: 'double-leg-lift', result: 'holds' },
      ],
    }),
  ).toEqual([
    ['probe:arms-up', expect.stringMatching(/: same/)],
    ['check:hip-bend@left', 'Hip bend'],
    ['check:double-leg-lift', expect.stringMatching(/.+: .+/)],
  ]));
