import { clientTrends } from '@taxikine/core/reading/trends/clientTrends';
import { noRecords } from '@taxikine/core/records/noRecords';
import { NOTHING_MEASURED } from '@taxikine/core/records/checks/nothingMeasured';
import { NOTHING_TOLD } from '@taxikine/core/records/clients/nothingTold';
import type { CheckRecord } from '@taxikine/core/records/checks/checkRecord';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { sideSentences } from '../src/client/trend/checkWords';
import '../src/words/coachWords';
import { catalogue } from '../src/words/i18n';

const t = (key: string, values?: Record<string, unknown>): string =>
  catalogue.t(key, values) as string;

type Read = readonly [date: string, before: number, after?: number];

/** An ankle, before and after the work of each day. */
function told(reads: readonly Read[]): string[] {
  const reading = (date: string, role: CheckRecord['role'], passive: number) => ({
    ...NOTHING_MEASURED,
    version: 1,
    id: `${date}${role}`,
    clientId: 'c',
    visitId: date,
    role,
    check: 'ankle-bend-knee-bent' as const,
    side: 'right' as const,
    passive,
    doneOn: `2026-${date}T12:00:00.000Z`,
    removed: false,
  });
  const client = { id: 'c', version: 1, name: 'A', about: '', heightM: 1.75, massKg: 75 };
  const checks = reads.flatMap(([date, before, after]) => [
    reading(date, 'first', before),
    ...(after === undefined ? [] : [reading(date, 'again', after)]),
  ]);
  const file: ClientFile = { ...noRecords(), client: { ...NOTHING_TOLD, ...client }, checks };
  const [{ series, sides }] = clientTrends(file).checks;
  return sideSentences(series, sides[0], t).filter((one) => one.includes('won'));
}

it('a gain that can be told is told by itself', () => {
  expect(
    told([
      ['03-01', 15, 35],
      ['03-08', 30],
    ]),
  ).toEqual([expect.stringMatching(/^Of what 1 Mar won, 75 % was there 7 days later/)]);
});

it('days of which nothing can be said are told together', () => {
  expect(
    told([
      ['03-01', 20, 26],
      ['03-08', 23, 29],
      ['03-15', 23, 23],
      ['03-22', 23, 23],
      ['03-29', 23],
    ]),
  ).toEqual([
    'How much of what 1 Mar and 8 Mar won was kept is within measuring error.',
    'What 15 Mar and 22 Mar won was no more than measuring error.',
  ]);
});
