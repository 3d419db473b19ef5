import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { bodyParser } from '@koa/bodyparser';
import Koa from 'koa';
import { Client, Pool } from 'pg';

/** A bare Koa that validates nothing and writes one row: what a log write can cost at the least. */
export async function bareKoa(ownerUrl: string): Promise<{ url: string; stop: () => Promise<void> }> {
  const client = new Client({ connectionString: ownerUrl });
  await client.connect();
  await client.query('create table if not exists bare_logs (id uuid primary key, amount double precision)');
  await client.end();
  const pool = new Pool({ connectionString: ownerUrl, max: 10 });
  const app = new Koa();
  app.use(bodyParser());
  app.use(async (ctx) => {
    const { id, amount } = ctx.request.body as { id: string; amount: number };
    await pool.query('insert into bare_logs values ($1, $2) on conflict (id) do update set amount = excluded.amount', [
      id,
      amount,
    ]);
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
