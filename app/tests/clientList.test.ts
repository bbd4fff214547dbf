import type { ClientLine } from '@taxikine/core/reading/today/clientLine';
import { NOTHING_TOLD } from '@taxikine/core/records/clients/nothingTold';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { Versioned } from '@taxikine/core/records/versioned';
import { withPendingClients } from '../src/today/useClientList';

const client = (id: string, name: string): Versioned<ClientRecord> => ({
  ...NOTHING_TOLD,
  id,
  version: 1,
  name,
  about: '',
  heightM: 1.7,
  massKg: 70,
});
const line = (id: string, name: string): ClientLine => ({
  client: client(id, name),
  visits: 3,
  lastVisitOn: null,
  lastLook: null,
  lastPattern: null,
  looseEnd: null,
  reports: [],
  due: null,
  week: null,
});
const names = (lines: readonly ClientLine[]) => lines.map((one) => one.client.name);

it.each([
  ['nothing waits', [], ['Ada', 'Bea']],
  ['a new client stands first, where it is seen', [client('c', 'Cora')], ['Cora', 'Ada', 'Bea']],
  ['a changed one stays in its place', [client('b', 'Bea Lund')], ['Ada', 'Bea Lund']],
  ['changed twice, the last counts', [client('b', 'B1'), client('b', 'B2')], ['Ada', 'B2']],
  ['made and changed, there is one', [client('c', 'C1'), client('c', 'C2')], ['C2', 'Ada', 'Bea']],
])('%s', (_name, pending, shown) => {
  expect(names(withPendingClients([line('a', 'Ada'), line('b', 'Bea')], pending))).toEqual(shown);
});

it('what the server knows of a changed client stays', () => {
  const [, changed] = withPendingClients([line('a', 'Ada'), line('b', 'Bea')], [client('b', 'B')]);
  expect(changed.visits).toBe(3);
});
