import { notifyManager, QueryObserver } from '@tanstack/react-query';
import { createQueryClient, fileKey } from '../src/data/queryClient';

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
