import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { withLock } from './lock.mjs';
import { root, stateFolder } from './paths.mjs';

const stamp = join(stateFolder, 'dependencies');

const lockFileMark = () =>
  createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');

function areInstalled() {
  const installed = existsSync(stamp) && readFileSync(stamp, 'utf8') === lockFileMark();
  return installed && existsSync(join(root, 'node_modules', '.package-lock.json'));
}

/** Installs the npm packages when they are missing or the lock file has changed since, one process at a time. */
export async function ensureDependencies() {
  if (!areInstalled()) await withLock('setting up', installDependencies);
}

/** The same for whoever holds the lock already. Speaks on standard error only. */
export function installDependencies() {
  if (areInstalled()) return;
  process.stderr.write('Installing npm packages (once, about a minute)\n');
  const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  if (done.status !== 0) throw new Error('npm ci failed; see above');
  mkdirSync(stateFolder, { recursive: true });
  writeFileSync(stamp, lockFileMark());
}
