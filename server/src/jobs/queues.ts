/** What the background work is told: ids, and nothing that names anybody. */
export interface JobData {
  /** Once an hour: sets out the work of every practice. */
  'every-hour': Record<string, never>;
  remind: { practiceId: string };
  tidy: { practiceId: string };
  'roll-up-practice': { practiceId: string };
  'roll-up': { practiceId: string; clientId: string };
  'send-letter': { practiceId: string; clientId: string; messageId: string };
  'forget-letters': { practiceId: string; letters: readonly string[] };
  'make-paper': PaperAsked;
  /** Of a client, or, without one, of the practice. */
  'make-archive': { practiceId: string; clientId: string | null; archiveId: string };
  'put-back': { practiceId: string; restoreId: string };
  /** A coach has forgotten their password. */
  'reset-letter': { practiceId: string; coachId: string; letterId: string };
  /** Something is about a coach's account; a job of before there were two matters says none. `warningId` is the letter's. */
  'warn-coach': {
    practiceId: string;
    coachId: string;
    warningId: string;
    of?: 'guesses' | 'new-password' | 'factor-off';
  };
}

/** A paper to make: of a visit, or of the plan at home. */
export interface PaperAsked {
  practiceId: string;
  clientId: string;
  paper: 'report' | 'handout';
  /** The visit of a report; null for a handout. */
  visitId: string | null;
  large: boolean;
}

export type QueueName = keyof JobData;

export interface QueueRow {
  readonly name: QueueName;
  /** `short`: of jobs with one key, no second one waits while the first has not begun. */
  readonly policy: 'standard' | 'short';
  readonly retryLimit: number;
  /** Seconds before the first new try; doubled each time. */
  readonly retryDelay: number;
  /** A try that takes longer is taken for dead, and the job is tried again. */
  readonly expireInSeconds: number;
}

/** Every queue there is. A new one is a row here, its data above and its handler in `handlers`. */
export const QUEUES: readonly QueueRow[] = [
  { name: 'every-hour', policy: 'short', retryLimit: 3, retryDelay: 30, expireInSeconds: 120 },
  { name: 'remind', policy: 'short', retryLimit: 5, retryDelay: 30, expireInSeconds: 300 },
  { name: 'tidy', policy: 'short', retryLimit: 3, retryDelay: 60, expireInSeconds: 120 },
  {
    name: 'roll-up-practice',
    policy: 'short',
    retryLimit: 3,
    retryDelay: 60,
    expireInSeconds: 300,
  },
  { name: 'roll-up', policy: 'short', retryLimit: 3, retryDelay: 30, expireInSeconds: 120 },
  { name: 'send-letter', policy: 'short', retryLimit: 6, retryDelay: 30, expireInSeconds: 60 },
  {
    name: 'forget-letters',
    policy: 'standard',
    retryLimit: 6,
    retryDelay: 30,
    expireInSeconds: 60,
  },
  { name: 'make-paper', policy: 'standard', retryLimit: 2, retryDelay: 1, expireInSeconds: 60 },
  // Not tried again by itself: whoever waited was told, and some of it may have been sent.
  { name: 'make-archive', policy: 'standard', retryLimit: 0, retryDelay: 1, expireInSeconds: 900 },
  { name: 'warn-coach', policy: 'short', retryLimit: 6, retryDelay: 30, expireInSeconds: 60 },
  // Somebody waits for it, and not for longer than its link opens.
  { name: 'reset-letter', policy: 'short', retryLimit: 4, retryDelay: 15, expireInSeconds: 60 },
  // Goes on where it was: a client is put back once, however often it is tried.
  { name: 'put-back', policy: 'standard', retryLimit: 5, retryDelay: 5, expireInSeconds: 120 },
];

export const QUEUE_NAMES: readonly QueueName[] = QUEUES.map(({ name }) => name);
