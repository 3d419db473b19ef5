import { type ChildProcess, execFileSync, fork } from 'node:child_process';
import { createServer } from 'node:net';
import { v7 } from 'uuid';
import { expect, it } from 'vitest';
import { Caller, freshDatabase, layClub, logged, sentSession } from './club';

async function freePort(): Promise<number> {
  const probe = createServer();
  await new Promise<void>((resolve) => probe.listen(0, '127.0.0.1', resolve));
  const { port } = probe.address() as { port: number };
  await new Promise((resolve) => probe.close(resolve));
  return port;
}

async function launch(appUrl: string, port: number): Promise<ChildProcess> {
  const child = fork('server/dist/main.mjs', {
    env: {
      ...process.env,
      TROPAEUM_DATABASE_URL: appUrl,
      TROPAEUM_PORT: String(port),
      TROPAEUM_LOG: 'silent',
      TROPAEUM_TODAY: '2026-12-09',
    },
    stdio: 'ignore',
  });
  await new Promise((resolve) => child.once('message', resolve));
  return child;
}

it('killed with -9 in the middle of a stream of logs, every acknowledged log is there once', async () => {
  execFileSync(process.execPath, ['scripts/build-server.mjs']);
  const { ownerUrl, appUrl } = await freshDatabase();
  const club = await layClub(ownerUrl, 'crash');
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let server = await launch(appUrl, port);
  const coach = await new Caller(url).signIn(club.email);
  const session = await sentSession(coach, club);

  const acknowledged: string[] = [];
  const unanswered: ReturnType<typeof logged>[] = [];
  let stopped = false;
  const stream = async () => {
    while (!stopped) {
      const log = logged({ id: v7(), setNumber: 1 + (acknowledged.length % 30) });
      try {
        const answer = await new Caller(url).call('POST', `/link/${session.token}/logs`, {
          sessionId: session.id,
          logs: [log],
        });
        if (answer.status === 200) acknowledged.push(log.id);
      } catch {
        unanswered.push(log);
        return;
      }
    }
  };
  const streams = Array.from({ length: 4 }, stream);
  while (acknowledged.length < 60) await new Promise((resolve) => setTimeout(resolve, 5));
  server.kill('SIGKILL');
  await new Promise((resolve) => server.once('exit', resolve));
  stopped = true;
  await Promise.all(streams);

  server = await launch(appUrl, port);
  try {
    const kept = async () =>
      ((await new Caller(url).call('GET', `/link/${session.token}`)).body.logs as { id: string }[]).map((l) => l.id);
    const after = await kept();
    expect(new Set(after).size).toBe(after.length);
    expect(acknowledged.filter((id) => !after.includes(id))).toEqual([]);
    // The phone sends again what was not answered: still once each.
    for (const log of [...unanswered, logged({ id: acknowledged[0] })]) {
      await new Caller(url).call('POST', `/link/${session.token}/logs`, { sessionId: session.id, logs: [log] });
    }
    const again = await kept();
    expect(new Set(again).size).toBe(again.length);
    expect(again).toHaveLength(new Set([...acknowledged, ...after, ...unanswered.map((l) => l.id)]).size);
  } finally {
    server.kill('SIGTERM');
  }
});
