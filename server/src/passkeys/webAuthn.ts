/**
 * With the certificates and encodings behind it a fifth of all that a server would read as it starts: read when it is
 * needed.
 */
export const webAuthn = () => import('@simplewebauthn/server');
