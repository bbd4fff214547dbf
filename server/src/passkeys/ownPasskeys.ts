import type { PasskeyShown } from '@taxikine/core';
import type {
  PublicKeyCredentialCreationOptionsJSON,
  RegistrationResponseJSON,
} from '@simplewebauthn/server';
import type { DataSource, EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import type { SignedIn } from '../auth/sessions';
import { isUniqueViolation } from '../database/databaseErrors';
import { inPractice } from '../database/inPractice';
import { invalid } from '../ground/errors';
import { keepChallenge, useChallenge } from './challenges';
import type { Site } from './siteOf';
import { webAuthn } from './webAuthn';

interface Row {
  readonly id: string;
  readonly credential_id: string;
  readonly name: string;
  readonly made_on: Date;
  readonly used_on: Date | null;
}

const rowsOf = (manager: EntityManager, coachId: string): Promise<Row[]> =>
  manager.query(
    `SELECT id, credential_id, name, made_on, used_on FROM passkey
     WHERE coach_id = $1 ORDER BY made_on, id`,
    [coachId],
  );

/** The keys of a coach, the oldest first. */
export const ownPasskeys = async (
  manager: EntityManager,
  coachId: string,
): Promise<PasskeyShown[]> =>
  (await rowsOf(manager, coachId)).map(({ id, name, made_on, used_on }) => ({
    ...{ id, name },
    madeOn: made_on.toISOString(),
    usedOn: used_on?.toISOString() ?? null,
  }));

/** What a device needs to make a key; one that has one already makes no second. */
export async function beginPasskey(
  source: DataSource,
  { coach, practice }: SignedIn,
  site: Site,
): Promise<PublicKeyCredentialCreationOptionsJSON> {
  const known = await inPractice(source, practice.id, (manager) => rowsOf(manager, coach.id));
  const { generateRegistrationOptions } = await webAuthn();
  const options = await generateRegistrationOptions({
    rpName: 'Taxikine',
    rpID: site.name,
    userName: coach.email,
    userDisplayName: coach.name,
    userID: new TextEncoder().encode(coach.id),
    attestationType: 'none',
    excludeCredentials: known.map(({ credential_id: id }) => ({ id })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  await keepChallenge(source, options.challenge);
  return options;
}

const notMade = (cause?: unknown) =>
  Object.assign(invalid('This is no key that was asked for.', 'credential', 'Begin again.'), {
    cause,
  });

/** @throws AppError 422 when it is none that this site asked for */
async function verified(source: DataSource, made: RegistrationResponseJSON, site: Site) {
  const { verifyRegistrationResponse } = await webAuthn();
  const { registrationInfo } = await verifyRegistrationResponse({
    response: made,
    expectedChallenge: (challenge) => useChallenge(source, challenge),
    expectedOrigin: site.origin,
    expectedRPID: site.name,
  }).catch((error: unknown) => {
    throw notMade(error);
  });
  if (!registrationInfo) throw notMade();
  return registrationInfo.credential;
}

export interface MadePasskey {
  /** What the coach calls the device. */
  readonly name: string;
  readonly credential: RegistrationResponseJSON;
}

/** Takes a key that a device has made: from now on it lets the coach in. */
export async function addPasskey(
  source: DataSource,
  { coach, practice }: SignedIn,
  { name, credential: made }: MadePasskey,
  site: Site,
): Promise<void> {
  const { id, publicKey, counter } = await verified(source, made, site);
  await inPractice(source, practice.id, async (manager) => {
    await manager.query(
      `INSERT INTO passkey (practice_id, coach_id, credential_id, public_key, counter, name)
       VALUES ($1, $2, $3, $4, $5, $6)`,
      [practice.id, coach.id, id, Buffer.from(publicKey), counter, name],
    );
    await noteDeed(manager, { by: coach.id, deed: 'passkey-added' });
  }).catch((error: unknown) => {
    throw isUniqueViolation(error) ? notMade(error) : error;
  });
}

/** Takes a key away; false when it is none of theirs. */
export async function dropPasskey(
  manager: EntityManager,
  coachId: string,
  id: string,
): Promise<boolean> {
  const [dropped] = await manager.query(
    'DELETE FROM passkey WHERE coach_id = $1 AND id = $2 RETURNING 1',
    [coachId, id],
  );
  if (dropped.length === 0) return false;
  await noteDeed(manager, { by: coachId, deed: 'passkey-removed' });
  return true;
}

/** Takes all keys of somebody else away. */
export async function dropPasskeysOf(
  manager: EntityManager,
  coachId: string,
  by: string,
): Promise<void> {
  const [dropped] = await manager.query('DELETE FROM passkey WHERE coach_id = $1 RETURNING 1', [
    coachId,
  ]);
  for (const _ of dropped) await noteDeed(manager, { by, to: coachId, deed: 'passkey-removed' });
}
