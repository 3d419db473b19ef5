import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { withLock } from './lock.mjs';
import { root, stateFolder } from './paths.mjs';

function* filesUnder(folder) {
  for (const name of readdirSync(folder).sort()) {
    if (name === 'node_modules' || name === 'dist') continue;
    const path = join(folder, name);
    if (statSync(path).isDirectory()) yield* filesUnder(path);
    else yield path;
  }
}

/** A mark of everything that goes into the build. */
function sourceMark() {
  const hash = createHash('sha256');
  for (const folder of ['core/src', 'server/src', 'web', 'scripts']) {
    for (const file of filesUnder(join(root, folder))) hash.update(file.slice(root.length)).update(readFileSync(file));
  }
  return hash.update(readFileSync(join(root, 'package-lock.json'))).digest('hex');
}

/** Builds interface and server when their sources have changed since the last build, one process at a time. */
export const ensureBuilt = () => withLock('setting up', build);

/** The same for whoever holds the lock already. */
export function build() {
  const stamp = join(stateFolder, 'built');
  const mark = sourceMark();
  const there = existsSync(join(root, 'web/dist/index.html')) && existsSync(join(root, 'server/dist/main.mjs'));
  if (there && existsSync(stamp) && readFileSync(stamp, 'utf8') === mark) return;
  process.stderr.write('Building\n');
  execFileSync('npm', ['run', '-s', 'build'], { cwd: root, stdio: ['ignore', 'ignore', 'inherit'] });
  mkdirSync(stateFolder, { recursive: true });
  writeFileSync(stamp, mark);
}
