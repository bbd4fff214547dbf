// Letters to clients: what they are about, who may be written to, and what they say
export {
  MESSAGE_KINDS,
  UNSENT,
  type Delivery,
  type MessageKind,
  type MessageRecord,
  type Unsent,
} from './message';
export { whyUnsent } from './whyUnsent';
export { maybeReminder, REMIND_DAYS_BEFORE, REMIND_UNTIL_DAYS } from './maybeReminder';
export { maybeDueLook } from './maybeDueLook';
export { letterOf, type LetterText } from './letterOf';
export { linkDays } from './linkDays';
