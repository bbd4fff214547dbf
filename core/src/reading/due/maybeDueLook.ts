import { clientSummary, type Due } from '../today/clientSummary';
import type { ClientFile } from '../../records/clientFile';

/** The look that is due next, as the list of clients has it; null while the last visit is open. */
export const maybeDueLook = (file: ClientFile, zone?: string): Due | null =>
  clientSummary(file, zone).due;
