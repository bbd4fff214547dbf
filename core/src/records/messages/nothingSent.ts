import type { MessageRecord } from './messageRecord';

/** What a letter holds until the server has had to do with it. */
export const NOTHING_SENT = {
  askedBy: null,
  delivery: null,
} satisfies Partial<MessageRecord>;
