import { createHash, randomBytes } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';

const PERIOD_SECONDS = 30;
const ISSUER = 'Water Clock';
/** Clocks of telephones are rarely further off than one step. */
const STEPS_OFF = 1;

export const newSecret = (): string => new Secret({ size: 20 }).base32;

const codesOf = (secret: string, label = '') =>
  new TOTP({
    issuer: ISSUER,
    label,
    period: PERIOD_SECONDS,
    secret: Secret.fromBase32(secret),
  });

/** What an authenticator app reads, as a link or as a picture of it. */
export const secretLink = (secret: string, email: string): string =>
  codesOf(secret, email).toString();

/** The step of a code, counted since 1970; null where it is not right at this time. */
export function stepOf(secret: string, code: string, nowMs: number): number | null {
  const delta = codesOf(secret).validate({ token: code, timestamp: nowMs, window: STEPS_OFF });
  return delta === null ? null : Math.floor(nowMs / 1000 / PERIOD_SECONDS) + delta;
}

const RECOVERY_CODES = 10;

/** Codes for whoever has lost their authenticator, as they are shown once. */
export const newRecoveryCodes = (): string[] =>
  Array.from({ length: RECOVERY_CODES }, () =>
    randomBytes(8)
      .toString('hex')
      .replace(/(.{4})(?=.)/g, '$1-'),
  );

export const recoveryHash = (code: string): string =>
  createHash('sha256')
    .update(code.toLowerCase().replace(/[^0-9a-f]/g, ''))
    .digest('hex');
