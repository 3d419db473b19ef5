import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Programs from Debian's packages that the project runs but npm cannot bring. */
export const systemPackages = {
  postgresql: { name: 'postgresql', present: () => postgresFolders().length > 0 },
  chromium: { name: 'chromium', present: () => existsSync('/usr/bin/chromium') },
};

/** Folders with PostgreSQL server programs, newest major first. */
export function postgresFolders() {
  const listed = spawnSync('sh', ['-c', 'ls -d /usr/lib/postgresql/*/bin 2>/dev/null'], { encoding: 'utf8' });
  return listed.stdout
    .split('\n')
    .filter((folder) => folder && existsSync(`${folder}/initdb`))
    .sort((a, b) => major(b) - major(a));
}

const major = (folder) => Number(folder.split('/').at(-2));

/** Installs what is missing as root; as anybody else says exactly what to install and stops. */
export function ensurePackages(names, say) {
  const missing = names.map((name) => systemPackages[name]).filter((wanted) => !wanted.present());
  if (missing.length === 0) return;
  const list = missing.map((wanted) => wanted.name).join(' ');
  if (process.getuid?.() !== 0) {
    throw new Error(`Missing: ${list}. Ask an administrator to run: apt-get install -y ${list}`);
  }
  say(`Installing from Debian's packages: ${list} (once, a minute or two)`);
  const script = [
    'set -e',
    // The package would otherwise start a cluster of its own beside ours.
    'mkdir -p /etc/postgresql-common',
    '[ -e /etc/postgresql-common/createcluster.conf ] || echo "create_main_cluster = false" > /etc/postgresql-common/createcluster.conf',
    'apt-get update -q',
    `apt-get install -y -q --no-install-recommends -o Dpkg::Options::=--force-confold ${list}`,
  ].join('\n');
  const done = spawnSync('sh', ['-c', script], {
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  });
  if (done.status !== 0)
    throw new Error(`Installing ${list} failed:\n${done.stdout.slice(-1500)}\n${done.stderr.slice(-1500)}`);
}
