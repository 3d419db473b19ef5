import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { bodyParser } from '@koa/bodyparser';
import Koa from 'koa';
import { Client, Pool } from 'pg';
import type { Bench } from 'tinybench';
import { v7 } from 'uuid';

interface Target {
  serverUrl: string;
  linkToken: string;
  sessionId: string;
  ownerUrl: string;
}

/** A bare Koa that validates nothing and writes one row: what a log write can cost at the least. */
async function bareKoa(ownerUrl: string): Promise<{ url: string; stop: () => Promise<void> }> {
  const client = new Client({ connectionString: ownerUrl });
  await client.connect();
  await client.query('create table if not exists bare_logs (id uuid primary key, amount double precision)');
  await client.end();
  const pool = new Pool({ connectionString: ownerUrl, max: 10 });
  const app = new Koa();
  app.use(bodyParser());
  app.use(async (ctx) => {
    const { id, amount } = ctx.request.body as { id: string; amount: number };
    await pool.query('insert into bare_logs values ($1, $2)', [id, amount]);
    ctx.body = { kept: [id] };
  });
  const server = createServer(app.callback());
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    async stop() {
      server.closeAllConnections();
      server.close();
      await pool.end();
    },
  };
}

async function post(url: string, body: unknown): Promise<void> {
  const response = await fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!response.ok) throw new Error(`${url} answered ${response.status}`);
  await response.arrayBuffer();
}

/** One set of an athlete through the whole server, against bare Koa with one insert. */
export async function addTo(
  bench: Bench,
  { serverUrl, linkToken, sessionId, ownerUrl }: Target,
): Promise<() => Promise<void>> {
  const bare = await bareKoa(ownerUrl);
  bench.add('bare Koa, one insert', () => post(bare.url, { id: v7(), amount: 8 }));
  bench.add('a log through the server', () =>
    post(`${serverUrl}/api/link/${linkToken}/logs`, {
      sessionId,
      logs: [{ id: v7(), variant: 'push-up', setNumber: 1, side: 'both', amount: 8, doneAt: '2026-12-09T18:00:00Z' }],
    }),
  );
  return bare.stop;
}
