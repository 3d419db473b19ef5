import { sql } from 'drizzle-orm';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import type { PgTransactionConfig } from 'drizzle-orm/pg-core';
import { Pool } from 'pg';
import * as schema from './schema';

export type Transaction = Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0];

/** How long connecting and a query may take, milliseconds: what takes longer is told as such, and nobody waits for ever. */
const patience = { connectionTimeoutMillis: 5000, statement_timeout: 8000, query_timeout: 10_000 } as const;

/** Codes of a database that is away, starting up or shutting down, and of connections that broke. */
const awayCodes = /^(08|57P|ECONN|EPIPE|ETIMEDOUT|ENOENT$)/;
const awayWords =
  /timeout exceeded when trying to connect|Connection terminated|Client has encountered a connection error|Query read timeout/i;

/** An error and what it was caused by, so far down as anybody wraps them. */
function* causesOf(error: unknown): Generator<Error & { code?: unknown }> {
  for (let cause = error, depth = 0; cause instanceof Error && depth < 5; cause = cause.cause, depth++) yield cause;
}

/** The code of the database's own error behind an error, where there is one. */
export function databaseCode(error: unknown): string | undefined {
  for (const { code } of causesOf(error)) if (typeof code === 'string') return code;
  return undefined;
}

/** Whether an error, or what it was caused by, says that the database cannot be asked at the moment. */
export function isDatabaseAway(error: unknown): boolean {
  for (const { code, message } of causesOf(error))
    if ((typeof code === 'string' && awayCodes.test(code)) || awayWords.test(message)) return true;
  return false;
}

/** Functions of the database that are asked before an organisation is known. */
type Door =
  | 'door_salt'
  | 'door_account'
  | 'door_address'
  | 'door_sign_in'
  | 'door_mailed_link'
  | 'door_link'
  | 'door_closed_link'
  | 'door_calendar';

/** In whose name the database is asked. */
export interface Who {
  organisationId: string;
  accountId: string;
  /** Sees the squads of the account only. */
  limited: boolean;
  /** From where, for the trail. */
  address: string;
}

/** The database as the server's own login sees it: nothing until an organisation is named. */
export class Database {
  private readonly pool: Pool;
  private readonly db: NodePgDatabase<typeof schema>;

  /** `onNotice` hears what the database says beside its answers, such as how it went about a query. */
  constructor(url: string, { onNotice }: { onNotice?: (words: string) => void } = {}) {
    this.pool = new Pool({ connectionString: url, max: 10, ...patience });
    // A connection that breaks ends what runs on it, never the server: idle ones tell the pool, the others whoever uses them.
    this.pool.on('error', () => undefined);
    this.pool.on('connect', (client) => {
      client.on('error', () => undefined);
      if (onNotice) client.on('notice', ({ message = '' }) => onNotice(message));
    });
    this.db = drizzle(this.pool, { schema });
  }

  /** Runs work in one transaction that sees and writes the rows of one organisation only; for whoever comes by a link, and for the server itself. */
  asOrganisation<T>(organisationId: string, work: (tx: Transaction) => Promise<T>): Promise<T> {
    return this.asPerson({ organisationId, accountId: '', limited: false, address: '' }, work);
  }

  /** The same in somebody's name: of who is limited to squads, the rows of these squads only, and the trail says who it was. */
  asPerson<T>(who: Who, work: (tx: Transaction) => Promise<T>): Promise<T> {
    return this.transactionOf(who, work);
  }

  /** The same, to read much of it as it stands at one moment. */
  asOf<T>(who: Who, work: (tx: Transaction) => Promise<T>): Promise<T> {
    return this.transactionOf(who, work, { isolationLevel: 'repeatable read', accessMode: 'read only' });
  }

  private transactionOf<T>(
    { organisationId, accountId, limited, address }: Who,
    work: (tx: Transaction) => Promise<T>,
    config?: PgTransactionConfig,
  ): Promise<T> {
    return this.db.transaction(async (tx) => {
      await tx.execute(
        sql`select set_config('tropaeum.organisation', ${organisationId}, true), set_config('tropaeum.account', ${accountId}, true),
          set_config('tropaeum.limited', ${limited ? 'yes' : ''}, true), set_config('tropaeum.address', ${address}, true)`,
      );
      return work(tx);
    }, config);
  }

  /** Looks somebody up at one of the doors, before an organisation is known. */
  async door<T extends Record<string, unknown>>(name: Door, ...wanted: string[]): Promise<T | undefined> {
    const places = wanted.map((_, i) => `$${i + 1}`).join(', ');
    const found = await this.pool.query({ name, text: `select * from ${name}(${places})`, values: wanted });
    return found.rows[0] as T | undefined;
  }

  /** Keeps logged sets by a link, in one round trip; what came of it: `kept`, `no link`, `no session`, or `variant` with one that was not sent. */
  async keepLogs(linkHash: string, sessionId: string, logs: readonly object[], most: number): Promise<string> {
    const values = [linkHash, sessionId, JSON.stringify(logs), most];
    const text = 'select keep_logs($1, $2, $3, $4) as came';
    return (await this.pool.query<{ came: string }>({ name: 'keep_logs', text, values })).rows[0]?.came ?? '';
  }

  /** Takes away what has run out: sign-ins, links, calendars, counted tries; how many rows. */
  async purge(): Promise<number> {
    return Number((await this.pool.query<{ gone: string }>('select gone from door_purge()')).rows[0]?.gone ?? 0);
  }

  /** Where tries are counted; no organisation is known there. */
  get limits(): Pool {
    return this.pool;
  }

  /** Clubs by id: what each keeps is looked at in its own name. */
  async clubs(): Promise<string[]> {
    const { rows } = await this.pool.query<{ organisation_id: string }>('select organisation_id from door_clubs()');
    return rows.map((row) => row.organisation_id);
  }

  /** Founds a club with its owner, whose password nobody knows yet, and the link that sets one; false where the address has an account. */
  async foundClub(
    club: { id: string; name: string },
    owner: { id: string; name: string; email: string; passwordHash: string },
    link: { id: string; hash: string; minutes: number },
  ): Promise<boolean> {
    const text = 'select founded from door_found_club($1, $2, $3, $4, $5, $6, $7, $8, $9)';
    const ofOwner = [owner.id, owner.name, owner.email, owner.passwordHash];
    const given = [club.id, club.name, ...ofOwner, link.id, link.hash, link.minutes];
    return (await this.pool.query<{ founded: boolean }>(text, given)).rows[0]?.founded ?? false;
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

  /** Lets go of every connection; one that broke off halfway may never say that it has ended, and nobody waits for it longer than this. */
  async close(withinMs = 3000): Promise<void> {
    let timer: NodeJS.Timeout | undefined;
    const patience = new Promise<void>((resolve) => {
      timer = setTimeout(resolve, withinMs);
    });
    await Promise.race([this.pool.end(), patience]);
    clearTimeout(timer);
  }
}
