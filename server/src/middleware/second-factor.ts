import { randomBytes } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import type { Transaction } from '../database/database';
import { changeSecondFactor, secondFactorOf } from '../store/second-factors';
import { tokenHash } from './tokens';

const stepSeconds = 30;
const recoveryCodes = 8;

const codesOf = (secret: string, label: string) =>
  new TOTP({ issuer: 'Tropaeum', label, secret: Secret.fromBase32(secret), digits: 6, period: stepSeconds });

/** A new secret for an authenticator app, and the address that such an app reads off a picture. */
export function newSecondFactor(label: string): { secret: string; uri: string } {
  const secret = new Secret({ size: 20 }).base32;
  return { secret, uri: codesOf(secret, label).toString() };
}

/** Codes that stand in for the app, once each, with what is kept of them. */
export function newRecoveryCodes(): { codes: string[]; hashes: string[] } {
  const codes = Array.from({ length: recoveryCodes }, () => randomBytes(5).toString('hex'));
  return { codes, hashes: codes.map(tokenHash) };
}

/** The step of thirty seconds whose code it is, a step early or late allowed; nothing where it is none or was used. */
export function stepOfCode(secret: string, code: string, now: Date, lastStep: number): number | undefined {
  const delta = codesOf(secret, '').validate({ token: code.replace(/\s/g, ''), timestamp: now.getTime(), window: 1 });
  if (delta === null) return undefined;
  const step = Math.floor(now.getTime() / 1000 / stepSeconds) + delta;
  return step > lastStep ? step : undefined;
}

/** Whether an account may come in with this code; one without a second factor needs none. */
export async function passesSecondFactor(
  tx: Transaction,
  accountId: string,
  code: string | undefined,
  now: Date,
): Promise<'yes' | 'asks' | 'no'> {
  const factor = await secondFactorOf(tx, accountId);
  if (!factor?.confirmedAt) return 'yes';
  if (!code) return 'asks';
  const step = stepOfCode(factor.secret, code, now, factor.lastStep);
  if (step !== undefined) {
    await changeSecondFactor(tx, accountId, { lastStep: step });
    return 'yes';
  }
  const hash = tokenHash(code.trim().toLowerCase());
  if (!factor.recoveryHashes.includes(hash)) return 'no';
  await changeSecondFactor(tx, accountId, { recoveryHashes: factor.recoveryHashes.filter((h) => h !== hash) });
  return 'yes';
}
