import type { MessageRecord, RecordKind } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { jobIdOf, sendJob } from '../jobs/sendJob';

/** A write that was just carried out, in its transaction. */
interface Done {
  readonly manager: EntityManager;
  readonly practiceId: string;
  readonly record: object;
  readonly created: boolean;
}

type Effect = (done: Done) => Promise<void>;

const sendLetter: Effect = async ({ manager, practiceId, record, created }) => {
  const { id, clientId } = record as MessageRecord;
  if (!created) return;
  await sendJob(
    manager,
    'send-letter',
    { practiceId, clientId, messageId: id },
    {
      id: jobIdOf(practiceId, id),
      key: id,
    },
  );
};

/** What is left of a gain is known when something is measured again; a burst of measures is one job. */
const rollUp: Effect = async ({ manager, practiceId, record }) => {
  const { clientId } = record as { clientId: string };
  await sendJob(manager, 'roll-up', { practiceId, clientId }, { key: clientId });
};

/** Background work that follows a write of this kind, given out in the same transaction. */
export const EFFECTS: Partial<Record<RecordKind, Effect>> = {
  checks: rollUp,
  messages: sendLetter,
};
