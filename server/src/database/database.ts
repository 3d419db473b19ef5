import { sql } from 'drizzle-orm';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { Pool } from 'pg';
import * as schema from './schema';

export type Transaction = Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0];

/** The database as the server's own login sees it: nothing until an organisation is named. */
export class Database {
  private readonly pool: Pool;
  private readonly db: NodePgDatabase<typeof schema>;

  constructor(url: string) {
    this.pool = new Pool({ connectionString: url, max: 10 });
    this.pool.on('error', () => undefined);
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

  async close(): Promise<void> {
    await this.pool.end();
  }
}
