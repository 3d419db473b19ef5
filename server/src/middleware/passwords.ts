import { hash } from '@node-rs/argon2';

const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export function hashPassword(password: string): Promise<string> {
  return hash(password, cost);
}

/** Hashes a password as the database says of an account, `$argon2id$v=19$m=19456,t=2,p=1$salt`; the result is compared there. */
export function hashAs(hashedWith: string, password: string): Promise<string> {
  const [, , , costs = '', salt = ''] = hashedWith.split('$');
  const { m, t, p } = Object.fromEntries(costs.split(',').map((one) => one.split('='))) as Record<string, string>;
  return hash(password, {
    memoryCost: Number(m),
    timeCost: Number(t),
    parallelism: Number(p),
    salt: Buffer.from(salt, 'base64'),
  });
}
