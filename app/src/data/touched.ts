/** When a hand was last on this device, whichever tab it was in. */
const KEY = 'taxikine/touched';

/** Where the browser keeps nothing, this tab remembers. */
let inThisTab: number | null = null;

/** Milliseconds since 1970; null when nobody has touched it since somebody signed in. */
export function lastTouch(): number | null {
  try {
    const kept = localStorage.getItem(KEY);
    return kept === null ? inThisTab : Number(kept);
  } catch {
    return inThisTab;
  }
}

export function noteTouch(now = Date.now()): void {
  inThisTab = now;
  try {
    localStorage.setItem(KEY, String(now));
  } catch {
    // This tab remembers.
  }
}
