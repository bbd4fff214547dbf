import { call } from './api';
import { enterBy, type Session } from './session';

/** A server that is reached by a number has no keys, and an older browser makes none. */
const BY_NUMBER = /^[\d.]+$|^\[/;

export const canHavePasskey = (): boolean =>
  typeof PublicKeyCredential !== 'undefined' && !BY_NUMBER.test(window.location.hostname);

/** The device did not sign, or made no key: whoever holds it said no, or was not there. */
export class NotSigned extends Error {}

const asked = <T>(work: Promise<T>): Promise<T> =>
  work.catch((cause: unknown) => {
    throw new NotSigned('not signed', { cause });
  });

/** Signs in with a key of this device. Throws `NotSigned`, or as `call` does. */
export async function enterByPasskey(): Promise<Session> {
  const { startAuthentication } = await import('./webauthn');
  const optionsJSON = await call<Parameters<typeof startAuthentication>[0]['optionsJSON']>(
    'POST',
    '/session/passkey/begin',
    {},
  );
  const credential = await asked(startAuthentication({ optionsJSON }));
  return enterBy(() => call<Session>('POST', '/session/passkey', { credential }));
}

/** Has this device make a key for whoever is signed in. Throws as `enterByPasskey` does. */
export async function makePasskey(name: string): Promise<void> {
  const { startRegistration } = await import('./webauthn');
  const optionsJSON = await call<Parameters<typeof startRegistration>[0]['optionsJSON']>(
    'POST',
    '/account/passkeys/begin',
    {},
  );
  const credential = await asked(startRegistration({ optionsJSON }));
  await call('POST', '/account/passkeys', { name, credential });
}
