import type {
  AuthenticationResponseJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/server';
import type { DataSource } from 'typeorm';
import { beginSession } from '../auth/sessions';
import type { Tries } from '../auth/tries';
import { inPractice } from '../database/inPractice';
import { AppError } from '../ground/errors';
import { keepChallenge, useChallenge } from './challenges';
import type { Site } from './siteOf';
import { webAuthn } from './webAuthn';

const notKnown = (cause?: unknown): AppError =>
  new AppError(
    401,
    {
      code: 'wrong-passkey',
      message: 'This passkey lets nobody in here.',
      hint: 'Sign in with e-mail and password.',
    },
    { cause },
  );

/** What a device is asked to sign by whoever has a key of this site. */
export async function beginEntering(
  source: DataSource,
  site: Site,
): Promise<PublicKeyCredentialRequestOptionsJSON> {
  const { generateAuthenticationOptions } = await webAuthn();
  const options = await generateAuthenticationOptions({
    rpID: site.name,
    userVerification: 'required',
  });
  await keepChallenge(source, options.challenge);
  return options;
}

interface Known {
  readonly coach_id: string;
  readonly practice_id: string;
  readonly public_key: Buffer;
  readonly counter: string;
}

/** @throws AppError 401 when it was not signed by this key, here and now */
async function counterOf(
  source: DataSource,
  signed: AuthenticationResponseJSON,
  { public_key, counter }: Known,
  site: Site,
): Promise<number> {
  const { verifyAuthenticationResponse } = await webAuthn();
  const { verified, authenticationInfo } = await verifyAuthenticationResponse({
    response: signed,
    expectedChallenge: (challenge) => useChallenge(source, challenge),
    expectedOrigin: site.origin,
    expectedRPID: site.name,
    credential: {
      id: signed.id,
      publicKey: new Uint8Array(public_key),
      counter: Number(counter),
    },
  }).catch((error: unknown) => {
    throw notKnown(error);
  });
  if (!verified) throw notKnown();
  return authenticationInfo.newCounter;
}

export interface Entering {
  readonly signed: AuthenticationResponseJSON;
  readonly site: Site;
  /** Where the request is from. */
  readonly place: string;
  /** What the device says of itself. */
  readonly agent: string;
}

/**
 * A token for whoever's key has signed. The device has asked for a finger, a face or its own digits: no code is asked
 * for besides.
 *
 * @throws AppError 401 when it is no key of anybody's here, 429 when too much has failed from the place
 */
export async function enterByPasskey(
  source: DataSource,
  tries: Tries,
  { signed, site, place, agent }: Entering,
): Promise<string> {
  await tries.take(1, ['place', place]);
  const [known] = (await source.query('SELECT * FROM who_has_passkey($1)', [signed.id])) as Known[];
  if (!known) throw notKnown();
  const counter = await counterOf(source, signed, known, site);
  await tries.giveBack(1, ['place', place], ['passkeysFromPlace', place]);
  const { coach_id: coachId, practice_id: practiceId } = known;
  return inPractice(source, practiceId, async (manager) => {
    await manager.query(
      'UPDATE passkey SET counter = $2, used_on = now() WHERE credential_id = $1',
      [signed.id, counter],
    );
    return beginSession(manager, { practiceId, coachId, agent });
  });
}
