import { dictionary } from '@zxcvbn-ts/language-common';

/** What very many people use. */
export const COMMON_PASSWORDS: ReadonlySet<string> = new Set(
  dictionary['passwords-common'] as readonly string[],
);
