import { QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { createQueryClient, pendingWrites } from '../src/data/queryClient';
import { remember } from '../src/data/session';
import { troubles, type Trouble } from '../src/data/troubles';
import { TroubleSheet } from '../src/shell/TroubleSheet';
import { show } from './show';

jest.mock('idb-keyval', () => ({ get: async () => undefined, set: async () => undefined }));

const trouble = (kind: 'clients' | 'visits', id: string): Trouble => ({
  write: {
    writeId: `write of ${id}`,
    coachId: 'ilse',
    kind,
    clientId: 'c',
    version: 1,
    record: { id, clientId: 'c' } as never,
  },
  message: 'Something went wrong.',
  theirs: null,
  setAside: true,
});

function open() {
  const client = createQueryClient();
  remember({ coach: { id: 'ilse' }, practice: {} } as never);
  troubles.set([trouble('clients', 'c'), trouble('visits', 'v')]);
  show(
    <QueryClientProvider client={client}>
      <TroubleSheet />
    </QueryClientProvider>,
  );
  return client;
}

const press = (name: string) =>
  act(async () => fireEvent.click(screen.getByRole('button', { name })));

it('what was set aside is sent again as it was, and in its order', async () => {
  const sent: string[] = [];
  global.fetch = jest.fn(async (_url: string, { body }: RequestInit) => {
    const { writeId, record } = JSON.parse(String(body));
    sent.push(writeId);
    return { ok: true, status: 200, json: async () => ({ record: { ...record, version: 2 } }) };
  }) as never;
  const client = open();
  expect(screen.getByText('client, visit')).toBeTruthy();
  expect(pendingWrites(client)).toHaveLength(2);
  await press('Send them again');
  await waitFor(() => expect(sent).toEqual(['write of c', 'write of v']));
  await waitFor(() => expect(pendingWrites(client)).toEqual([]));
  expect(troubles.get()).toEqual([]);
});

it('later, it is in nobody’s way and still kept', async () => {
  const client = open();
  await press('Later');
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(pendingWrites(client)).toHaveLength(2);
});

it('all of it can be let go', async () => {
  open();
  await press('Let it go');
  expect(troubles.get()).toEqual([]);
});
