import { hash, verify } from '@node-rs/argon2';

const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export function hashPassword(password: string): Promise<string> {
  return hash(password, cost);
}

let decoy: Promise<string> | undefined;

/** Checks a password; an unknown e-mail address takes as long as a known one. */
export async function passwordMatches(kept: string | undefined, password: string): Promise<boolean> {
  decoy ??= hashPassword('nobody has this one');
  const matches = await verify(kept ?? (await decoy), password);
  return matches && kept !== undefined;
}
