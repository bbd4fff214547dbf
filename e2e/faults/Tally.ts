/** One record as those who wrote it were told. */
export interface Promised {
  readonly clientId: string;
  readonly kind: 'clients' | 'visits';
  /** Writes that were acknowledged; the version that the record must have. */
  acks: number;
  /** What the last of them wrote; null where several devices write, each over the other. */
  last: string | null;
}

/** What devices were promised, and how long it took. */
export class Tally {
  acknowledged = 0;
  /** Answers other than an acknowledgement, and none at all. */
  turnedAway = 0;
  /** The longest that a device waited from first sending something until it was acknowledged, in milliseconds. */
  worstMs = 0;
  /** What came in the meantime, and when. */
  worst = '';
  /** Answers that no fault explains. */
  readonly wrong: string[] = [];
  readonly records = new Map<string, Promised>();
  /** Words from home, and whose they are. */
  readonly words = new Map<string, string>();
  /** Letters asked for, and whose they are. */
  readonly letters = new Map<string, string>();

  waited(ms: number, meanwhile: string): void {
    this.acknowledged += 1;
    if (ms <= this.worstMs) return;
    this.worstMs = ms;
    this.worst = meanwhile;
  }

  wrote(id: string, { acks, ...is }: Omit<Promised, 'acks'> & { acks?: number }): void {
    const had = this.records.get(id);
    this.records.set(id, { ...is, acks: acks ?? (had?.acks ?? 0) + 1 });
  }
}
