import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { emptySeason } from '@tropaeum/core/season/plan/season-plan';
import { defaultHouseRules } from '@tropaeum/core/session/brief/house-rules';
import { drizzle } from 'drizzle-orm/node-postgres';
import { Client } from 'pg';
import pino from 'pino';
import { v7 } from 'uuid';
import { inject } from 'vitest';
import { createApp } from '../src/app';
import { Database } from '../src/database/database';
import { migrateDatabase } from '../src/database/migrate';
import * as schema from '../src/database/schema';
import { networkFeedReader } from '../src/feeds/feed-reader';
import { hashPassword } from '../src/middleware/passwords';
import { makePushKeys } from '../src/push/make-push-keys';
import { simulatedPush } from '../src/push/simulated-push';
import type { Services } from '../src/routes/context';
import { simulatedMail } from '../src/simulators/mail-service';
import { immediateMessageService } from '../src/simulators/message-service';
import { simulatedSensors } from '../src/simulators/sensors';

export const today = '2026-12-09';
export const password = 'a long enough one';

/** A database of this test file's own, migrated; addresses for the administrator, its owner and the server's login. */
export async function freshDatabase(): Promise<{ adminUrl: string; ownerUrl: string; appUrl: string }> {
  const name = `t_${v7().replaceAll('-', '')}`;
  const client = new Client({ connectionString: inject('adminUrl') });
  await client.connect();
  await client.query(`create database ${name} owner tropaeum_owner`);
  await client.end();
  const named = (url: string) => url.replace(/\/postgres$/, `/${name}`);
  const urls = {
    adminUrl: named(inject('adminUrl')),
    ownerUrl: named(inject('ownerUrl')),
    appUrl: named(inject('appUrl')),
  };
  await migrateDatabase(urls.ownerUrl, 'server/migrations');
  await makePushKeys(urls.ownerUrl);
  return urls;
}

export interface Club {
  email: string;
  organisationId: string;
  squadId: string;
  athleteId: string;
}

/** An organisation with a coach, a squad and one athlete. */
export async function layClub(adminUrl: string, name: string): Promise<Club> {
  const client = new Client({ connectionString: adminUrl });
  await client.connect();
  const db = drizzle(client);
  const [organisationId, squadId, athleteId] = [v7(), v7(), v7()];
  const email = `coach@${name}.example`;
  await db.insert(schema.organisations).values({ id: organisationId, name });
  await db.insert(schema.accounts).values({
    id: v7(),
    organisationId,
    email,
    name: `Coach of ${name}`,
    role: 'owner',
    passwordHash: await hashPassword(password),
  });
  await db.insert(schema.squads).values({ id: squadId, organisationId, name, sportId: 'handball' });
  await db.insert(schema.seasons).values({
    squadId,
    organisationId,
    content: { ...emptySeason, entries: [{ id: v7(), kind: 'fixture', on: '2026-12-12', name: 'Brenholm' }] },
  });
  await db.insert(schema.athletes).values({
    id: athleteId,
    organisationId,
    squadId,
    name: `Athlete of ${name}`,
    role: 'back',
    born: '2001-03-04',
    heightCm: 175,
    massKg: 70,
    level: 'intermediate',
    kit: {
      items: [{ kind: 'chair' }],
      anchors: ['feet'],
      partner: false,
      room: { lengthM: 3, widthM: 2, ceilingM: 2.5, wall: true, stairs: false, slidingFloor: true, quiet: false },
    },
    houseRules: defaultHouseRules,
  });
  await client.end();
  return { email, organisationId, squadId, athleteId };
}

export interface RunningServer {
  url: string;
  stop: () => Promise<void>;
}

/** The real server on a free port. */
export async function runServer(
  appUrl: string,
  {
    log = pino({ level: 'silent' }),
    onNotice,
    webFolder,
    ...changes
  }: Partial<Services> & { onNotice?: (words: string) => void; webFolder?: string } = {},
): Promise<RunningServer> {
  const database = new Database(appUrl, onNotice ? { onNotice } : {});
  const now = () => new Date();
  const feeds = networkFeedReader({ waitMs: 700, allowed: ['127.0.0.1', 'localhost'] });
  const app = createApp(
    {
      database,
      messages: immediateMessageService(now),
      mail: simulatedMail(now),
      ...simulatedPush(database, now),
      sensors: simulatedSensors(),
      feeds,
      log,
      publicUrl: 'http://127.0.0.1:4180',
      proxies: 0,
      signUp: false,
      linkRate: 100_000,
      isStopping: () => false,
      now,
      today: () => today,
      ...changes,
    },
    webFolder,
  );
  const server: Server = createServer(app.callback());
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  return {
    url: `http://127.0.0.1:${port}`,
    async stop() {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await Promise.all([database.close(), feeds.close()]);
    },
  };
}

export interface Answer {
  status: number;
  // biome-ignore lint/suspicious/noExplicitAny: answers are looked at as they come
  body: any;
  headers: Headers;
}

const asJson = (text: string, { headers }: Response) =>
  text && /application\/json/.test(headers.get('content-type') ?? '') ? JSON.parse(text) : text || undefined;

/** Somebody with a cookie, or without one. */
export class Caller {
  private cookie = '';

  constructor(private readonly base: string) {}

  async call(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
    const response = await fetch(`${this.base}/api${path}`, {
      method,
      headers: {
        ...(this.cookie ? { cookie: this.cookie } : {}),
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...headers,
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const set = response.headers.get('set-cookie');
    if (set) this.cookie = set.split(';')[0] ?? '';
    const text = await response.text();
    return { status: response.status, body: asJson(text, response), headers: response.headers };
  }

  /** The first message of a stream, and whether it ended when we stopped listening. */
  async firstMessage(path: string): Promise<{ type: string | null; data: unknown }> {
    const response = await fetch(`${this.base}/api${path}`, { headers: { cookie: this.cookie } });
    const reader = (response.body as ReadableStream<Uint8Array>).getReader();
    let text = '';
    for (;;) {
      const { value, done } = await reader.read();
      text += new TextDecoder().decode(value);
      const data = /^data: (.*)$/m.exec(text)?.[1];
      if (data || done) {
        await reader.cancel();
        return { type: response.headers.get('content-type'), data: data && JSON.parse(data) };
      }
    }
  }

  async signIn(email: string): Promise<this> {
    const answer = await this.call('POST', '/sign-in', { email, password });
    if (answer.status !== 204) throw new Error(`signing in gave ${answer.status}`);
    return this;
  }
}
