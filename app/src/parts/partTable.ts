/** What the build wrote into the page: its version, and which files each part of the app is made of. */
export interface PartTable {
  readonly version: string;
  readonly parts: Readonly<Record<string, readonly string[]>>;
}

/** The table of the build that this tab was opened with; null while developing, when there is none. */
export function maybePartTable(): PartTable | null {
  const text = globalThis.document?.getElementById('parts')?.textContent;
  return text ? (JSON.parse(text) as PartTable) : null;
}
