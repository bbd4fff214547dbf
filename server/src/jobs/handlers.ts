import { inPractice } from '../database/inPractice';
import { remind } from '../letters/remind';
import { sendLetter, type SendLetterWith } from '../letters/sendLetter';
import { makePaper } from '../papers/makePaper';
import { tidyPapers } from '../papers/tidyPapers';
import { rollUpClient } from '../retention/rollUpClient';
import { rollUpPractice } from '../retention/rollUpPractice';
import { everyHour } from './everyHour';
import type { JobData, QueueName } from './queues';

export type WorkWith = SendLetterWith;

type Handlers = {
  readonly [Q in QueueName]: (data: JobData[Q], using: WorkWith) => Promise<void>;
};

/** What is done with a job of each queue. Every one may be done twice and has then been done once. */
export const HANDLERS: Handlers = {
  'every-hour': (_data, { source }) => everyHour(source),
  remind: ({ practiceId }, { source, now }) => remind(source, practiceId, now()),
  tidy: ({ practiceId }, { source, now }) =>
    inPractice(source, practiceId, (manager) => tidyPapers(manager, now())),
  'roll-up-practice': ({ practiceId }, { source, now }) =>
    rollUpPractice(source, practiceId, now()),
  'roll-up': (data, { source, now }) => rollUpClient(source, data, now()),
  'send-letter': sendLetter,
  'forget-letters': ({ letters }, { sender }) => sender.forget(letters),
  'make-paper': (data, { source, now }) => makePaper(source, data, now),
};
