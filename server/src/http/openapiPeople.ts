import { settingsSchema, wordingSchema } from '@taxikine/core';
import { confirmSchema, nameSchema, passwordSchema } from './accountRoutes';
import { codeSchema } from './factorRoutes';
import { foundingSchema } from './foundingRoutes';
import { answer, clientPath, file, goneLink, idParameter, json, refused } from './openapiParts';
import { keepingSchema } from './keepingRoutes';
import { madePasskeySchema, signedSchema } from './passkeyRoutes';
import { newPersonSchema, personSchema } from './peopleRoutes';
import { forgottenSchema, welcomeSchema } from './welcomeRoutes';

/** What is asked at the door besides the password. */
const factor = {
  '/api/v1/account/factor': {
    get: {
      operationId: 'get-factor',
      responses: {
        200: answer('Since when a code is asked for, and how many recovery codes are left'),
      },
    },
    post: {
      operationId: 'begin-factor',
      responses: {
        201: answer('The secret for an authenticator, this once'),
        403: refused('The password is to be given first'),
        409: refused('A code is asked for already'),
      },
    },
    delete: {
      operationId: 'turn-off-factor',
      responses: {
        204: { description: 'The password alone opens the account' },
        403: refused('The password is to be given first'),
      },
    },
  },
  '/api/v1/account/factor/on': {
    post: {
      operationId: 'turn-on-factor',
      requestBody: { required: true, content: json(codeSchema) },
      responses: {
        200: answer('Recovery codes, this once'),
        409: refused('None was begun, or one is on'),
        422: refused('Not the code'),
      },
    },
  },
  '/api/v1/account/factor/recovery': {
    post: {
      operationId: 'renew-recovery-codes',
      responses: {
        200: answer('New recovery codes, this once'),
        403: refused('The password is to be given first'),
        409: refused('No code is asked for'),
      },
    },
  },
};

const noName = refused('This server is reached by a number');

/** Keys that let a coach in without a password (WebAuthn). */
const passkeys = {
  '/api/v1/session/passkey/begin': {
    post: {
      operationId: 'begin-passkey-sign-in',
      responses: {
        200: answer('What a device is asked to sign'),
        422: noName,
        429: refused('Too many that never came'),
      },
    },
  },
  '/api/v1/session/passkey': {
    post: {
      operationId: 'sign-in-by-passkey',
      requestBody: { required: true, content: json(signedSchema) },
      responses: {
        201: answer('Signed in'),
        401: refused('No key of anybody’s here'),
        429: refused('Too many tries'),
      },
    },
  },
  '/api/v1/account/passkeys': {
    get: {
      operationId: 'list-passkeys',
      responses: { 200: answer('The keys of the coach') },
    },
    post: {
      operationId: 'add-passkey',
      requestBody: { required: true, content: json(madePasskeySchema) },
      responses: {
        204: { description: 'It lets the coach in from now on' },
        422: refused('Not a key that was asked for'),
      },
    },
  },
  '/api/v1/account/passkeys/begin': {
    post: {
      operationId: 'begin-passkey',
      responses: {
        200: answer('What a device needs to make a key'),
        403: refused('The password is to be given first'),
        422: noName,
      },
    },
  },
  '/api/v1/account/passkeys/{id}': clientPath(
    {
      operationId: 'remove-passkey',
      responses: {
        204: { description: 'It lets nobody in any more' },
        403: refused('The password is to be given first'),
        404: refused('No such key'),
      },
    },
    'delete',
  ),
};

/** A coach's own account. */
export const account = {
  ...factor,
  ...passkeys,
  '/api/v1/account/sessions': {
    get: {
      operationId: 'list-own-sessions',
      responses: { 200: answer('Where the coach is signed in') },
    },
    delete: {
      operationId: 'end-other-sessions',
      responses: { 204: { description: 'Signed out everywhere but here' } },
    },
  },
  '/api/v1/account/sessions/{session}': {
    parameters: [{ ...idParameter, name: 'session' }],
    delete: {
      operationId: 'end-session',
      responses: { 204: { description: 'Signed out there' }, 404: refused('No such session') },
    },
  },
  '/api/v1/account/confirm': {
    get: {
      operationId: 'is-confirmed',
      responses: {
        204: { description: 'The password was given not long ago' },
        403: refused('Not an owner, or it is to be given first'),
      },
    },
    post: {
      operationId: 'confirm-password',
      description: 'Before what cannot be undone: answered there with 403 `confirm-first`.',
      requestBody: { required: true, content: json(confirmSchema) },
      responses: { 204: { description: 'Given' }, 422: refused('Not the password') },
    },
  },
  '/api/v1/account/name': {
    put: {
      operationId: 'change-own-name',
      requestBody: { required: true, content: json(nameSchema) },
      responses: { 200: answer('The name'), 422: refused('Invalid') },
    },
  },
  '/api/v1/account/password': {
    post: {
      operationId: 'change-password',
      requestBody: { required: true, content: json(passwordSchema) },
      responses: {
        200: answer('Changed, and how many other sessions were ended'),
        422: refused('Not the password now, or one that is guessed too soon'),
        429: refused('Too many tries'),
      },
    },
  },
};

/** The people of a practice, and the links by which they come. */
export const people = {
  '/api/v1/people': {
    get: {
      operationId: 'list-people',
      responses: { 200: answer('Everybody of the practice'), 403: refused('Not an owner') },
    },
    post: {
      operationId: 'invite-person',
      requestBody: { required: true, content: json(newPersonSchema) },
      responses: {
        201: answer('Their id, and the token of the link, this once'),
        403: refused('Not an owner'),
        409: refused('The address has an account'),
      },
    },
  },
  '/api/v1/practice/deeds': {
    get: {
      operationId: 'list-deeds',
      description: 'The newest first; `?before=` an id for those that are older.',
      responses: { 200: answer('Who did what'), 403: refused('Not an owner') },
    },
  },
  '/api/v1/practice/deeds.csv': {
    get: {
      operationId: 'export-deeds',
      responses: { 200: file('text/csv', 'Who did what'), 403: refused('Not an owner') },
    },
  },
  '/api/v1/people/{id}': {
    parameters: [idParameter],
    put: {
      operationId: 'change-person',
      requestBody: { required: true, content: json(personSchema) },
      responses: {
        204: { description: 'Changed' },
        403: refused('Not an owner'),
        422: refused('Nobody changes themselves'),
      },
    },
  },
  '/api/v1/practice/settings': {
    put: {
      operationId: 'change-settings',
      description: 'Told to every coach with their session.',
      requestBody: { required: true, content: json(settingsSchema) },
      responses: {
        200: answer('The settings'),
        403: refused('Not an owner, or the password is to be given first'),
        422: refused('Invalid'),
      },
    },
  },
  '/api/v1/practice/wordings': {
    get: {
      operationId: 'list-wordings',
      responses: { 200: answer('What clients were ever asked to agree to, the newest first') },
    },
    post: {
      operationId: 'word-consent',
      description: 'Asked for from now on; who agreed to an earlier one has agreed to that one.',
      requestBody: { required: true, content: json(wordingSchema) },
      responses: {
        201: answer('The wording and its version'),
        403: refused('Not an owner, or the password is to be given first'),
        422: refused('Invalid'),
      },
    },
  },
  '/api/v1/clients/{id}/keeping': {
    parameters: [idParameter],
    get: {
      operationId: 'get-keeping',
      responses: { 200: answer('The coach they are kept to, or null'), 404: refused('Not seen') },
    },
    put: {
      operationId: 'keep-client',
      description: 'Null opens them to every coach of the practice.',
      requestBody: { required: true, content: json(keepingSchema) },
      responses: {
        200: answer('The coach they are kept to, or null'),
        403: refused('To somebody else, by no owner'),
        404: refused('Not seen'),
      },
    },
  },
  '/api/v1/people/{id}/factor': clientPath(
    {
      operationId: 'drop-factor-of-person',
      responses: {
        204: { description: 'The password alone lets them in' },
        403: refused('Not an owner'),
      },
    },
    'delete',
  ),
  '/api/v1/people/{id}/link': clientPath(
    {
      operationId: 'invite-again',
      responses: { 201: answer('The token of a new link'), 403: refused('Not an owner') },
    },
    'post',
  ),
  '/api/v1/founding': {
    get: {
      operationId: 'look-at-founding-link',
      responses: { 200: answer('The first practice can be made here'), 410: goneLink },
    },
    post: {
      operationId: 'found-practice',
      requestBody: { required: true, content: json(foundingSchema) },
      responses: {
        201: answer('The first practice, and its owner signed in'),
        410: goneLink,
        422: refused('A password that is guessed too soon'),
      },
    },
  },
  '/api/v1/welcome/letter': {
    post: {
      operationId: 'forget-password',
      requestBody: { required: true, content: json(forgottenSchema) },
      responses: {
        202: answer('Whoever has the address is sent a link'),
        429: refused('Too many tries'),
      },
    },
  },
  '/api/v1/welcome': {
    get: {
      operationId: 'open-invitation',
      description: 'Needs `Authorization: Bearer` with the token of a link.',
      responses: { 200: answer('Whose password is chosen'), 410: goneLink },
    },
    post: {
      operationId: 'choose-password',
      requestBody: { required: true, content: json(welcomeSchema) },
      responses: {
        200: answer('Chosen; a code is asked for at the door'),
        201: answer('Chosen, and signed in'),
        410: goneLink,
        422: refused('Weak'),
      },
    },
  },
};
