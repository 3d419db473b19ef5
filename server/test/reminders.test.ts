import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { Database } from '../src/database/database';
import { remindAll } from '../src/jobs/reminders';
import { overNetwork, type PushTarget, pushService } from '../src/push/push-service';
import { PushSimulator } from '../src/simulators/push-simulator';
import { pushKeysOf } from '../src/store/push';
import { Caller, type Club, freshDatabase, layClub, runServer, today } from './club';
import { sentSession } from './samples';

/** The stand-in behind real HTTP, as a maker's push service is reached. */
async function listening(simulator: () => PushSimulator): Promise<{ base: string; server: Server; calls: string[] }> {
  const calls: string[] = [];
  const server = createServer((request, response) => {
    const parts: Buffer[] = [];
    request.on('data', (part: Buffer) => parts.push(part));
    request.on('end', () => {
      const id = request.url?.split('/').at(-1) ?? '';
      calls.push(`${request.headers['content-encoding']} ${request.headers.ttl}`);
      const status = simulator().receive(id, request.headers.authorization, Buffer.concat(parts));
      response.writeHead(status, status === 201 ? {} : { location: 'http://127.0.0.1:1/' }).end();
    });
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return { base: `http://127.0.0.1:${(server.address() as AddressInfo).port}/push`, server, calls };
}

let club: Club;
let coach: Caller;
let server: Awaited<ReturnType<typeof runServer>>;
let database: Database;
let phones: PushSimulator;
let standIn: Awaited<ReturnType<typeof listening>>;
let session: { id: string; token: string };
/** What the clock shows in Oslo. */
let clock = '17:30';
const now = () => new Date(`${today}T${clock}:00+01:00`);

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'reminders');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  session = await sentSession(coach, club);
  database = new Database(urls.appUrl);
  standIn = await listening(() => phones);
  phones = new PushSimulator(standIn.base, now);
});
afterAll(async () => {
  standIn.server.close();
  await Promise.all([server.stop(), database.close()]);
});

const wishes = {
  ...{ sessionAt: 17 * 60, morningAt: 8 * 60, whenSent: false },
  ...{ quietFrom: 21 * 60, quietTo: 7 * 60, timeZone: 'Europe/Oslo' },
};
const phone = (method: string, path: string, body?: unknown) =>
  new Caller(server.url).call(method, `/link/${session.token}/reminders${path}`, body);
const push = () =>
  pushService({
    keys: pushKeysOf(database),
    subject: 'mailto:a@club.example',
    carry: overNetwork({ allowed: ['127.0.0.1'] }),
  });
const remind = () => remindAll({ database, push: push(), now, today: () => today });
const textsAt = ({ endpoint }: PushTarget) => phones.cameTo(endpoint).map(({ text }) => JSON.parse(text).text);

let target: PushTarget;
beforeEach(async () => {
  clock = '17:30';
  const { phones: known } = (await phone('GET', '')).body;
  for (const { endpoint } of known) await phone('POST', '/end', { endpoint });
  target = phones.subscribe();
  expect((await phone('POST', '', { ...target, wishes })).status).toBe(200);
});

describe('reminders', () => {
  it('come to a phone that said yes, encrypted, once, without a word of health', async () => {
    expect(await remind()).toBe(1);
    expect(await remind()).toBe(0);
    expect(textsAt(target)).toEqual([expect.stringMatching(/^Today: \d+ minutes\.$/)]);
    expect(standIn.calls.at(-1)).toMatch(/^aes128gcm \d+$/);
  });

  it('wait for their time and for the end of quiet hours', async () => {
    for (const early of ['16:59', '23:30', '03:00']) {
      clock = early;
      expect(await remind()).toBe(0);
    }
    clock = '20:59';
    expect(await remind()).toBe(1);
  });

  it('of a phone that is gone end; a busy one is tried again; one that refuses is not', async () => {
    phones.setMood(target.endpoint, 'busy');
    expect(await remind()).toBe(0);
    phones.setMood(target.endpoint, 'there');
    expect(await remind()).toBe(1);

    const second = phones.subscribe();
    await phone('POST', '', { ...second, wishes });
    phones.setMood(second.endpoint, 'refusing');
    expect(await remind()).toBe(0);
    phones.setMood(second.endpoint, 'there');
    expect(await remind()).toBe(0);

    const third = phones.subscribe();
    await phone('POST', '', { ...third, wishes });
    phones.setMood(third.endpoint, 'gone');
    expect(await remind()).toBe(0);
    const { phones: known } = (await phone('GET', '')).body;
    expect(known.map(({ endpoint }: PushTarget) => endpoint)).not.toContain(third.endpoint);
  });

  it('end when the phone says so, or the session is done', async () => {
    await phone('POST', '/end', { endpoint: target.endpoint });
    expect(await remind()).toBe(0);
    await phone('POST', '', { ...target, wishes });
    const report = { sessionId: session.id, effort: 5, minutes: 20, pain: [], finishedAt: `${today}T16:00:00Z` };
    await new Caller(server.url).call('POST', `/link/${session.token}/report`, report);
    expect(await remind()).toBe(0);
  });

  it('are of a zone, hours and keys that are some, or the field is named', async () => {
    for (const [body, path] of [
      [{ ...target, wishes: { ...wishes, timeZone: 'Moon/Base' } }, 'wishes.timeZone'],
      [{ ...target, wishes: { ...wishes, quietFrom: 1500 } }, 'wishes.quietFrom'],
      [{ ...target, keys: { p256dh: 'short', auth: 'x' }, wishes }, 'keys.p256dh'],
      [{ ...target }, 'wishes'],
    ] as const) {
      const { status, body: answer } = await phone('POST', '', body);
      expect(status).toBe(422);
      expect(answer.error.faults.map((f: { path: string }) => f.path)).toContain(path);
    }
  });

  it('never go to an address of our own network', async () => {
    const keys = { keys: pushKeysOf(database), subject: 'mailto:a@club.example' };
    const before = standIn.calls.length;
    expect(await pushService({ ...keys, carry: overNetwork() }).send(target, { text: 'x' })).toBe('refused');
    expect(standIn.calls).toHaveLength(before);
  });

  it('are wished otherwise by a phone that is known, and by no other', async () => {
    const later = { ...wishes, sessionAt: 20 * 60 };
    expect((await phone('POST', '', { endpoint: target.endpoint, wishes: later })).status).toBe(200);
    expect((await phone('GET', '')).body.phones[0].wishes).toEqual(later);
    expect((await phone('POST', '', { endpoint: phones.subscribe().endpoint, wishes })).status).toBe(404);
  });

  it('are shown under Messages where they are simulated', async () => {
    expect((await phone('POST', '', { wishes })).body.endpoint).toMatch(/^https:\/\/phones\.tropaeum\.example\//);
    expect((await coach.call('GET', '/mails')).body.reminders).toEqual([]);
  });
});
