import type { MessageRecord } from '@taxikine/core/records/messages/messageRecord';
import type { TextOf } from '../words/useText';
import { whenAt } from '../words/when';

/** What became of a letter, in a line. */
export function letterWords({ delivery, askedOn }: MessageRecord, t: TextOf): string {
  if (!delivery) return t('outbox.states.waiting', { when: whenAt(askedOn) });
  if (delivery.state === 'sent')
    return t('outbox.states.sent', { when: whenAt(delivery.on), to: delivery.to });
  const { why, said } = delivery;
  const words = t('outbox.states.failed', { why: t(`outbox.unsent.${why}`) });
  return said ? `${words} (${said})` : words;
}
