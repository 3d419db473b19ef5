import { spawnSync } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { stateFolder } from './paths.mjs';

export const osUser = 'postgres';
export const isRoot = process.getuid?.() === 0;
/** When a process was born, in the kernel's ticks; a number that is used again has another. Empty where there is none. */
export function bornOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1).split(' ')[19];
  } catch {
    return '';
  }
}

export const newPassword = () => randomBytes(18).toString('base64url');

/** Runs a program as the user that may own a database: PostgreSQL refuses root. */
export function asOwner(program, args, options = {}) {
  const env = { PATH: process.env.PATH, LANG: 'C.UTF-8', HOME: '/nonexistent' };
  const [command, list] = isRoot ? ['runuser', ['-u', osUser, '--', program, ...args]] : [program, args];
  return spawnSync(command, list, { cwd: '/', env, encoding: 'utf8', ...options });
}

/** A folder the owner may enter: beside the project or where TROPAEUM_DATA says, or under /var/tmp when the parents of that are closed to it. */
export function chooseFolder(name) {
  const parent = process.env.TROPAEUM_DATA ?? stateFolder;
  const wanted = join(parent, name);
  mkdirSync(parent, { recursive: true });
  if (!isRoot || asOwner('test', ['-x', parent]).status === 0) return wanted;
  const mark = createHash('sha256').update(wanted).digest('hex').slice(0, 12);
  return `/var/tmp/tropaeum-${mark}`;
}
