import type { MaybeSide } from '../sides/side';

/** A sentence begins with a capital letter. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A reason as a sentence of its own. */
export const asSentence = (text: string): string =>
  /[.!?]$/.test(text) ? capital(text) : `${capital(text)}.`;

/** Puts a side into a sentence of the knowledge tables: `{side}` → left, `{Side}` → Left. */
export function fillSide(sentence: string, side: MaybeSide | undefined): string {
  const word = side ?? '';
  return capital(
    sentence
      .replaceAll('{side}', word)
      .replaceAll('{Side}', capital(word))
      .replaceAll('  ', ' ')
      .trim(),
  );
}
