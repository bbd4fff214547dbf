/** Digits that open the lock of this one device, also where no server answers. They let nobody in at the door. */
export const CODE_DIGITS = /^\d{4,8}$/;
/** So many wrong ones, and only the password opens. */
export const MOST_WRONG = 5;
const ROUNDS = 210_000;

interface Kept {
  readonly salt: readonly number[];
  readonly hash: readonly number[];
  readonly left: number;
}

const keyOf = (coachId: string): string => `taxikine/code/${coachId}`;

function maybeKept(coachId: string): Kept | null {
  try {
    return JSON.parse(localStorage.getItem(keyOf(coachId)) ?? 'null') as Kept | null;
  } catch {
    return null;
  }
}

const keep = (coachId: string, kept: Kept): void =>
  localStorage.setItem(keyOf(coachId), JSON.stringify(kept));

/** PBKDF2 (RFC 8018) with SHA-256: what lies on the device does not say the digits. */
async function hashOf(code: string, salt: readonly number[]): Promise<number[]> {
  const typed = new TextEncoder().encode(code);
  const key = await crypto.subtle.importKey('raw', typed, 'PBKDF2', false, ['deriveBits']);
  const how = { name: 'PBKDF2', hash: 'SHA-256', salt: new Uint8Array(salt), iterations: ROUNDS };
  return [...new Uint8Array(await crypto.subtle.deriveBits(how, key, 256))];
}

/** A browser has what it takes only where nobody on the way reads along. */
export const canHaveCode = (): boolean => Boolean(globalThis.crypto?.subtle);

export const hasCode = (coachId: string): boolean => maybeKept(coachId) !== null;

export async function setCode(coachId: string, code: string): Promise<void> {
  const salt = [...crypto.getRandomValues(new Uint8Array(16))];
  keep(coachId, { salt, hash: await hashOf(code, salt), left: MOST_WRONG });
}

export function dropCode(coachId: string): void {
  try {
    localStorage.removeItem(keyOf(coachId));
  } catch {
    // None was kept.
  }
}

/** `wrong`: so many tries are left; `gone`: none is, and only the password opens. */
export type Tried =
  { readonly status: 'right' | 'gone' } | { readonly status: 'wrong'; readonly left: number };

/** Counted before it is looked at: closing the page between two tries gives none back. */
export async function tryCode(coachId: string, code: string): Promise<Tried> {
  const kept = maybeKept(coachId);
  if (!kept || kept.left < 1) return { status: 'gone' };
  const left = kept.left - 1;
  keep(coachId, { ...kept, left });
  const hash = await hashOf(code, kept.salt);
  if (hash.every((byte, i) => byte === kept.hash[i])) {
    keep(coachId, { ...kept, left: MOST_WRONG });
    return { status: 'right' };
  }
  if (left > 0) return { status: 'wrong', left };
  dropCode(coachId);
  return { status: 'gone' };
}
