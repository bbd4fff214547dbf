import type { Norms } from '../../knowledge/norms';
import type { ClientFile } from '../../records/clientFile';

/**
 * A client's file as a practice with norms of its own reads it: what a coach set for the client goes before what holds
 * for everybody here, and that before the table. To be looked at and not to be kept: the client's record has the
 * client's own.
 */
export function withNorms<F extends Pick<ClientFile, 'client'>>(file: F, norms: Norms): F {
  if (Object.keys(norms).length === 0) return file;
  const { client } = file;
  return { ...file, client: { ...client, norms: { ...norms, ...client.norms } } };
}
