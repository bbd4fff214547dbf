import { notifyManager, QueryObserver } from '@tanstack/react-query';
import { noRecords } from '@taxikine/core/records/noRecords';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { layPendingOver } from '../src/data/layPendingOver';
import { createQueryClient, fileKey, WRITE_KEY } from '../src/data/queryClient';
import { recordIn, type Write } from '../src/data/writes';

describe('what a screen hears of a write', () => {
  it('is heard before any other event can come', async () => {
    const client = createQueryClient();
    const heard: unknown[] = [];
    const observer = new QueryObserver(client, { queryKey: fileKey('one'), enabled: false });
    const leave = observer.subscribe(
      // As the hook of a screen subscribes.
      notifyManager.batchCalls((result: { data: unknown }) => heard.push(result.data)),
    );
    const order: string[] = [];
    setTimeout(() => order.push(`next event, heard ${heard.length}`), 0);
    client.setQueryData(fileKey('one'), 'written');
    await new Promise((resolve) => setTimeout(resolve, 5));
    expect(order).toEqual(['next event, heard 1']);
    leave();
    client.clear();
  });
});

describe('what a closed tab had not sent yet', () => {
  const file = (rating: string, version: number) =>
    ({
      ...noRecords(),
      client: { id: 'c', version: 1 },
      looks: [{ id: 'l', clientId: 'c', rating, version }],
    }) as unknown as ClientFile;

  /** A write that waits, as the outbox brings it back. */
  function waiting(rating: string, version: number) {
    const client = createQueryClient();
    const record = { id: 'l', clientId: 'c', rating } as unknown as Write['record'];
    const write: Write = {
      coachId: 'k',
      writeId: 'w',
      kind: 'looks',
      clientId: 'c',
      version,
      record,
    };
    client
      .getMutationCache()
      .build(client, { mutationKey: WRITE_KEY }, { ...PAUSED, variables: write });
    return client;
  }
  const PAUSED = {
    context: undefined,
    data: undefined,
    error: null,
    failureCount: 0,
    failureReason: null,
    isPaused: true,
    status: 'pending' as const,
    submittedAt: 0,
  };

  it.each([
    ['older answers are brought up to it', file('easy', 1), 1, 'hard', 2],
    ['answers that have it already stay', file('medium', 3), 1, 'medium', 3],
  ])('%s', (_name, kept, version, rating, now) => {
    const client = waiting('hard', version);
    client.setQueryData(fileKey('c'), kept);
    layPendingOver(client);
    expect(recordIn(client.getQueryData(fileKey('c')), 'looks', 'l')).toMatchObject({
      rating,
      version: now,
    });
    client.clear();
  });

  it('without any answers kept there is nothing to lay it over', () => {
    const client = waiting('hard', 1);
    layPendingOver(client);
    expect(client.getQueryData(fileKey('c'))).toBeUndefined();
    client.clear();
  });
});
