import type { QueryClient } from '@tanstack/react-query';
import { fileKey, pendingWrites } from './queryClient';
import { versionIn, withRecord, type KeptFile } from './writes';

/**
 * Puts what is still to be sent into what was kept of the server's answers: a tab that is closed right
 * after a tap keeps the write at once and the answers a moment later. Without this it would open, with
 * nobody to ask, as if the tap had not been; and the next tap would begin from what it was before.
 */
export function layPendingOver(client: QueryClient): void {
  for (const { kind, clientId, record, version } of pendingWrites(client))
    client.setQueryData<KeptFile>(fileKey(clientId), (file) =>
      versionIn(file, kind, record.id) > version
        ? file
        : withRecord(file, kind, { ...record, version: version + 1 }),
    );
}
