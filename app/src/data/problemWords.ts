import { NoAnswer, Refused } from './api';
import type { TextOf } from '../words/useText';

/** What is wrong with a field is told without a full stop. */
const asSentence = (words: string): string => (/[.!?…”]$/.test(words) ? words : `${words}.`);

/** What the server said to a change, in its words; null while it said nothing against it. */
export function problemWords(error: Error | null, t: TextOf): string | null {
  if (!error) return null;
  if (error instanceof NoAnswer) return t('noAnswer');
  if (!(error instanceof Refused)) return error.message;
  const { message, hint } = error.body;
  return hint ? `${asSentence(message)} ${hint}` : message;
}
