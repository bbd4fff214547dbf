/** Why a file of an archive was not taken. */
export interface RestoreProblem {
  /** The file, and within it, dotted, the field: `clients/….json.file.client.heightM`. */
  readonly path: string;
  readonly message: string;
}

/** An archive of a practice that is put back, as a coach is told of it. */
export interface RestoreShown {
  readonly id: string;
  readonly askedOn: string;
  /** `refused`: the archive as a whole, and nothing was written; `failed`: it ended before its end. */
  readonly state: 'receiving' | 'waiting' | 'done' | 'refused' | 'failed';
  /** Clients in the archive; null until it was opened. */
  readonly clients: number | null;
  /** How many of them were looked at: the sum of made, known, erased and refused. */
  readonly read: number;
  /** Clients that were not there. */
  readonly made: number;
  /** Clients that were there: what they lacked was added, what they had stays as it is. */
  readonly known: number;
  /** Clients that were erased since the archive was written. */
  readonly erased: number;
  /** Clients who were here, and of whom the archive says that they were erased: they are again. */
  readonly erasedAgain: number;
  /** Clients of whom nothing was taken. */
  readonly refused: number;
  /** Clients whom a safety answer or missing consent holds back: open drills and plans that came were ended. */
  readonly closed: number;
  /** The first of what was refused. */
  readonly problems: readonly RestoreProblem[];
}
