import { DEEDS, type Deed, type DeedShown } from '@taxikine/core/records/wire/audit';
import { deedWords } from '../src/practice/deeds/deedWords';
import '../src/words/houseWords';
import { catalogue } from '../src/words/i18n';

const t = (key: string, values?: Record<string, unknown>): string =>
  catalogue.t(key, values) as string;

const done = (deed: Deed, part: Partial<DeedShown> = {}): DeedShown => ({
  id: '00000000-0000-4000-8000-000000000001',
  on: '2026-11-30T10:00:00.000Z',
  deed,
  by: 'Ilse',
  to: null,
  name: null,
  detail: '',
  ...part,
});

it.each(DEEDS)('%s has words of its own', (deed) => {
  const detail = deed === 'role-changed' ? 'owner' : '';
  const words = deedWords(done(deed, { to: 'x', name: 'Maren', detail }), t);
  expect(words).not.toMatch(/deeds\.|\{\{|undefined|^$/);
});

it.each([
  ['a device', done('signed-in', { detail: 'Firefox, Linux' }), 'signed in: Firefox, Linux'],
  ['no device', done('signed-in'), 'signed in'],
  [
    'a role',
    done('role-changed', { to: 'x', name: 'Tobiah', detail: 'coach' }),
    'made Tobiah a coach',
  ],
  [
    'no code, by an owner',
    done('factor-off', { to: 'x', name: 'Tobiah' }),
    'let Tobiah in without a code again',
  ],
  [
    'somebody who is gone',
    done('erased', { to: '1234567890' }),
    'erased somebody who is gone (12345678…)',
  ],
])('%s is said', (_name, one, words) => expect(deedWords(one, t)).toBe(words));
