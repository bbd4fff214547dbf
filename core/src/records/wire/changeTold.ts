import type { RecordKind } from '../recordKinds';

/** A write that was carried out, as open apps are told of it: what changed, and not how. */
export interface ChangeTold {
  /** Whose file it is in; null where it is the practice's own. */
  readonly client: string | null;
  /** `homeEntries`: something was said from home. */
  readonly kind: RecordKind | 'homeEntries';
  readonly id: string;
  /** Null when it is gone, or is never changed. */
  readonly version: number | null;
}

/** Names of what the stream of changes says. */
export const CHANGE_EVENTS = {
  /** The stream is open: whatever happened before was not told. */
  open: 'open',
  /** One write, as `ChangeTold`. */
  change: 'change',
  /** More changed than can be told one by one. */
  all: 'all',
} as const;
