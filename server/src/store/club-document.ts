import { sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';

/** Version of the document that a club is taken out as: a line of JSON that says what follows, then a line for every row. */
const clubFormat = 'tropaeum-club/1';

/**
 * Tables of a club in an order in which each row finds what it belongs to. Not among them: sign-ins, second factors, links and passwords, of which
 * only hashes are kept and which are worth nothing elsewhere.
 */
export const clubTables = [
  'organisations',
  'accounts',
  'squads',
  'account_squads',
  'seasons',
  'feeds',
  'athletes',
  'pending_athletes',
  'account_athletes',
  'consents',
  'restrictions',
  'restriction_changes',
  'release_requests',
  'sessions',
  'set_logs',
  'session_reports',
  'session_readiness',
  'guardian_notices',
  'decisions',
  'desk_marks',
  'own_seasons',
  'messages',
  'own_variants',
  'sport_profiles',
  'templates',
  'audit_entries',
] as const;
type ClubTable = (typeof clubTables)[number];

/** Tables that stay behind. */
export const leftBehind = [
  'push_subscriptions',
  'reminders',
  'session_reviews',
  'sign_ins',
  'second_factors',
  'mailed_links',
  'athlete_links',
  'calendar_links',
] as const;

/** Columns that stay behind. */
const secret: Partial<Record<ClubTable, string>> = { accounts: 'password_hash', messages: 'link_hash' };

/** Rows that are fetched and written at a time. */
const batch = 200;

/** A row of the document. */
export interface ClubRow {
  table: ClubTable;
  row: Record<string, unknown>;
}

interface ClubHead {
  format: string;
  club: string;
  at: string;
  /** Columns of each table, so that a file of another version is known for one. */
  columns: Record<string, string[]>;
}

/** Columns that a table is taken out with, in their order. */
async function columnsOf(tx: Transaction, table: ClubTable): Promise<string[]> {
  const { rows } = await tx.execute<{ name: string }>(
    sql`select attname as name from pg_attribute where attrelid = ${`public.${table}`}::regclass and attnum > 0 and not attisdropped order by attname`,
  );
  return rows.map(({ name }) => name).filter((name) => name !== secret[table]);
}

/** A club line by line, as it stands at one moment. */
export async function* linesOfClub(tx: Transaction, club: string, at: string): AsyncGenerator<string> {
  const columns: Record<string, string[]> = {};
  for (const table of clubTables) columns[table] = await columnsOf(tx, table);
  yield `${JSON.stringify({ format: clubFormat, club, at, columns } satisfies ClubHead)}\n`;
  for (const table of clubTables) {
    const named = sql.raw(`select ${(columns[table] as string[]).map((c) => `"${c}"`).join(', ')} from ${table}`);
    await tx.execute(sql`declare club_rows no scroll cursor for select to_jsonb(t) as row from (${named}) t`);
    for (;;) {
      const { rows } = await tx.execute<{ row: Record<string, unknown> }>(sql.raw(`fetch ${batch} from club_rows`));
      for (const { row } of rows) yield `${JSON.stringify({ table, row } satisfies ClubRow)}\n`;
      if (rows.length < batch) break;
    }
    await tx.execute(sql`close club_rows`);
  }
}

/** A document that is none, or of another version; its words say what is wrong. */
export class UnreadableClub extends Error {}

const parsed = (line: string, number: number): unknown => {
  try {
    return JSON.parse(line);
  } catch {
    throw new UnreadableClub(`line ${number} is not JSON`);
  }
};

async function headFrom(tx: Transaction, line: string | undefined): Promise<ClubHead> {
  const head = parsed(line ?? '', 1) as Partial<ClubHead> | null;
  if (head?.format !== clubFormat || !head.columns)
    throw new UnreadableClub(`line 1 must say "format": "${clubFormat}"; this file was not taken out of a club here`);
  for (const table of clubTables) {
    const here = await columnsOf(tx, table);
    if (JSON.stringify(head.columns[table]) !== JSON.stringify(here))
      throw new UnreadableClub(`table ${table} has other columns there than here; bring both to the same version`);
  }
  return head as ClubHead;
}

/**
 * Reads a club into a database that has none of it, all or nothing. Everybody needs a new password, by mail. The name of the club and how many rows
 * were read.
 *
 * @param lines lines of the document, without their ends
 * @param passwordHash what stands for the passwords that nobody knows
 */
export async function readClub(
  tx: Transaction,
  lines: AsyncIterable<string>,
  passwordHash: string,
): Promise<{ club: string; organisationId: string; rows: number }> {
  let head: ClubHead | undefined;
  let organisationId = '';
  let [number, rows] = [0, 0];
  let waiting: ClubRow[] = [];
  const write = async () => {
    const table = waiting[0]?.table;
    if (!table) return;
    const given = waiting.map(({ row }) => (table === 'accounts' ? { ...row, password_hash: passwordHash } : row));
    await tx.execute(
      sql`insert into ${sql.raw(table)} select * from jsonb_populate_recordset(null::${sql.raw(table)}, ${JSON.stringify(given)}::jsonb)`,
    );
    rows += waiting.length;
    waiting = [];
  };
  for await (const line of lines) {
    number += 1;
    if (!head) {
      head = await headFrom(tx, line);
      continue;
    }
    if (!line) continue;
    const { table, row } = parsed(line, number) as Partial<ClubRow>;
    if (!table || !clubTables.includes(table) || !row) throw new UnreadableClub(`line ${number} is no row of a club`);
    if (table === 'organisations') {
      organisationId = String(row.id);
      await tx.execute(sql`select set_config('tropaeum.organisation', ${organisationId}, true)`);
    }
    if (!organisationId) throw new UnreadableClub(`line ${number} comes before the club it belongs to`);
    if (waiting.length >= batch || (waiting[0] && waiting[0].table !== table)) await write();
    waiting.push({ table, row });
  }
  await write();
  if (!head || !organisationId) throw new UnreadableClub('the file holds no club');
  return { club: head.club, organisationId, rows };
}
