import { readdirSync, readFileSync } from 'node:fs';
import { readSeason } from '@tropaeum/core/formats/season';
import { Client } from 'pg';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';

const folder = 'server/migrations';
const files = readdirSync(folder)
  .filter((file) => file.endsWith('.sql'))
  .sort();
let client: Client;

/** Runs migrations as they are written, statement by statement. */
async function run(names: readonly string[]): Promise<void> {
  for (const name of names)
    for (const statement of readFileSync(`${folder}/${name}`, 'utf8').split('--> statement-breakpoint'))
      if (statement.trim()) await client.query(statement);
}

beforeAll(async () => {
  const name = `t_${v7().replaceAll('-', '')}`;
  const maker = new Client({ connectionString: inject('adminUrl') });
  await maker.connect();
  await maker.query(`create database ${name}`);
  await maker.end();
  client = new Client({ connectionString: inject('adminUrl').replace(/\/postgres$/, `/${name}`) });
  await client.connect();
});
afterAll(() => client.end());

describe('bringing a database up to date', () => {
  it('has every file in the journal, each after the one before: an earlier moment would be passed over', () => {
    const { entries } = JSON.parse(readFileSync(`${folder}/meta/_journal.json`, 'utf8')) as {
      entries: { tag: string; when: number }[];
    };
    expect(entries.map(({ tag }) => `${tag}.sql`)).toEqual(files);
    const moments = entries.map(({ when }) => when);
    expect(moments).toEqual([...new Set(moments)].sort((a, b) => a - b));
  });

  it('keeps phases and fixtures of before in the season of their squad', async () => {
    const moving = files.findIndex((file) => file.includes('seasons-moved'));
    await run(files.slice(0, moving));
    const [organisation, squad, empty, fixture] = [v7(), v7(), v7(), v7()];
    await client.query('insert into organisations (id, name) values ($1, $2)', [organisation, 'Club']);
    for (const id of [squad, empty])
      await client.query('insert into squads (id, organisation_id, name, sport_id) values ($1, $2, $3, $4)', [
        id,
        organisation,
        id === squad ? 'Seniors' : 'Youth',
        'handball',
      ]);
    await client.query(
      `insert into phases (id, organisation_id, squad_id, phase, name, starts_on, ends_on) values ($1, $2, $3, 'taper', 'Taper', '2026-12-07', '2026-12-20')`,
      [v7(), organisation, squad],
    );
    await client.query(
      `insert into fixtures (id, organisation_id, squad_id, "on", name, importance) values ($1, $2, $3, '2026-12-12', 'Brenholm', 2)`,
      [fixture, organisation, squad],
    );
    const typed = files.findIndex((file) => file.includes('session-types'));
    await run(files.slice(moving, typed));
    const { rows } = await client.query('select squad_id, revision, content from seasons');
    expect(rows).toHaveLength(2);
    const kept = rows.find((row) => row.squad_id === squad);
    expect(kept.revision).toBe(1);
    expect(kept.content).toMatchObject({
      entries: [{ id: fixture, kind: 'fixture', name: 'Brenholm', on: '2026-12-12', importance: 2 }],
      phases: [{ phase: 'taper', name: 'Taper', startsOn: '2026-12-07', endsOn: '2026-12-20' }],
      rules: { least: 2, most: 3 },
      laid: [],
    });
    expect(rows.find((row) => row.squad_id === empty).content.entries).toEqual([]);
  });

  it('keeps what was laid, pinned and put down when kinds become session types', async () => {
    const typed = files.findIndex((file) => file.includes('session-types'));
    await client.query(`update seasons set content = content || $1::jsonb where content->'entries' <> '[]'::jsonb`, [
      JSON.stringify({
        entries: [{ id: 'e', kind: 'exams', name: 'School', on: '2026-12-14' }],
        pins: [
          { on: '2026-12-15', kind: 'strength' },
          { on: '2026-12-16', kind: 'nothing' },
        ],
        laid: [{ on: '2026-12-15', kind: 'strength', level: 0.5 }],
        relaxed: [{ week: '2026-12-14', rule: 'least' }],
      }),
    ]);
    const care = files.findIndex((file) => file.includes('care'));
    await run(files.slice(typed, care));
    const { rows } = await client.query(`select content from seasons where content->'entries' <> '[]'::jsonb`);
    expect(rows[0].content).toMatchObject({
      entries: [{ kind: 'exam', name: 'School' }],
      pins: [
        { on: '2026-12-15', type: 'whole-body' },
        { on: '2026-12-16', type: 'none' },
      ],
      laid: [{ on: '2026-12-15', type: 'whole-body', minutes: 15, start: '18:00', heavyLower: 5 }],
      rules: { least: 2, days: 'consolidate', labels: { slowBefore: 3, legsApart: 2 } },
    });
    expect(rows[0].content.relaxed).toBeUndefined();
    expect('season' in readSeason(rows[0].content)).toBe(true);
  });

  it('keeps athletes, restrictions and people when physios, guardians and consent come', async () => {
    const care = files.findIndex((file) => file.includes('care'));
    const [{ id: organisation }] = (await client.query('select id from organisations')).rows;
    const [{ id: squad }] = (await client.query('select id from squads limit 1')).rows;
    const [coach, athlete] = [v7(), v7()];
    await client.query(
      `insert into accounts (id, organisation_id, email, name, role, password_hash) values ($1, $2, 'c@club.example', 'C', 'owner', 'x')`,
      [coach, organisation],
    );
    await client.query(
      `insert into athletes (id, organisation_id, squad_id, name, role, born, height_cm, mass_kg, level, kit, house_rules)
       values ($1, $2, $3, 'Nora', 'back', '2012-05-01', 160, 50, 'beginner', '{"items":[]}', '{}')`,
      [athlete, organisation, squad],
    );
    await client.query(
      `insert into restrictions (id, organisation_id, athlete_id, region, severity, set_by) values ($1, $2, $3, 'knee', 'limit', 'physiotherapist')`,
      [v7(), organisation, athlete],
    );
    const tables = ['accounts', 'athletes', 'restrictions', 'squads', 'seasons', 'organisations'];
    // biome-ignore lint/suspicious/noExplicitAny: rows are looked at as they come
    const all = async (): Promise<Record<string, any[]>> => {
      const rows: Record<string, object[]> = {};
      for (const table of tables) rows[table] = (await client.query(`select * from ${table} order by 1`)).rows;
      return rows;
    };
    const before = await all();
    await run(files.slice(care));
    const after = await all();
    // Every row of before is there with every value it had.
    for (const table of tables) expect(after[table], table).toMatchObject(before[table] as object[]);
    expect(after.athletes?.[0]).toMatchObject({ assumed: [], consent_missing_since: null });
    expect(after.restrictions?.[0]).toMatchObject({ physio_id: null, criteria: null });
    await expect(client.query(`update accounts set role = 'wizard'`)).rejects.toThrow(/accounts_role_known/);
  });
});
