import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { Client } from 'pg';
import { describe, expect, it } from 'vitest';
import { takeClubIn } from '../src/clubs';
import { demoSignIn, seedDemo } from '../src/demo/seed';
import { type ClubRow, clubTables, leftBehind } from '../src/store/club-document';
import { Caller, freshDatabase, layClub, password, runServer } from './club';

const folder = mkdtempSync(join(tmpdir(), 'club-'));
const fileOf = (text: string) => {
  const file = join(folder, `${Math.random()}.jsonl`);
  writeFileSync(file, text);
  return file;
};

/** Rows of a club by table; the trail apart, which goes on. */
function rowsOf(text: string): { rows: Map<string, unknown[]>; trail: string[] } {
  const [, ...lines] = text.trim().split('\n');
  const rows = new Map<string, unknown[]>();
  for (const { table, row } of lines.map((line) => JSON.parse(line) as ClubRow))
    rows.set(table, [...(rows.get(table) ?? []), row]);
  for (const list of rows.values()) list.sort((a, b) => JSON.stringify(a).localeCompare(JSON.stringify(b)));
  const trail = (rows.get('audit_entries') ?? []).map((entry) => (entry as { id: string }).id);
  rows.delete('audit_entries');
  return { rows, trail };
}

describe('a club taken out and read back', () => {
  it('the document speaks of every table that belongs to a club, or says that it stays behind', async () => {
    const { adminUrl } = await freshDatabase();
    const client = new Client({ connectionString: adminUrl });
    await client.connect();
    const { rows } = await client.query(
      "select distinct table_name as name from information_schema.columns where table_schema = 'public' and column_name = 'organisation_id'",
    );
    await client.end();
    expect(rows.map((r) => r.name).sort()).toEqual(
      [...clubTables, ...leftBehind].filter((table) => table !== 'organisations').sort(),
    );
  });

  it('into a fresh installation is the same club, whatever stands in its texts', async () => {
    const [from, to] = [await freshDatabase(), await freshDatabase()];
    await seedDemo(from.ownerUrl, '2026-12-09');
    const client = new Client({ connectionString: from.adminUrl });
    await client.connect();
    const texts = fc
      .sample(fc.string({ unit: 'grapheme', minLength: 1, maxLength: 60 }), 400)
      .filter((t) => !t.includes('\0'));
    const { rows: sets } = await client.query('select session_id, id from set_logs limit 300');
    for (const [i, { session_id, id }] of sets.entries())
      await client.query('update set_logs set note = $1, amount = $2 where session_id = $3 and id = $4', [
        ...[texts[i % texts.length], Math.random() * 100, session_id, id],
      ]);
    await client.end();

    const first = await runServer(from.appUrl);
    const owner = new Caller(first.url);
    await owner.call('POST', '/sign-in', demoSignIn);
    const { body: taken, headers } = await owner.call('GET', '/club/export.jsonl');
    expect(headers.get('content-disposition')).toContain('.jsonl');
    expect(taken).not.toContain('argon2');
    expect(taken).not.toMatch(/_hash"/);
    await first.stop();

    const { club, links } = await takeClubIn(to.ownerUrl, fileOf(taken), new Date());
    expect(club).toBe('Skarvøy HK');
    const second = await runServer(to.appUrl);
    const there = new Caller(second.url);
    await there.call('POST', `/mailed-links/${links[0]?.path.split('/').at(-1)}`, { password });
    await there.signIn(demoSignIn.email);
    const { body: again } = await there.call('GET', '/club/export.jsonl');
    await second.stop();
    const [before, after] = [rowsOf(taken), rowsOf(again)];
    for (const table of clubTables) expect(after.rows.get(table), table).toEqual(before.rows.get(table));
    expect(after.trail).toEqual(expect.arrayContaining(before.trail));
  }, 120_000);

  it('twice, of another version, cut off or of something else is refused, and nothing is left of it', async () => {
    const [from, to] = [await freshDatabase(), await freshDatabase()];
    const ours = await layClub(from.adminUrl, 'ours');
    const server = await runServer(from.appUrl);
    const { body } = await (await new Caller(server.url).signIn(ours.email)).call('GET', '/club/export.jsonl');
    await server.stop();
    const [head, ...rows] = String(body).trim().split('\n');
    const wrong: [string, RegExp][] = [
      ['', /holds no club/],
      ['hello', /line 1 is not JSON/],
      ['{"format":"tropaeum-athlete/1"}', /tropaeum-club\/1/],
      [String(head).replace('"born",', ''), /table athletes has other columns/],
      [[head, rows[0], rows[1], '{"table":"athletes"'].join('\n'), /line 4 is not JSON/],
      [[head, rows[0], '{"table":"sign_ins","row":{}}'].join('\n'), /line 3 is no row/],
      [[head, ...rows.slice(1)].join('\n'), /comes before the club/],
    ];
    for (const [text, words] of wrong)
      await expect(takeClubIn(to.ownerUrl, fileOf(text), new Date()), text.slice(0, 40)).rejects.toThrow(words);
    const client = new Client({ connectionString: to.adminUrl });
    await client.connect();
    expect((await client.query('select * from organisations')).rows).toEqual([]);
    await takeClubIn(to.ownerUrl, fileOf(body), new Date());
    await expect(takeClubIn(to.ownerUrl, fileOf(body), new Date())).rejects.toThrow();
    expect((await client.query('select * from athletes')).rows).toHaveLength(1);
    await client.end();
  });
});
