import { QueryClientProvider, type QueryClient } from '@tanstack/react-query';
import { noRecords } from '@taxikine/core/records/noRecords';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { renderHook, waitFor } from '@testing-library/react';
import { createQueryClient, fileKey } from '../src/data/queryClient';
import { useFile } from '../src/data/useFile';

jest.mock('idb-keyval', () => ({
  get: async () => undefined,
  set: async () => undefined,
  del: async () => undefined,
}));

const file = (name: string) =>
  ({ ...noRecords(), client: { id: 'c', name, version: 1 } }) as unknown as ClientFile;

/** A device with a client on its screen, whose server says that there is nobody of that name. */
async function askedInVain(had: ClientFile & { tag?: string }): Promise<QueryClient> {
  const client = createQueryClient();
  client.setQueryData(fileKey('c'), had);
  const body = { code: 'no-such-client', message: 'There is no such client.' };
  global.fetch = (async () => ({
    ok: false,
    status: 404,
    json: async () => body,
  })) as unknown as typeof fetch;
  const { result } = renderHook(() => useFile('c'), {
    wrapper: ({ children }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    ),
  });
  await waitFor(() => expect(result.current.isError).toBe(true));
  return client;
}

const nameHad = (client: QueryClient) =>
  client.getQueryData<ClientFile>(fileKey('c'))?.client.name ?? null;

// The question set out before the writes that made the client, and was answered after they were taken.
it('a client made here stays, though the server did not know of them when it was asked', async () => {
  expect(nameHad(await askedInVain(file('Made Here')))).toBe('Made Here');
});

it('one whom the server had told of, and has no more, is let go of', async () => {
  expect(nameHad(await askedInVain({ ...file('Erased'), tag: '"1"' }))).toBeNull();
});
