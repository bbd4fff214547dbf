import { create, type Font } from 'fontkit';
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

interface FontFile {
  readonly bytes: Buffer;
  readonly font: Font;
}

const kept = new Map<string, FontFile>();

/** A font file that ships with the server. Letters beyond western Europe's are in a file of their own. */
export function fontFile(face: Face, extended: boolean): FontFile {
  const name = FILES[face](extended ? 'latin-ext' : 'latin');
  const known = kept.get(name);
  if (known) return known;
  const bytes = readFileSync(require.resolve(name));
  // One file is one font; only a collection would be more.
  const file = { bytes, font: create(bytes) as Font };
  kept.set(name, file);
  return file;
}

export interface Run {
  readonly text: string;
  readonly extended: boolean;
}

const UNKNOWN = '?';

/** A letter as it can be set, and in which file it is: its own, or its bare letter, or a question mark. */
function settled(letter: string, face: Face): Run {
  if (letter === '\n') return { text: letter, extended: false };
  const bare = letter.normalize('NFD').charAt(0);
  for (const text of [letter, bare])
    for (const extended of [false, true])
      if (fontFile(face, extended).font.hasGlyphForCodePoint(text.codePointAt(0)!))
        return { text, extended };
  return { text: UNKNOWN, extended: false };
}

/** A text in runs of one font file each; what no file can show is set without its mark, or as "?". */
export function runsOf(text: string, face: Face): Run[] {
  const runs: { text: string; extended: boolean }[] = [];
  for (const one of [...text].map((letter) => settled(letter, face))) {
    const last = runs.at(-1);
    if (last && last.extended === one.extended) last.text += one.text;
    else runs.push({ ...one });
  }
  return runs;
}
