import { QueryClientProvider } from '@tanstack/react-query';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { noRecords } from '@taxikine/core/records/noRecords';
import { renderHook } from '@testing-library/react';
import { createQueryClient, fileKey } from '../src/data/queryClient';
import { SESSION_KEY } from '../src/data/session';

/**
 * A hook on a device that holds a client's file, with a server that never answers. What it was given to show stays as it was,
 * as on a phone that does not draw anew between two taps.
 */
export function onDevice<T>(file: Partial<ClientFile>, hook: () => T) {
  const client = createQueryClient();
  client.setQueryData(SESSION_KEY, { coach: { id: 'coach' } });
  client.setQueryData(fileKey('c'), { ...noRecords(), client: { id: 'c', version: 1 }, ...file });
  global.fetch = async () => new Promise(() => undefined);
  const { result } = renderHook(hook, {
    wrapper: ({ children }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    ),
  });
  return { result, kept: () => client.getQueryData<ClientFile>(fileKey('c'))! };
}
