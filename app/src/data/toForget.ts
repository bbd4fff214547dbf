/** Stands until everything of a coach is gone: a page that is closed meanwhile goes on with it when it opens. */
const MARK = 'taxikine/forget';

/** The coach of whom nothing is to stay on this device; null when there is none. */
function maybeToForget(): string | null {
  try {
    return localStorage.getItem(MARK);
  } catch {
    return null;
  }
}

export function markToForget(coachId: string): void {
  try {
    localStorage.setItem(MARK, coachId);
  } catch (error) {
    // Where the browser keeps no mark it keeps nothing else, either.
    console.warn('not marked', error);
  }
}

/** Goes on with it where it stands. */
export async function forgetIfMarked(): Promise<void> {
  const coachId = maybeToForget();
  if (coachId === null) return;
  const { forgetDevice } = await import('./forgetDevice');
  await forgetDevice(coachId);
  localStorage.removeItem(MARK);
}
