import type { Lesson } from '../src';
import { buildNodes } from '../src/inference/trace/buildNodes';
import { lessonFindings } from '../src/inference/trace/lessonFindings';
import { fileOf } from './fileMadeUp';

const nodes = buildNodes(fileOf().client);
const learned = (...lessons: Partial<Lesson>[]) =>
  lessonFindings(
    lessons.map((one) => ({
      cause: 'ankle-joint',
      side: 'right',
      outcome: 'helped',
      words: 'Earlier, ankle pump',
      ...one,
    })),
    nodes,
  );

it.each([
  ['helped', 3],
  ['unmoved', 0.6],
  ['not-it', 0.25],
] as const)('%s takes the odds of its cause times %f', (outcome, factor) =>
  expect(learned({ outcome })).toEqual([
    {
      id: 'lesson:ankle-joint:right',
      words: 'Earlier, ankle pump',
      ratio: Infinity,
      leak: 0,
      arrows: [],
      factors: [
        {
          node: nodes.findIndex(({ key }) => key === 'ankle-joint:right'),
          factor: expect.closeTo(factor, 12) as number,
        },
      ],
    },
  ]),
);

it('the last word on a cause speaks, and one on a cause without a side', () => {
  const [first, second, ...more] = learned(
    { words: 'old' },
    { words: 'new' },
    { cause: 'trunk-hold', side: undefined },
  );
  expect(more).toEqual([]);
  expect([first.words, first.id]).toEqual(['new', 'lesson:ankle-joint:right']);
  expect(second.id).toBe('lesson:trunk-hold:-');
});

it('what is not possible for this client, nothing is learned of', () =>
  expect(learned({ cause: 'fixed-ankle' })).toEqual([]));
