import {
  addDays,
  letterOf,
  linkDays,
  maybeReminder,
  MESSAGE_KINDS,
  NOTHING_HELD,
  NOTHING_TOLD,
  parse,
  RECORD_SCHEMAS,
  REFER_QUESTIONS,
  DRILLS,
  whyUnsent,
  type ClientFile,
  type ClientRecord,
  type MessageRecord,
  noRecords,
} from '../src';
import { newPlan } from './madeUp';

const CLIENT = '00000000-0000-4000-8000-000000000001';
const VISIT = '00000000-0000-4000-8000-000000000002';
const PLAN = '00000000-0000-4000-8000-000000000003';
const LETTER = '00000000-0000-4000-8000-000000000004';

const client: ClientRecord & { version: number } = {
  id: CLIENT,
  version: 1,
  name: 'Maren Osei-Talbot',
  about: 'stonemason',
  heightM: 1.72,
  massKg: 71,
  ...NOTHING_TOLD,
  consent: { on: '2026-03-01', wording: '2026-1', guardian: null },
  contact: { email: 'maren@quay.example', reminders: true },
};

/** A client whose only visit was on 1 March and who has no plan: a look is due on the 15th. */
const file = (part: Partial<ClientFile> = {}): ClientFile => ({
  ...noRecords(),
  client,
  visits: [
    {
      id: VISIT,
      version: 1,
      clientId: CLIENT,
      pattern: 'squat',
      openedOn: '2026-03-01T10:00:00.000Z',
      closedOn: '2026-03-01T11:00:00.000Z',
      step: 'verdict',
      asks: [{ on: '2026-03-01T10:00:00.000Z', positives: [] }],
      minutes: 12,
      next: 'rest',
      ...NOTHING_HELD,
    },
  ],
  ...part,
});

const message = (part: Partial<MessageRecord> = {}): MessageRecord & { version: number } => ({
  id: LETTER,
  version: 1,
  clientId: CLIENT,
  kind: 'review-due',
  planId: null,
  dueOn: '2026-03-15',
  askedOn: '2026-03-13T07:07:00.000Z',
  askedBy: null,
  delivery: null,
  ...part,
});

const refer = (positives: string[]): Partial<ClientFile> => {
  const [visit] = file().visits;
  const asks = [{ on: visit.openedOn, positives }] as typeof visit.asks;
  return { visits: [{ ...visit, asks }] };
};

describe('a reminder', () => {
  it.each([
    ['three days before', '2026-03-12', null],
    ['two days before', '2026-03-13', '2026-03-15'],
    ['on the day', '2026-03-15', '2026-03-15'],
    ['a week after', '2026-03-22', '2026-03-15'],
    ['eight days after', '2026-03-23', null],
  ])('%s', (_when, today, dueOn) => {
    expect(maybeReminder(file(), today)).toBe(dueOn);
  });

  it.each([
    ['this look was told already, however long ago', { askedOn: '2026-01-01T00:00:00.000Z' }, null],
    [
      'another look was told a week ago',
      { dueOn: '2026-03-01', askedOn: '2026-03-06T08:00:00.000Z' },
      '2026-03-15',
    ],
    [
      'another look was told six days ago',
      { dueOn: '2026-03-01', askedOn: '2026-03-07T08:00:00.000Z' },
      null,
    ],
    [
      'a plan was told yesterday',
      { kind: 'plan-ready', planId: PLAN, dueOn: null, askedOn: '2026-03-12T08:00:00.000Z' },
      '2026-03-15',
    ],
  ] as const)('when %s', (_when, part, dueOn) => {
    expect(maybeReminder(file({ messages: [message(part)] }), '2026-03-13')).toBe(dueOn);
  });

  it.each([
    ['did not ask for it', { contact: { email: 'a@b.example', reminders: false } }],
    ['has no address', { contact: null }],
    ['took consent back', { consent: null }],
  ])('none for who %s', (_who, part) => {
    expect(maybeReminder(file({ client: { ...client, ...part } }), '2026-03-14')).toBeNull();
  });

  it.each(REFER_QUESTIONS.map(({ id }) => id))(
    'none while %s waits for a clinician',
    (question) => {
      expect(maybeReminder(file(refer([question])), '2026-03-14')).toBeNull();
    },
  );

  it('none while the last visit is open', () => {
    const [visit] = file().visits;
    expect(
      maybeReminder(file({ visits: [{ ...visit, closedOn: null }] }), '2026-03-14'),
    ).toBeNull();
  });
});

describe('whether a letter may go out', () => {
  const plan = {
    ...newPlan({ id: VISIT, clientId: CLIENT }, { id: PLAN, startsOn: '2026-03-02' }),
    version: 1,
  };
  const ready = { kind: 'plan-ready', planId: PLAN, dueOn: null } as const;
  const withPlan = (part: Partial<ClientFile> = {}) => file({ homePlans: [plan], ...part });

  it.each([
    ['may', withPlan(), ready, null],
    ['has no address', withPlan({ client: { ...client, contact: null } }), ready, 'no-address'],
    ['has no consent', withPlan({ client: { ...client, consent: null } }), ready, 'no-consent'],
    ['is held back', withPlan(refer(['fever'])), ready, 'held-back'],
    ['has no plan', file(), ready, 'no-plan'],
    ['has another plan', withPlan({ homePlans: [{ ...plan, id: VISIT }] }), ready, 'no-plan'],
    [
      'has ended it',
      withPlan({ homePlans: [{ ...plan, endedOn: '2026-03-03T00:00:00.000Z' }] }),
      ready,
      'no-plan',
    ],
    ['is due', file(), { kind: 'review-due', planId: null, dueOn: '2026-03-15' }, null],
    [
      'is due on another day',
      file(),
      { kind: 'review-due', planId: null, dueOn: '2026-03-16' },
      'not-due',
    ],
  ] as const)('%s', (_what, of, about, why) => {
    expect(whyUnsent(of as ClientFile, about)).toBe(why);
  });
});

describe('what a letter says', () => {
  const facts = {
    client,
    practice: 'Saltreach Movement Room',
    link: 'https://rooms.example/home#t',
    dueOn: '2026-03-15',
  };

  it.each(MESSAGE_KINDS)('%s: by the first name, from the practice', (kind) => {
    const { subject, text } = letterOf(kind, facts);
    expect(subject.length).toBeLessThan(60);
    expect(text).toMatch(/^Hello Maren,\n/);
    expect(text.trim().endsWith('Saltreach Movement Room')).toBe(true);
  });

  it.each(MESSAGE_KINDS)('%s: nothing that could be read off a body', (kind) => {
    const { subject, text } = letterOf(kind, facts);
    const names = DRILLS.map(({ name }) => name.toLowerCase());
    const said = `${subject} ${text}`.toLowerCase();
    expect(names.filter((name) => said.includes(name))).toEqual([]);
    expect(said).not.toMatch(/stonemason|squat|hinge|lunge|diagnos|osei/);
  });

  it('the link in the one, the day in the other', () => {
    expect(letterOf('plan-ready', facts).text).toContain('\nhttps://rooms.example/home#t\n');
    expect(letterOf('review-due', facts).text).toContain('due on 15 March.');
    expect(letterOf('review-due', facts).text).not.toContain('http');
  });

  it.each([
    [4, 42],
    [12, 98],
  ])('a link to %d weeks holds %d days', (weeks, days) => {
    expect(linkDays(weeks)).toBe(days);
  });
});

describe('a letter as it is written', () => {
  const { version: _, ...record } = message();
  const problemsOf = (part: object) => {
    const read = parse(RECORD_SCHEMAS.messages, { ...record, ...part });
    return read.status === 'ok' ? [] : read.problems.map(({ path }) => path);
  };
  const sent = { state: 'sent', on: '2026-03-13T07:08:00.000Z', to: 'maren@quay.example' };

  it.each([
    ['as it is', {}, []],
    ['sent', { delivery: sent }, []],
    [
      'failed',
      { delivery: { ...sent, state: 'failed', to: null, why: 'refused', said: 'no' } },
      [],
    ],
    [
      'failed for no known reason',
      { delivery: { ...sent, state: 'failed', why: 'rain', said: null } },
      ['delivery.why'],
    ],
    ['a look with a plan', { planId: PLAN }, ['planId']],
    ['a look without a day', { dueOn: null }, ['dueOn']],
    ['a day that is none', { dueOn: '2026-02-30' }, ['dueOn']],
    ['a plan with a day', { kind: 'plan-ready', planId: PLAN }, ['dueOn']],
    ['a plan without one', { kind: 'plan-ready', dueOn: null }, ['planId']],
    ['another kind', { kind: 'chat', dueOn: null }, ['kind']],
  ] as const)('%s', (_what, part, paths) => {
    expect(problemsOf(part)).toEqual(paths);
  });
});

describe('how a client is written to', () => {
  const { version: _, ...record } = client;
  const problemsOf = (contact: unknown) => {
    const read = parse(RECORD_SCHEMAS.clients, { ...record, contact });
    return read.status === 'ok' ? [] : read.problems.map(({ path }) => path);
  };

  it.each([
    ['nobody asked', null, []],
    ['an address', { email: 'a.b+c@d-e.example', reminders: false }, []],
    ['an address without a place', { email: 'maren', reminders: false }, ['contact.email']],
    ['two addresses', { email: 'a@b.example, c@d.example', reminders: true }, ['contact.email']],
    ['a line more', { email: 'a@b.example\nBcc: c@d.example', reminders: true }, ['contact.email']],
    ['no word on reminders', { email: 'a@b.example' }, ['contact.reminders']],
  ])('%s', (_what, contact, paths) => {
    expect(problemsOf(contact)).toEqual(paths);
  });

  it('a client of before there were letters has no address', () => {
    const { contact: _contact, ...older } = record;
    const read = parse<ClientRecord>(RECORD_SCHEMAS.clients, older);
    expect(read).toMatchObject({ status: 'ok', value: { contact: null } });
  });
});

it('a review of a course is reminded of as a fortnight is', () => {
  const plan = {
    ...newPlan({ id: VISIT, clientId: CLIENT }, { id: PLAN, startsOn: '2026-03-02' }),
    version: 1,
  };
  const due = [...Array(40).keys()]
    .map((i) => addDays('2026-03-02', i))
    .map((day) => maybeReminder(file({ homePlans: [plan] }), day))
    .find((day) => day);
  expect(due).toBe('2026-03-16');
});
