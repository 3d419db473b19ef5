import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { logged, sentSession } from './samples';

let server: RunningServer;
let adminUrl: string;
let club: Club;
let owner: Caller;

beforeAll(async () => {
  const urls = await freshDatabase();
  adminUrl = urls.adminUrl;
  club = await layClub(adminUrl, 'club');
  server = await runServer(urls.appUrl);
  owner = await new Caller(server.url).signIn(club.email);
  await owner.call('PATCH', `/athletes/${club.athleteId}`, { name: 'Zwyntje Qvarnström' });
  const { id, token } = await sentSession(owner, club);
  await owner.call('POST', `/link/${token}/logs`, { sessionId: id, logs: [logged({ note: '=cmd()', reserve: 2 })] });
  await owner.call('POST', `/link/${token}/report`, {
    ...{ sessionId: id, effort: 6, minutes: 30, finishedAt: '2026-12-09T18:30:00Z' },
    pain: [{ region: 'knee', side: 'left', score: 3 }],
  });
  await owner.call('PATCH', `/athletes/${club.athleteId}`, {
    athlete: { restrictions: [{ region: 'knee', severity: 'limit', setBy: 'coach', reason: 'jumper' }] },
  });
});
afterAll(() => server.stop());

/** Every row of every table that holds a text, by table. */
async function rowsWith(text: string): Promise<Record<string, number>> {
  const client = new Client({ connectionString: adminUrl });
  await client.connect();
  const { rows: tables } = await client.query("select tablename from pg_tables where schemaname = 'public'");
  const found: Record<string, number> = {};
  for (const { tablename } of tables) {
    const { rows } = await client.query(
      `select count(*)::int as n from ${tablename} t where to_jsonb(t)::text like '%' || $1 || '%'`,
      [text],
    );
    if (rows[0].n > 0) found[tablename] = rows[0].n;
  }
  await client.end();
  return found;
}

describe('an athlete', () => {
  it('is taken out whole: every table that names it is in the document, and no hash of a link', async () => {
    const { body } = await owner.call('GET', `/athletes/${club.athleteId}/export.json`);
    expect(body).toMatchObject({
      format: 'tropaeum-athlete/1',
      athlete: { name: 'Zwyntje Qvarnström', massKg: 70 },
      restrictions: [{ region: 'knee', reason: 'jumper' }],
      sets: [{ variant: 'push-up', amount: 8, reserve: 2 }],
      reports: [{ effort: 6, pain: [{ region: 'knee', side: 'left', score: 3 }] }],
    });
    expect(body.sessions).toHaveLength(1);
    expect(body.messages[0].body).toContain('Zwyntje');
    expect(JSON.stringify(body)).not.toMatch(/hash/i);
    const named = Object.keys(await rowsWith(club.athleteId)).filter((table) => table !== 'audit_entries');
    expect(named.sort()).toEqual([
      'athlete_links',
      'athletes',
      'messages',
      'restriction_changes',
      'restrictions',
      'sessions',
    ]);
  });

  it('as a table has a line a set, and no cell that a spreadsheet takes for a formula', async () => {
    const { body, headers } = await owner.call('GET', `/athletes/${club.athleteId}/export.csv`);
    expect(headers.get('content-type')).toContain('text/csv');
    const [head, line] = String(body).split('\n');
    expect(head).toContain('day,exercise,set,side,amount,reps_in_reserve');
    expect(line).toContain("2026-12-09,push-up,1,both,8,2,'=cmd()");
    expect(line).toContain('knee left 3');
  });

  it('is erased with all that hangs on it; what stays is that it was, in the trail', async () => {
    expect((await owner.call('DELETE', `/athletes/${club.athleteId}`)).status).toBe(204);
    expect(await rowsWith('Zwyntje')).toEqual({});
    expect(Object.keys(await rowsWith(club.athleteId))).toEqual(['audit_entries']);
    expect((await owner.call('GET', `/athletes/${club.athleteId}`)).status).toBe(404);
    const { entries } = (await owner.call('GET', `/audit?athlete=${club.athleteId}`)).body;
    expect(
      entries.some((e: { action: string; subject: string }) => e.action === 'delete' && e.subject === 'athletes'),
    ).toBe(true);
    expect(
      entries.some((e: { action: string; subject: string }) => e.action === 'read' && e.subject === 'export'),
    ).toBe(true);
  });
});
