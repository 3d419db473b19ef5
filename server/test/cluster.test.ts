import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, expect, it } from 'vitest';
import { Cluster } from '../../scripts/database.mjs';

const cluster = new Cluster('kill-test-database');
afterAll(() => {
  cluster.stop();
  rmSync(cluster.folder, { recursive: true, force: true });
});

const lockFile = () => join(cluster.folder, 'data', 'postmaster.pid');
const processId = () => Number(readFileSync(lockFile(), 'utf8').split('\n')[0]);

it('starts on loopback, survives kill -9 and a stale lock, keeps what was written, stops cleanly', async () => {
  await cluster.start();
  cluster.ensureDatabase('kept');
  cluster.ensureDatabase('kept');
  cluster.sql('kept', "create table words as select 'still here'::text as word");
  expect(cluster.sql('kept', 'show listen_addresses')).toBe('127.0.0.1');

  process.kill(processId(), 'SIGKILL');
  expect(existsSync(lockFile())).toBe(true);
  await cluster.start();
  expect(cluster.sql('kept', 'select word from words')).toBe('still here');

  cluster.stop();
  expect(existsSync(lockFile())).toBe(false);
  // A lock that names another living program, as after a reboot.
  execFileSync('sh', [
    '-c',
    `cp ${join(cluster.folder, 'data', 'PG_VERSION')} ${lockFile()} && printf '${process.pid}\\n' > ${lockFile()}`,
  ]);
  await cluster.start();
  expect(processId()).not.toBe(process.pid);
  expect(cluster.sql('kept', 'select count(*) from words')).toBe('1');
});

it('two starts at once are one start', async () => {
  await Promise.all([cluster.start(), new Cluster('kill-test-database').start()]);
  expect(cluster.sql('postgres', 'select 1')).toBe('1');
});
