import { UNSENT, type MessageRecord } from '@taxikine/core/records/messages/messageRecord';
import { letterWords } from '../src/letters/letterWords';
import '../src/words/coachWords';
import { catalogue } from '../src/words/i18n';

const t = (key: string, values?: Record<string, unknown>): string =>
  catalogue.t(key, values) as string;

const letter = (delivery: MessageRecord['delivery']): MessageRecord => ({
  id: '00000000-0000-4000-8000-000000000001',
  clientId: '00000000-0000-4000-8000-000000000002',
  kind: 'review-due',
  planId: null,
  dueOn: '2026-12-07',
  askedOn: '2020-02-03T10:00:00.000Z',
  askedBy: null,
  delivery,
});

const at = { on: '2020-02-04T10:00:00.000Z', to: 'maren@quay.example' };

it.each([
  ['waits', null, /^waiting to go out, since 3 Feb 2020/],
  ['went', { state: 'sent', ...at }, /^sent 4 Feb 2020, .* to maren@quay\.example$/],
  [
    'was refused, in the words of the service',
    { state: 'failed', ...at, why: 'refused', said: 'mailbox unknown' },
    /^not sent: the mail service refused the address \(mailbox unknown\)$/,
  ],
  [
    'was held back',
    { state: 'failed', ...at, to: null, why: 'held-back', said: null },
    /^not sent: a clinician has to clear this client first; speak with them yourself$/,
  ],
] as const)('a letter that %s', (_what, delivery, words) => {
  expect(letterWords(letter(delivery), t)).toMatch(words);
});

it.each(UNSENT)('%s has words of its own', (why) => {
  const words = letterWords(letter({ state: 'failed', ...at, why, said: null }), t);
  expect(words).not.toContain('outbox.');
});
