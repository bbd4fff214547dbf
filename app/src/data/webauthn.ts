/** Fetched when somebody uses a key, and not before. */
export { startAuthentication, startRegistration } from '@simplewebauthn/browser';
