import { execFileSync, spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Client } from 'pg';
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

it('whoever leaves last stops it, also after one that left without a word', async () => {
  const gone = spawn(process.execPath, ['-e', '0']);
  await new Promise((resolve) => gone.once('exit', resolve));
  await cluster.join();
  writeFileSync(join(cluster.folder, 'users', String(gone.pid)), '12345');
  const other = spawn(
    process.execPath,
    [
      '-e',
      `import('${new URL('../../scripts/database.mjs', import.meta.url).href}').then(async ({ Cluster }) => {
        const cluster = new Cluster('kill-test-database');
        await cluster.join();
        process.send('in');
        process.once('message', async () => { await cluster.leave(); process.exit(0); });
      })`,
    ],
    { stdio: ['ignore', 'ignore', 'inherit', 'ipc'] },
  );
  await new Promise((resolve) => other.once('message', resolve));
  await cluster.leave();
  expect(cluster.isAlive()).toBe(true);
  other.send('leave');
  await new Promise((resolve) => other.once('exit', resolve));
  expect(cluster.isAlive()).toBe(false);
});

it('one that was made when the owner was a superuser is handed over, with all that is in it', async () => {
  await cluster.start();
  const old = JSON.parse(readFileSync(join(cluster.folder, 'passwords.json'), 'utf8'));
  // As it was: the first role is called the owner, and there are no doors.
  cluster.sql('postgres', "create role helper superuser login password 'x'");
  const at = (user: string, password: string, database = 'postgres') =>
    cluster.url('tropaeum_admin', database).replace(/\/\/.*@/, `//${user}:${password}@`);
  const asHelper = new Client({ connectionString: at('helper', 'x') });
  await asHelper.connect();
  for (const database of ['kept']) await asHelper.query(`alter database ${database} owner to tropaeum_admin`);
  const inKept = new Client({ connectionString: at('helper', 'x', 'kept') });
  await inKept.connect();
  await inKept.query('alter table words owner to tropaeum_admin');
  await inKept.end();
  await asHelper.query('drop role tropaeum_owner');
  await asHelper.query('alter role tropaeum_admin rename to tropaeum_owner');
  await asHelper.end();
  writeFileSync(
    join(cluster.folder, 'passwords.json'),
    JSON.stringify({ tropaeum_owner: old.tropaeum_admin, tropaeum_app: old.tropaeum_app }),
  );

  cluster.ensureDatabase('kept');
  const owner = new Client({ connectionString: cluster.url('tropaeum_owner', 'kept') });
  await owner.connect();
  expect((await owner.query('select word from words')).rows).toEqual([{ word: 'still here' }]);
  expect((await owner.query('select usesuper from pg_user where usename = current_user')).rows[0].usesuper).toBe(false);
  await owner.query('alter table words add column more text');
  await owner.end();
});
