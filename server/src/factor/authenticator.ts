import { Secret, TOTP } from 'otpauth';

const PERIOD_S = 30;
/** Clocks of phones are that much off: one code before and after is taken too. */
const STEPS_OFF = 1;

/** As every authenticator knows them: six digits, half a minute, SHA-1 (RFC 6238). */
const totp = (secret: string, label = '') =>
  new TOTP({ issuer: 'Taxikine', label, period: PERIOD_S, secret: Secret.fromBase32(secret) });

/** A new secret in base 32, 160 bits. */
export const newSecret = (): string => new Secret({ size: 20 }).base32;

/** What an authenticator reads from a picture of it: whose it is, and the secret. */
export const addressOf = (secret: string, email: string): string => totp(secret, email).toString();

/** The half minute that a code is of, counted from 1970; null when it is none of these minutes. */
export function maybeStepOf(secret: string, code: string, now: Date): number | null {
  const timestamp = now.getTime();
  const off = totp(secret).validate({ token: code, timestamp, window: STEPS_OFF });
  return off === null ? null : Math.floor(timestamp / 1000 / PERIOD_S) + off;
}
