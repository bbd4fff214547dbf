import { randomUUID } from 'node:crypto';
import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { maybeWeakPassword } from '../auth/maybeWeakPassword';
import { hashOfPassword } from '../auth/passwords';
import { beginSession } from '../auth/sessions';
import { hashOfToken } from '../auth/tokens';
import { inPractice } from '../database/inPractice';
import { invalid } from '../ground/errors';
import { checkFoundingLink, goneFounding } from './foundingLinks';

export interface Founding {
  readonly practice: string;
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

/**
 * Makes the first practice of a house with its first owner, who is signed in.
 *
 * @returns the token of the session
 * @throws AppError 410 when the link opens nothing, 422 when the password is guessed too soon
 */
export async function foundPractice(
  source: DataSource,
  token: string,
  { practice, name, email, password, agent }: Founding & { readonly agent: string },
): Promise<string> {
  await checkFoundingLink(source, token);
  const weak = await maybeWeakPassword(password, email);
  if (weak) throw invalid(weak, 'password', 'Choose another one.');
  const [practiceId, coachId, hash] = [randomUUID(), randomUUID(), await hashOfPassword(password)];
  return inPractice(source, practiceId, async (manager) => {
    const whose = [practiceId, practice, coachId, name, email.toLowerCase(), hash];
    const [{ is }] = await manager.query(
      'SELECT found_practice($1, $2, $3, $4, $5, $6, $7) AS is',
      [hashOfToken(token), ...whose],
    );
    if (!is) throw goneFounding;
    await noteDeed(manager, { by: coachId, deed: 'founded' });
    return beginSession(manager, { practiceId, coachId, agent });
  });
}
