import { mkdtempSync, rmSync, truncateSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Client } from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { backUp, differences, restoreInto } from '../../scripts/backing-up.mjs';
import { Cluster } from '../../scripts/database.mjs';
import { Caller, type Club, freshDatabase, layClub, runServer } from './club';
import { logged, sentSession } from './samples';

const cluster = new Cluster('test-database', { fast: true });
const folder = mkdtempSync(join(tmpdir(), 'backup-'));
const file = join(folder, 'club.dump');
let urls: Awaited<ReturnType<typeof freshDatabase>>;
let club: Club;
const nameOf = (url: string) => new URL(url).pathname.slice(1);

beforeAll(async () => {
  urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'kept');
  const server = await runServer(urls.appUrl);
  const coach = await new Caller(server.url).signIn(club.email);
  const session = await sentSession(coach, club);
  await coach.call('POST', `/link/${session.token}/logs`, { sessionId: session.id, logs: [logged(), logged()] });
  await server.stop();
});
afterAll(() => rmSync(folder, { recursive: true }));

it('holds every row of every table, is proved by restoring it, and serves when it is put in place', async () => {
  const name = nameOf(urls.adminUrl);
  const sums = await backUp(cluster, name, file);
  expect(sums['public.set_logs']).toMatch(/^2 rows, /);
  expect(Object.keys(sums).length).toBeGreaterThan(20);
  expect(await restoreInto(cluster, `${name}_again`, file, sums)).toEqual(sums);
  const server = await runServer(urls.appUrl.replace(name, `${name}_again`));
  const coach = await new Caller(server.url).signIn(club.email);
  expect((await coach.call('GET', `/athletes/${club.athleteId}`)).body.sessions).toHaveLength(1);
  // The server's login is bound as before.
  const app = new Client({ connectionString: urls.appUrl.replace(name, `${name}_again`) });
  await app.connect();
  expect((await app.query('select * from athletes')).rows).toEqual([]);
  await app.end();
  await server.stop();
});

it('tells a difference by table, and a file that is not whole is none', async () => {
  expect(differences({ a: '1', b: '2' }, { a: '1', b: '3', c: '4' })).toEqual([
    'b: 2 against 3',
    'c: not there against 4',
  ]);
  truncateSync(file, 20_000);
  await expect(restoreInto(cluster, `${nameOf(urls.adminUrl)}_broken`, file)).rejects.toThrow();
});
