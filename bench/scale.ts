import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Client } from 'pg';
import { v7 } from 'uuid';
import { backUp, restoreInto } from '../scripts/backing-up.mjs';
import { Cluster } from '../scripts/database.mjs';
import { portFrom } from '../scripts/ports.mjs';
import { launchServer, prepareDatabase } from '../scripts/server.mjs';
import { Caller, layClub, today } from '../server/test/club';
import { commonest } from '../server/test/commonest';
import { everyRoute } from '../server/test/every-route';
import { fillWithOthers } from '../server/test/filled';
import { type Laid, layBehindRoutes } from '../server/test/laid';
import { logged } from '../server/test/samples';
import { bareKoa } from './bare-koa';

/** As many of others as a server of many clubs may hold; a share of it with a number behind the command. */
const share = Number(process.argv[2] ?? 1);
const filling = {
  clubs: Math.round(1000 * share),
  athletes: Math.round(20_000 * share),
  sessions: Math.round(1_000_000 * share),
  logs: Math.round(5_000_000 * share),
};
const rounds = 60;
const cluster = new Cluster('scale-database', { fast: true });

interface Side {
  name: string;
  server: ChildProcess;
  coach: Caller;
  laid: Laid;
  url: string;
}

async function layNew(name: string, fill: boolean): Promise<Side> {
  cluster.sql('postgres', `drop database if exists ${name} with (force)`);
  cluster.ensureDatabase(name);
  await prepareDatabase(cluster, name, { TROPAEUM_DEMO: 'no' });
  const admin = new Client({ connectionString: cluster.url('tropaeum_admin', name) });
  await admin.connect();
  if (fill) await fillWithOthers(admin, filling, today);
  const club = await layClub(cluster.url('tropaeum_admin', name), 'ours');
  await admin.query('analyze');
  await admin.end();
  const port = await portFrom(4700);
  const settings = {
    TROPAEUM_LOG: 'info',
    TROPAEUM_TODAY: today,
    TROPAEUM_LINK_RATE: '1000000',
    TROPAEUM_FEEDS_ALLOWED: '127.0.0.1',
  };
  const server = launchServer(cluster, name, port, settings, 'ignore');
  await new Promise((resolve) => server.once('message', resolve));
  const url = `http://127.0.0.1:${port}`;
  const coach = await new Caller(url).signIn(club.email);
  return { name, server, coach, laid: await layBehindRoutes(coach, club, url), url };
}

async function timed(work: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  await work();
  return performance.now() - begun;
}
const median = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] as number;

const began = performance.now();
const empty = await layNew('scale_empty', false);
const full = await layNew('scale_full', true);
console.log(`Beside ${JSON.stringify(filling)}; laid in ${((performance.now() - began) / 1000).toFixed(0)} s`);
const folder = mkdtempSync(join(tmpdir(), 'scale-'));
try {
  const table = [];
  for (const route of commonest) {
    const times = { empty: [] as number[], full: [] as number[] };
    const ask = async ({ coach, laid }: Side) => {
      const { path, body } = everyRoute(laid)[route] as { path: string; body?: unknown };
      const { status } = await coach.call(route.split(' ')[0] as string, path, body);
      if (status !== 200) throw new Error(`${route} gave ${status}`);
    };
    for (let i = 0; i < rounds + 10; i++) {
      // By turns, so that what the machine does beside it hits both alike.
      const [a, b] = [await timed(() => ask(empty)), await timed(() => ask(full))];
      if (i >= 10) {
        times.empty.push(a);
        times.full.push(b);
      }
    }
    const [alone, beside] = [median(times.empty), median(times.full)];
    table.push({
      request: route,
      'alone ms': alone.toFixed(2),
      'beside ms': beside.toFixed(2),
      times: (beside / alone).toFixed(2),
    });
  }
  console.table(table);

  const bare = await bareKoa(cluster.url('tropaeum_admin', 'scale_full'));
  const logs = { bare: [] as number[], server: [] as number[] };
  for (let i = 0; i < 900; i++) {
    const one = logged({ id: v7() });
    const post = (url: string, body: object) =>
      fetch(url, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }).then(
        (answer) => {
          if (answer.status !== 200) throw new Error(`a log gave ${answer.status}`);
          return answer.text();
        },
      );
    const [a, b] = [
      await timed(() => post(bare.url, one)),
      await timed(() =>
        post(`${full.url}/api/link/${full.laid.session.token}/logs`, { sessionId: full.laid.session.id, logs: [one] }),
      ),
    ];
    if (i >= 100) {
      logs.bare.push(a);
      logs.server.push(b);
    }
  }
  await bare.stop();
  const [least, ours] = [median(logs.bare), median(logs.server)];
  console.log(
    `A log: ${ours.toFixed(2)} ms, bare Koa with one insert ${least.toFixed(2)} ms: ${(ours / least).toFixed(2)} times`,
  );

  for (const side of [empty, full]) side.server.kill('SIGTERM');
  const file = join(folder, 'scale.dump');
  const saving = await timed(() => backUp(cluster, 'scale_full', file));
  console.log(
    `Backup, restored beside and compared: ${(saving / 1000).toFixed(0)} s, ${(statSync(file).size / 2 ** 20).toFixed(0)} MB; sums by table equal`,
  );
  const restoring = await timed(() => restoreInto(cluster, 'scale_again', file));
  console.log(`Restored: ${(restoring / 1000).toFixed(0)} s`);
} finally {
  for (const side of [empty, full]) side.server.kill('SIGTERM');
  for (const name of ['scale_empty', 'scale_full', 'scale_again'])
    cluster.sql('postgres', `drop database if exists ${name} with (force)`);
  rmSync(folder, { recursive: true });
}
