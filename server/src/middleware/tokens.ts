import { createHash, randomBytes } from 'node:crypto';

/** An unguessable token of 256 bits, safe in an address. */
export function newToken(): string {
  return randomBytes(32).toString('base64url');
}

/** What is kept of a token: enough to recognise it, not enough to use it. */
export function tokenHash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
