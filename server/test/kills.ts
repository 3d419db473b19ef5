import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seeded } from '@tropaeum/core/common/seeded-random';
import { v7 } from 'uuid';
import { Cluster } from '../../scripts/database.mjs';
import { portFrom } from '../../scripts/ports.mjs';
import { Caller, type Club, layClub } from './club';
import { draft, logged } from './samples';

export interface Kills {
  servers: number;
  databases: number;
  /** Freezes of the database instead of kills, each of a second. */
  freezes: number;
  seed: number;
  /** Hears how many blows of how many are over. */
  onBlow?: (done: number, of: number) => void;
}

export interface AfterKills {
  acknowledged: number;
  /** Acknowledged and not there. */
  lost: number;
  /** There more than once. */
  doubled: number;
  /** Time from the blow until a log was taken again, ms. */
  backMs: { server: number[]; database: number[]; freeze: number[] };
  /** Answers that were neither taken nor clear that it will work later. */
  unclear: string[];
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Processes that a process has started. */
const childrenOf = (parent: number | undefined): number[] =>
  readdirSync('/proc')
    .filter((pid) => {
      try {
        return Number(readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1)?.split(' ')[1]) === parent;
      } catch {
        // no process, or gone meanwhile
        return false;
      }
    })
    .map(Number);

/** The server process that the start command has started. */
const serverOf = (start: ChildProcess): number | undefined =>
  childrenOf(start.pid).find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('main.mjs'));

const postmasterOf = (cluster: Cluster) =>
  Number(readFileSync(join(cluster.data, 'postmaster.pid'), 'utf8').split('\n')[0]);

async function layLink(url: string, club: Club, days: number): Promise<{ token: string; sessions: string[] }> {
  const coach = await new Caller(url).signIn(club.email);
  const { brief } = (await coach.call('GET', `/athletes/${club.athleteId}`)).body;
  const sessions: string[] = [];
  let token = '';
  for (let i = 0; i < days; i++) {
    const date = new Date(Date.UTC(2026, 11, 10 + i)).toISOString().slice(0, 10);
    const { body } = await coach.call('POST', `/athletes/${club.athleteId}/sessions`, {
      brief: { ...brief, date },
      draft,
    });
    sessions.push(body.id);
    token = (await coach.call('POST', `/sessions/${body.id}/send`)).body.link.split('/a/')[1];
  }
  return { token, sessions };
}

/**
 * Starts the real thing by its start command, on a database of its own, and kills server and database while phones write logs, as a phone does:
 * until each is acknowledged. Nobody lends a hand; at the end what was acknowledged is counted.
 */
export async function killUnderWrites({ servers, databases, freezes, seed, onBlow }: Kills): Promise<AfterKills> {
  const random = seeded(seed);
  const folder = mkdtempSync(join(tmpdir(), 'kills-'));
  process.env.TROPAEUM_DATA = folder;
  const cluster = new Cluster('database');
  const port = await portFrom(4400 + Math.floor(random() * 200));
  const url = `http://127.0.0.1:${port}`;
  const start = spawn(process.execPath, ['scripts/start.mjs'], {
    env: {
      ...process.env,
      TROPAEUM_PORT: String(port),
      TROPAEUM_DEMO: 'no',
      TROPAEUM_TODAY: '2026-12-09',
      TROPAEUM_LOG: 'silent',
      TROPAEUM_LINK_RATE: '1000000',
    },
    stdio: 'ignore',
  });
  const acknowledged: string[] = [];
  const unclear: string[] = [];
  const backMs: AfterKills['backMs'] = { server: [], database: [], freeze: [] };
  let stopped = false;
  try {
    await until(async () => (await fetch(`${url}/api/ready`)).status === 200, 180_000);
    const club = await layClub(cluster.url('tropaeum_admin', 'tropaeum'), 'kills');
    const { token, sessions } = await layLink(url, club, 8 + Math.ceil((servers + databases) / 4));
    let count = 0;
    const phone = async () => {
      while (!stopped) {
        const log = logged({ id: v7(), setNumber: 1 + (count % 30) });
        const sessionId = sessions[Math.floor(count++ / 900)];
        for (let taken = false; !taken && !stopped; ) {
          try {
            const { status } = await new Caller(url).call('POST', `/link/${token}/logs`, { sessionId, logs: [log] });
            if (status === 200) taken = acknowledged.push(log.id) > 0;
            else if (status !== 503) unclear.push(String(status));
          } catch {
            // cut off: it goes again, under the same id
          }
          if (!taken) await pause(25);
        }
        await pause(20);
      }
    };
    const phones = Array.from({ length: 4 }, phone);
    const blows = [
      ...Array<'server'>(servers).fill('server'),
      ...Array<'database'>(databases).fill('database'),
      ...Array<'freeze'>(freezes).fill('freeze'),
    ]
      .map((blow) => ({ blow, at: random() }))
      .sort((a, b) => a.at - b.at);
    for (const { blow } of blows) {
      await pause(300 + random() * 2200);
      const target = blow === 'server' ? serverOf(start) : postmasterOf(cluster);
      if (!target) throw new Error('nothing to kill: nobody has started it again');
      if (blow === 'freeze') {
        const frozen = [target, ...childrenOf(target)];
        for (const pid of frozen) process.kill(pid, 'SIGSTOP');
        await pause(7000);
        for (const pid of frozen) process.kill(pid, 'SIGCONT');
      } else process.kill(target, 'SIGKILL');
      const [begun, before] = [Date.now(), acknowledged.length];
      // One that was under way at the blow may still come in.
      await until(async () => acknowledged.length > before + 4, 90_000);
      backMs[blow].push(Date.now() - begun);
      onBlow?.(Object.values(backMs).flat().length, blows.length);
    }
    stopped = true;
    await Promise.all(phones);
    const kept = cluster.sql('tropaeum', 'select id from set_logs').split('\n');
    const there = new Set(kept);
    return {
      acknowledged: acknowledged.length,
      lost: acknowledged.filter((id) => !there.has(id)).length,
      doubled: kept.length - there.size,
      backMs,
      unclear,
    };
  } finally {
    stopped = true;
    start.kill('SIGTERM');
    await new Promise((resolve) => (start.exitCode === null ? start.once('exit', resolve) : resolve(undefined)));
    cluster.stop();
    rmSync(cluster.folder, { recursive: true, force: true });
    rmSync(folder, { recursive: true, force: true });
    delete process.env.TROPAEUM_DATA;
  }
}

async function until(holds: () => Promise<boolean>, mostMs: number): Promise<void> {
  const end = Date.now() + mostMs;
  while (!(await holds().catch(() => false))) {
    if (Date.now() > end) throw new Error(`not within ${mostMs / 1000} s`);
    await pause(10);
  }
}
