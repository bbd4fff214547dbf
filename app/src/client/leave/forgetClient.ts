import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { QueryClient } from '@tanstack/react-query';
import { CLIENTS_KEY, fileKey, WRITE_KEY } from '../../data/queryClient';
import { troubles } from '../../data/troubles';
import type { Write } from '../../data/writes';
import { forgetThings } from '../../data/forgetThings';

/** What this device holds of a client who was erased: unsent writes, the file, pictures, recordings. */
export async function forgetClient(client: QueryClient, file: ClientFile): Promise<void> {
  const { id } = file.client;
  const isTheirs = (write: Write) => write.clientId === id;
  for (const mutation of client.getMutationCache().findAll({ mutationKey: WRITE_KEY }))
    if (isTheirs(mutation.state.variables as Write)) client.getMutationCache().remove(mutation);
  troubles.set((all) => all.filter(({ write }) => !isTheirs(write)));
  await forgetThings(file);
  client.removeQueries({ queryKey: fileKey(id) });
  await client.invalidateQueries({ queryKey: CLIENTS_KEY });
}
