import { LEAST_PASSWORD } from '@taxikine/core';

/** A common one does not become another by what is put before or after it: `basketball` is in `Basketball1!`. */
const bareOf = (password: string): string => password.replace(/^[^a-z]+|[^a-z]+$/g, '');

/**
 * Why a password is not to be chosen; null when it may. It is long, nobody else's and not the coach's own address:
 * which kinds of signs are in it is not asked.
 */
export async function maybeWeakPassword(password: string, email: string): Promise<string | null> {
  if ([...password].length < LEAST_PASSWORD)
    return `A password has at least ${LEAST_PASSWORD} characters. A few words in a row are good.`;
  const plain = password.toLowerCase();
  // A long list, and nobody chooses a password as a server starts.
  const { COMMON_PASSWORDS } = await import('./commonPasswords');
  if (COMMON_PASSWORDS.has(plain) || COMMON_PASSWORDS.has(bareOf(plain)))
    return 'Very many people use this one, or nearly this one: it is guessed first.';
  const [local] = email.toLowerCase().split('@');
  if (plain.includes(email.toLowerCase()) || bareOf(plain) === bareOf(local))
    return 'This is your e-mail address: it is guessed first.';
  if (new Set(plain).size < 5) return 'The same few characters again and again are guessed first.';
  return null;
}
