import { idSchema, J } from '@taxikine/core';
import type { AuthenticationResponseJSON } from '@simplewebauthn/server';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { placeOf } from '../auth/placeOf';
import { maybeSignedIn } from '../auth/sessions';
import type { Tries } from '../auth/tries';
import { inPractice } from '../database/inPractice';
import { notFound } from '../ground/errors';
import { beginEntering, enterByPasskey } from '../passkeys/enterByPasskey';
import {
  addPasskey,
  beginPasskey,
  dropPasskey,
  ownPasskeys,
  type MadePasskey,
} from '../passkeys/ownPasskeys';
import { siteOf } from '../passkeys/siteOf';
import { agentOf } from './agentOf';
import { input } from './input';
import { needPasswordGiven } from './needConfirmed';
import { signedIn } from './needSession';
import { giveToken } from './sessionCookie';

const base64url = () =>
  J.string()
    .pattern(/^[\w-]+$/, 'base64url')
    .max(8000);
/** As browsers write it (WebAuthn, level 3); what is in it is looked at by its signature. */
const credentialOf = (response: Readonly<Record<string, ReturnType<typeof base64url>>>) =>
  J.object({
    id: base64url().required(),
    rawId: base64url().required(),
    type: J.valid('public-key').required(),
    response: J.object(response).unknown().required(),
  })
    .unknown()
    .required();

export const madePasskeySchema = J.object({
  name: J.string().trim().max(60).required().label('name'),
  credential: credentialOf({
    clientDataJSON: base64url().required(),
    attestationObject: base64url().required(),
  }),
});
export const signedSchema = J.object({
  credential: credentialOf({
    clientDataJSON: base64url().required(),
    authenticatorData: base64url().required(),
    signature: base64url().required(),
  }),
});
const oneSchema = J.object({ id: idSchema() });

/** The door for whoever holds a key: before there is a session. */
export function passkeyDoor(source: DataSource, tries: Tries, secure: boolean): Router {
  const router = Router();

  router.post('/session/passkey/begin', async (request, response) => {
    const site = siteOf(request, secure);
    // Each is kept for a while: nobody fills the table.
    await tries.take(1, ['passkeysFromPlace', placeOf(request.ip)]);
    response.json(await beginEntering(source, site));
  });

  router.post('/session/passkey', async (request, response) => {
    const { credential: signed } = input<{ credential: AuthenticationResponseJSON }>(
      signedSchema,
      request.body,
    );
    const site = siteOf(request, secure);
    const [place, agent] = [placeOf(request.ip), agentOf(request)];
    const token = await enterByPasskey(source, tries, { signed, site, place, agent });
    const session = await maybeSignedIn(source, token);
    giveToken(response, token).status(201).json(session);
  });

  return router;
}

/** A coach's own keys. Behind `needSession`. */
export function passkeyRoutes(source: DataSource, secure: boolean): Router {
  const router = Router();
  const given = needPasswordGiven(source);

  router.get('/account/passkeys', async (_request, response) => {
    const { coach, practice } = signedIn(response);
    const passkeys = await inPractice(source, practice.id, (manager) =>
      ownPasskeys(manager, coach.id),
    );
    response.json({ passkeys });
  });

  router.post('/account/passkeys/begin', given, async (request, response) => {
    response.json(await beginPasskey(source, signedIn(response), siteOf(request, secure)));
  });

  router.post('/account/passkeys', async (request, response) => {
    const made = input<MadePasskey>(madePasskeySchema, request.body);
    await addPasskey(source, signedIn(response), made, siteOf(request, secure));
    response.status(204).end();
  });

  router.delete('/account/passkeys/:id', given, async (request, response) => {
    const { id } = input<{ id: string }>(oneSchema, request.params);
    const { coach, practice } = signedIn(response);
    const was = await inPractice(source, practice.id, (manager) =>
      dropPasskey(manager, coach.id, id),
    );
    if (!was) throw notFound('passkey');
    response.status(204).end();
  });

  return router;
}
