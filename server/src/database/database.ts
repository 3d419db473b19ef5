import { sql } from 'drizzle-orm';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { Pool } from 'pg';
import * as schema from './schema';

export type Transaction = Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0];

/** How long connecting and a query may take, milliseconds: what takes longer is told as such, and nobody waits for ever. */
const patience = { connectionTimeoutMillis: 5000, statement_timeout: 15_000, query_timeout: 20_000 } as const;

/** Codes of a database that is away, starting up or shutting down, and of connections that broke. */
const awayCodes = /^(08|57P|ECONN|EPIPE|ETIMEDOUT|ENOENT$)/;
const awayWords =
  /timeout exceeded when trying to connect|Connection terminated|Client has encountered a connection error|Query read timeout/i;

/** Whether an error, or what it was caused by, says that the database cannot be asked at the moment. */
export function isDatabaseAway(error: unknown): boolean {
  for (let cause = error, depth = 0; cause instanceof Error && depth < 5; cause = cause.cause, depth++) {
    const { code, message } = cause as Error & { code?: unknown };
    if ((typeof code === 'string' && awayCodes.test(code)) || awayWords.test(message)) return true;
  }
  return false;
}

/** The database as the server's own login sees it: nothing until an organisation is named. */
export class Database {
  private readonly pool: Pool;
  private readonly db: NodePgDatabase<typeof schema>;

  constructor(url: string) {
    this.pool = new Pool({ connectionString: url, max: 10, ...patience });
    // A connection that breaks ends what runs on it, never the server: idle ones tell the pool, the others whoever uses them.
    this.pool.on('error', () => undefined);
    this.pool.on('connect', (client) => client.on('error', () => undefined));
    this.db = drizzle(this.pool, { schema });
  }

  /** Runs work in one transaction that sees and writes the rows of one organisation only. */
  asOrganisation<T>(organisationId: string, work: (tx: Transaction) => Promise<T>): Promise<T> {
    return this.db.transaction(async (tx) => {
      await tx.execute(sql`select set_config('tropaeum.organisation', ${organisationId}, true)`);
      return work(tx);
    });
  }

  /** Looks somebody up at one of the doors, before an organisation is known. */
  async door<T extends Record<string, unknown>>(
    name: 'door_coach' | 'door_sign_in' | 'door_link' | 'door_calendar',
    wanted: string,
  ): Promise<T | undefined> {
    const found = await this.pool.query(`select * from ${name}($1)`, [wanted]);
    return found.rows[0] as T | undefined;
  }

  /** Feeds of every organisation that nobody has tried since, the longest untried first. */
  async dueFeeds(untriedSince: string): Promise<{ organisation_id: string; feed_id: string }[]> {
    return (await this.pool.query('select * from door_due_feeds($1)', [untriedSince])).rows;
  }

  /** Whether it answers. */
  async answers(): Promise<boolean> {
    try {
      await this.pool.query('select 1');
      return true;
    } catch {
      return false;
    }
  }

  async close(): Promise<void> {
    await this.pool.end();
  }
}
