import { QueryObserver } from '@tanstack/react-query';
import type { ChangeTold } from '@taxikine/core/records/wire/changeTold';
import { noRecords } from '@taxikine/core/records/noRecords';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { changeTaker } from '../src/data/changes/takeChanges';
import { createQueryClient, fileKey } from '../src/data/queryClient';

const look = (id: string, version: number) => ({ id, clientId: 'c', version });
const file = () =>
  ({
    ...noRecords(),
    client: { id: 'c', version: 1 },
    looks: [look('l', 3), look('m', 1)],
  }) as unknown as ClientFile;
const told = (part: Partial<ChangeTold> = {}): ChangeTold => ({
  client: 'c',
  kind: 'looks',
  id: 'l',
  version: 4,
  ...part,
});

/** A device that has a file, on a screen or not, and what it asks the server for. */
function device(shown: boolean) {
  const client = createQueryClient();
  client.setQueryData(fileKey('c'), file());
  const asked: string[] = [];
  global.fetch = (async (address: string) => {
    asked.push(address.replace('/api/v1', ''));
    return { ok: true, status: 200, json: async () => ({ record: look('l', 5) }) };
  }) as unknown as typeof fetch;
  const queryFn = async () => {
    asked.push('file');
    return file();
  };
  const leave = shown
    ? new QueryObserver(client, {
        queryKey: fileKey('c'),
        queryFn,
        refetchOnMount: false,
      }).subscribe(() => undefined)
    : () => undefined;
  const take = changeTaker(client);
  return { client, asked, take, leave };
}

let open: ReturnType<typeof device>;
afterEach(() => {
  open.leave();
  open.client.clear();
});

/** Takes what was told, and whatever follows from it. */
async function heard(shown: boolean, ...all: (ChangeTold | 'all')[]): Promise<string[]> {
  open = device(shown);
  for (const one of all) open.take(one);
  await new Promise((resolve) => setTimeout(resolve, 300));
  return open.asked;
}

it.each<[string, boolean, (ChangeTold | 'all')[], string[]]>([
  ['what this device wrote itself', true, [told({ version: 3 })], []],
  ['a newer version of one record', true, [told()], ['/looks/l']],
  ['the same record twice', true, [told(), told({ version: 5 })], ['/looks/l']],
  ['one that is new here', true, [told({ id: 'n', version: 1 })], ['/looks/n']],
  [
    'four records',
    true,
    'abcd'.split('').map((id) => told({ id })),
    'abcd'.split('').map((id) => `/looks/${id}`),
  ],
  ['five records', true, 'abcde'.split('').map((id) => told({ id })), ['file']],
  ['a word from home', true, [told({ kind: 'homeEntries', version: null })], ['file']],
  ['that the client is gone', true, [told({ kind: 'clients', id: 'c', version: null })], ['file']],
  ['that anything may have changed', true, ['all'], ['file']],
  ['another client’s record', true, [told({ client: 'd', id: 'x' })], []],
  ['a record of a file that is not shown', false, [told()], []],
  ['anything, with nothing shown', false, ['all'], []],
])('hears of %s', async (_name, shown, all, asked) => {
  expect(await heard(shown, ...all)).toEqual(asked);
});

it('a record that was fetched stands in the file', async () => {
  await heard(true, told());
  const { looks } = open.client.getQueryData<ClientFile>(fileKey('c'))!;
  expect(looks.map(({ id, version }) => [id, version])).toEqual([
    ['l', 5],
    ['m', 1],
  ]);
});

it('a file that is not shown is read anew when it is opened', async () => {
  await heard(false, told());
  expect(open.client.getQueryState(fileKey('c'))!.isInvalidated).toBe(true);
});
