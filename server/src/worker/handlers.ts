import { makeArchive } from '../archives/makeArchive';
import { tidySessions } from '../auth/tidySessions';
import { tidyArchives } from '../archives/tidyArchives';
import { inPractice } from '../database/inPractice';
import { remind } from '../letters/remind';
import { resetLetter } from '../letters/resetLetter';
import { sendLetter, type SendLetterWith } from '../letters/sendLetter';
import { warnCoach } from '../letters/warnCoach';
import { makePaper } from '../papers/makePaper';
import { tidyPapers } from '../papers/tidyPapers';
import { putBack } from '../restore/putBack';
import { rollUpClients } from '../retention/rollUpClients';
import { rollUpPractice } from '../retention/rollUpPractice';
import { everyHour } from './everyHour';
import type { Outcome } from '../jobs/outcome';
import type { JobData, QueueName } from '../jobs/queues';

export type WorkWith = SendLetterWith;

type Handler<Q extends QueueName> = (data: JobData[Q], using: WorkWith) => Promise<void>;
type BatchHandler<Q extends QueueName> = (
  batch: readonly JobData[Q][],
  using: WorkWith,
) => Promise<Outcome[]>;

/** Queues whose jobs are taken many at a time, since what follows them is the same for all. */
export const BATCH_HANDLERS = {
  'roll-up': (batch, { source, now }) => rollUpClients(source, batch, now()),
} as const satisfies { readonly [Q in QueueName]?: BatchHandler<Q> };

export type BatchQueue = keyof typeof BATCH_HANDLERS;
export type SingleQueue = Exclude<QueueName, BatchQueue>;

type Handlers = { readonly [Q in SingleQueue]: Handler<Q> };

/** What is done with a job of each other queue. Every one may be done twice and has then been done once. */
export const HANDLERS: Handlers = {
  'every-hour': (_data, { source, now }) => everyHour(source, now()),
  remind: ({ practiceId }, { source, now }) => remind(source, practiceId, now()),
  tidy: ({ practiceId }, { source, now }) =>
    inPractice(source, practiceId, async (manager) => {
      await tidyPapers(manager, now());
      await tidyArchives(manager, now());
      await tidySessions(manager, now());
    }),
  'roll-up-practice': ({ practiceId }, { source, now }) =>
    rollUpPractice(source, practiceId, now()),
  'send-letter': sendLetter,
  'forget-letters': ({ letters }, { sender }) => sender.forget(letters),
  'make-paper': (data, { source, now }) => makePaper(source, data, now),
  'make-archive': (data, { source, now }) => makeArchive(source, data, now()),
  'warn-coach': (data, { source, sender }) => warnCoach(source, sender, data),
  'reset-letter': resetLetter,
  'put-back': (data, { source, now }) => putBack(source, data, now),
};
