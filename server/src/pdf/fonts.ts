import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

/** The faces that a page is set in. */
export type Face = 'text' | 'bold' | 'heading';

const require = createRequire(import.meta.url);

/** Static cuts: a page cannot carry a font that varies. */
const FILES: Readonly<Record<Face, (letters: string) => string>> = {
  text: (letters) =>
    `@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${letters}-400-normal.woff`,
  bold: (letters) =>
    `@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${letters}-700-normal.woff`,
  heading: (letters) => `@fontsource/besley/files/besley-${letters}-600-normal.woff`,
};

const kept = new Map<string, Buffer>();

/** A font file that ships with the server. Letters beyond western Europe's are in a file of their own. */
export function fontFile(face: Face, extended: boolean): Buffer {
  const name = FILES[face](extended ? 'latin-ext' : 'latin');
  const known = kept.get(name) ?? readFileSync(require.resolve(name));
  kept.set(name, known);
  return known;
}

export interface Run {
  readonly text: string;
  readonly extended: boolean;
}

/** Letters that only the extended file has. */
const EXTENDED = /[\u0100-\u02af\u1e00-\u1eff\u2c60-\u2c7f\ua720-\ua7ff]/u;
/** What neither file can show. */
const SHOWN = /[\n\u0020-\u024f\u1e00-\u1eff\u2010-\u2026\u2032\u2033\u2212\u00d7\u20ac\u2122]/u;

/** A text in runs of one font file each; what no file can show becomes a question mark. */
export function runsOf(text: string): Run[] {
  const runs: { text: string; extended: boolean }[] = [];
  for (const letter of text) {
    const extended = EXTENDED.test(letter);
    const shown = SHOWN.test(letter) ? letter : '?';
    const last = runs.at(-1);
    if (last && last.extended === extended) last.text += shown;
    else runs.push({ text: shown, extended });
  }
  return runs;
}
