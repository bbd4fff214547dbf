import { LEAST_PASSWORD } from '@taxikine/core';
import { dictionary } from '@zxcvbn-ts/language-common';

/** What very many people use. */
const COMMON = new Set(dictionary['passwords-common'] as readonly string[]);

/** A common one does not become another by what is put before or after it: `basketball` is in `Basketball1!`. */
const bareOf = (password: string): string => password.replace(/^[^a-z]+|[^a-z]+$/g, '');

/**
 * Why a password is not to be chosen; null when it may. It is long, nobody else's and not the coach's own address:
 * which kinds of signs are in it is not asked.
 */
export function maybeWeakPassword(password: string, email: string): string | null {
  if ([...password].length < LEAST_PASSWORD)
    return `A password has at least ${LEAST_PASSWORD} characters. A few words in a row are good.`;
  const plain = password.toLowerCase();
  if (COMMON.has(plain) || COMMON.has(bareOf(plain)))
    return 'Very many people use this one, or nearly this one: it is guessed first.';
  const [local] = email.toLowerCase().split('@');
  if (plain.includes(email.toLowerCase()) || bareOf(plain) === bareOf(local))
    return 'This is your e-mail address: it is guessed first.';
  if (new Set(plain).size < 5) return 'The same few characters again and again are guessed first.';
  return null;
}
