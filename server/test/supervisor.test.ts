import { spawn } from 'node:child_process';
import { createServer, type Server } from 'node:net';
import { expect, it } from 'vitest';
import { withLock } from '../../scripts/lock.mjs';
import { portFrom } from '../../scripts/ports.mjs';
import { Supervisor } from '../../scripts/supervisor.mjs';

const node = (script: string) => () =>
  spawn(process.execPath, ['-e', script], { stdio: ['ignore', 'ignore', 'ignore', 'ipc'] });
const times = { firstMs: 20, mostMs: 100, steadyMs: 300, lastCallsMs: 300 };
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

it('a process that ends at once is started again, later each time, and not after it was stopped', async () => {
  const said: string[] = [];
  let launched = 0;
  const supervisor = new Supervisor(
    () => {
      launched++;
      return node('process.exit(7)')();
    },
    (words) => said.push(words),
    times,
  );
  supervisor.start();
  while (launched < 5) await pause(10);
  expect(said.slice(0, 4).map((words) => /\((\w+)\).* in ([\d.]+) s/.exec(words)?.slice(1))).toEqual([
    ['7', '0.02'],
    ['7', '0.04'],
    ['7', '0.08'],
    ['7', '0.1'],
  ]);
  await supervisor.stop();
  const then = launched;
  await pause(250);
  expect(launched).toBe(then);
});

it('one that has served for a while is started again soon', async () => {
  const supervisor = new Supervisor(
    node("process.send('listening'); setInterval(() => {}, 1000)"),
    () => undefined,
    times,
  );
  supervisor.start();
  for (let i = 0; i < 3; i++) {
    const { child } = supervisor;
    await new Promise((resolve) => child?.once('message', resolve));
    await pause(350);
    supervisor.restart();
    await new Promise((resolve) => child?.once('exit', resolve));
    while (!supervisor.child) await pause(5);
    expect(supervisor.waitMs).toBe(40);
  }
  await supervisor.stop();
});

it('one that hangs when it is asked to end is ended', async () => {
  const supervisor = new Supervisor(
    node("process.on('SIGTERM', () => {}); process.send('on'); for (;;);"),
    () => undefined,
    times,
  );
  const child = supervisor.start();
  await new Promise((resolve) => child.once('message', resolve));
  await supervisor.stop();
  expect(child.signalCode).toBe('SIGKILL');
});

it('a lock lets one at a time, and ends with whoever held it', async () => {
  const order: string[] = [];
  await Promise.all(
    ['a', 'b', 'c'].map((who) =>
      withLock('test', async () => {
        order.push(`${who} in`);
        await pause(30);
        order.push(`${who} out`);
      }),
    ),
  );
  for (let i = 0; i < order.length; i += 2) expect(order[i + 1]).toBe(order[i]?.replace('in', 'out'));

  const lock = new URL('../../scripts/lock.mjs', import.meta.url).href;
  const holder = node(
    `import('${lock}').then(({ withLock }) => withLock('test', () => { process.send('held'); return new Promise(() => setInterval(() => {}, 1000)); }))`,
  )();
  await new Promise((resolve) => holder.once('message', resolve));
  let [waited, mine] = [false, false];
  const wanted = withLock('test', () => (mine = true), { onWait: () => (waited = true) });
  await pause(300);
  expect([waited, mine]).toEqual([true, false]);
  holder.kill('SIGKILL');
  await wanted;
  expect(mine).toBe(true);
});

it('a port that is taken, or that browsers refuse, is passed over', async () => {
  const taken: Server = createServer();
  await new Promise<void>((resolve) => taken.listen(4189, '127.0.0.1', resolve));
  expect(await portFrom(4189)).toBeGreaterThanOrEqual(4191);
  expect(await portFrom(6665)).toBeGreaterThanOrEqual(6670);
  await new Promise((resolve) => taken.close(resolve));
  await expect(portFrom(65_536)).rejects.toThrow('TROPAEUM_PORT');
});
