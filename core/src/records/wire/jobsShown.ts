/** A piece of background work that is stuck, as a coach is told of it. */
export interface JobShown {
  readonly id: string;
  readonly queue: string;
  readonly clientId: string | null;
  /** Instant since when it waits, is worked on, or has failed. */
  readonly since: string;
  readonly tries: number;
  readonly state: 'waiting' | 'retrying' | 'failed';
  /** Why the last try failed; null when there was none. */
  readonly problem: string | null;
}

/** How a practice's background work stands. */
export interface JobsShown {
  /** A worker is connected. */
  readonly working: boolean;
  /** Jobs that wait or are worked on, and are not stuck. */
  readonly underWay: number;
  /** What failed for good, fails and is tried again, or waits too long; the longest first. */
  readonly stuck: readonly JobShown[];
  /** Names of the clients they are about, by id. */
  readonly names: Readonly<Record<string, string>>;
}
