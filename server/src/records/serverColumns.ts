import type { RecordKind } from '@taxikine/core';
import type { Message } from '../database/entities/Message';
import type { Write } from './putRecord';

type Columns = (before: object | null, write: Write) => object;

/** Columns of a kind that the server alone writes, whatever a device says of them. */
export const SERVER_COLUMNS: Partial<Record<RecordKind, Columns>> = {
  messages: (before, { coachId }) => ({
    askedBy: (before as Message | null)?.askedBy ?? coachId,
    delivery: (before as Message | null)?.delivery ?? null,
  }),
};
