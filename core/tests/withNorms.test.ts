import type { NormEdit } from '../src/knowledge/norms';
import { withNorms } from '../src/reading/visit/withNorms';
import { NOTHING_TOLD } from '../src/records/clients/nothingTold';

const edit = (mean: number): NormEdit => ({ usual: [mean, 5], restricted: [mean - 20, 5], sem: 2 });
const file = (norms: object) =>
  ({ client: { ...NOTHING_TOLD, norms } }) as never as Parameters<typeof withNorms>[0];

it.each([
  [
    'what holds here goes before the table',
    {},
    { 'hip-bend': edit(110) },
    { 'hip-bend': edit(110) },
  ],
  [
    'a client’s own goes before it',
    { 'hip-bend': edit(100) },
    { 'hip-bend': edit(110) },
    { 'hip-bend': edit(100) },
  ],
  [
    'each check by itself',
    { 'hip-bend': edit(100) },
    { 'knee-bend': edit(130) },
    { 'hip-bend': edit(100), 'knee-bend': edit(130) },
  ],
])('%s', (_what, own, here, norms) => {
  const kept = file(own);
  expect(withNorms(kept, here).client.norms).toEqual(norms);
  expect(kept.client.norms).toEqual(own);
});

it('where nothing was decided the file is the same one', () => {
  const kept = file({});
  expect(withNorms(kept, {})).toBe(kept);
});
