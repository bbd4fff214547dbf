import { USUAL_SETUP, type Pain } from '../src';
import { sparing } from '../src/planning/asking/sparing';
import { painAt } from './painAt';
import { fileOf } from './fileMadeUp';

const tries = (pain: Pain[], kg = 0) =>
  sparing(
    fileOf({
      look: {
        pain,
        setup: kg > 0 ? { ...USUAL_SETUP, load: { at: 'back', kg } } : USUAL_SETUP,
      },
    }).look,
  );

it.each<[string, Pain[], number, string[]]>([
  ['nothing hurts', [], 40, []],
  ['it hardly hurts', [painAt({ score: 2 })], 40, []],
  ['at the bottom', [painAt({ score: 3 })], 0, ['shorter', 'post']],
  ['under a weight', [painAt({ score: 3 })], 40, ['unloaded', 'shorter', 'post']],
  ['standing again', [painAt({ phase: 'finish' })], 0, ['post', 'shorter']],
  [
    'standing again, and on the way down',
    [painAt({ phase: 'finish' }), painAt({ phase: 'down', region: 'ankle' })],
    0,
    ['shorter', 'post'],
  ],
  [
    'standing again, and hardly at the bottom',
    [painAt({ phase: 'finish' }), painAt({ score: 1 })],
    0,
    ['post', 'shorter'],
  ],
  ['sharp, however little', [painAt({ score: 1, kind: 'sharp' })], 0, ['shorter', 'post']],
])('%s', (_name, pain, kg, probes) => expect(tries(pain, kg)).toEqual(probes));
