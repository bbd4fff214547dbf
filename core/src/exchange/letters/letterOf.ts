import type { ClientRecord } from '../../records/clients/clientRecord';
import type { Day } from '../../foundation/time/instant';
import type { MessageKind } from '../../records/messages/messageRecord';

/** A letter as it goes out: plain text. */
export interface LetterText {
  readonly subject: string;
  readonly text: string;
}

export interface LetterFacts {
  readonly client: Pick<ClientRecord, 'name'>;
  readonly practice: string;
  /** Address of the client's page; null where a letter has none. */
  readonly link: string | null;
  /** Calendar day of the look; null where a letter has none. */
  readonly dueOn: Day | null;
}

const DAY_AND_MONTH = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
});

const dayInWords = (day: Day): string => DAY_AND_MONTH.format(new Date(`${day}T00:00:00Z`));

const firstName = ({ name }: LetterFacts['client']): string => name.split(/\s+/)[0];

/** No letter says what is wrong with anybody: who else reads it learns of an appointment, not of a body. */
const LETTERS: Readonly<Record<MessageKind, (facts: LetterFacts) => LetterText>> = {
  'plan-ready': ({ client, practice, link }) => ({
    subject: 'Your week at home is ready',
    text: `Hello ${firstName(client)},

your plan for home is on a page of your own:

${link ?? ''}

The page needs no account and works without a signal once it was opened. Whoever has the link can open it: keep it to yourself. Say there how it went; if anything hurts, say that first.

${practice}
`,
  }),
  'review-due': ({ client, practice, dueOn }) => ({
    subject: 'Time to look again',
    text: `Hello ${firstName(client)},

the next look with us is due${dueOn ? ` on ${dayInWords(dueOn)}` : ''}. Please get in touch for a time that suits you.

If something has changed since, or hurts, tell us before you come.

${practice}
`,
  }),
};

/** The letter about something, in the practice's name. */
export const letterOf = (kind: MessageKind, facts: LetterFacts): LetterText => LETTERS[kind](facts);
