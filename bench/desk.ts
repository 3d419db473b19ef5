import { begin, composedOf } from '@tropaeum/core/session/composer/compose';
import { Client } from 'pg';
import { plainBrief } from '../core/test/briefs';
import { solver } from '../core/test/solver';
import { Cluster } from '../scripts/database.mjs';
import { portFrom } from '../scripts/ports.mjs';
import { launchServer, prepareDatabase } from '../scripts/server.mjs';
import { Caller, layClub, today } from '../server/test/club';

/** A club of so many athletes, each with results of three days and three sessions before those. */
const [athletes, daysBack] = [200, [1, 2, 3, 6, 9, 12]] as const;
const name = 'desk_bench';
const cluster = new Cluster('scale-database', { fast: true });

const timed = async <T>(work: () => Promise<T>): Promise<{ ms: number; answer: T }> => {
  const began = performance.now();
  const answer = await work();
  return { ms: performance.now() - began, answer };
};
const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] as number;
const line = (what: string, ms: number, than: number) =>
  console.log(`${what}: ${ms.toFixed(1)} ms, ${(ms / than).toFixed(1)} times who is signed in`);

async function lay(admin: Client, coach: Caller, athleteId: string): Promise<void> {
  const begun = begin(plainBrief({ minutes: 40 }), await solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  const { brief } = (await coach.call('GET', `/athletes/${athleteId}`)).body;
  const made = await coach.call('POST', `/athletes/${athleteId}/sessions`, {
    brief: { ...brief, ...plainBrief({ minutes: 40 }), date: '2026-11-01', athlete: brief.athlete },
    draft: composedOf(begun).draft,
  });
  if (made.status !== 201) throw new Error(JSON.stringify(made.body));
  const run = (sql: string) => admin.query(sql);
  await run(`insert into athletes (id, organisation_id, squad_id, name, role, born, height_cm, mass_kg, level, kit, house_rules)
    select md5('a' || n)::uuid, organisation_id, squad_id, 'Athlete ' || n, role, born, height_cm, mass_kg, level, kit, house_rules
    from athletes, generate_series(2, ${athletes}) n where id = '${athleteId}'`);
  await run(`insert into sessions (id, organisation_id, athlete_id, "on", status, brief, draft, plan, work, dose, planned, sent_variants, planned_effort, results_revision, results_at)
    select md5(a.id::text || d)::uuid, s.organisation_id, a.id, date '${today}' - d, 'done', s.brief, s.draft, s.plan, s.work, s.dose, s.planned, s.sent_variants, 6, 1, now()
    from sessions s, athletes a, unnest(array[${daysBack.join(',')}]) d where s.id = '${made.body.id}'`);
  await run(`insert into session_reports (session_id, organisation_id, effort, minutes, pain, finished_at)
    select id, organisation_id, 5 + (hashtext(id::text) & 3), 38,
      case when hashtext(athlete_id::text) % 10 = 0 then '[{"region":"knee","side":"left","score":4}]'::jsonb else '[]'::jsonb end, now()
    from sessions where status = 'done'`);
  await run(`insert into set_logs (id, organisation_id, session_id, variant, set_number, side, amount, reserve, done_at)
    select gen_random_uuid(), s.organisation_id, s.id, i->>'variant', n, side, coalesce((i->>'reps')::float, (i->>'holdSeconds')::float, 8), 2 + (hashtext(s.id::text) & 1), now()
    from sessions s, jsonb_array_elements(s.plan->'blocks') b, jsonb_array_elements(b->'items') i, generate_series(1, (i->>'sets')::int) n,
      unnest(case when (i->>'perSide')::boolean then array['left','right'] else array['both'] end) side
    where s.status = 'done'`);
  await run('analyze');
}

cluster.sql('postgres', `drop database if exists ${name} with (force)`);
cluster.ensureDatabase(name);
await prepareDatabase(cluster, name, { TROPAEUM_DEMO: 'no' });
const admin = new Client({ connectionString: cluster.url('tropaeum_admin', name) });
await admin.connect();
const club = await layClub(cluster.url('tropaeum_admin', name), 'ours');
const port = await portFrom(4800);
const server = launchServer(cluster, name, port, { TROPAEUM_TODAY: today, TROPAEUM_LOG: 'error' }, 'ignore');
await new Promise((resolve) => server.once('message', resolve));
try {
  const coach = await new Caller(`http://127.0.0.1:${port}`).signIn(club.email);
  await lay(admin, coach, club.athleteId);
  await coach.call('GET', '/me');
  const me = median(await repeat(20, () => coach.call('GET', '/me')));
  console.log(`${athletes} athletes, results of three days; who is signed in: ${me.toFixed(1)} ms`);
  const cold = await timed(() => coach.call('GET', '/desk'));
  line(`Desk, nothing worked out yet, ${cold.answer.body.entries.length} entries`, cold.ms, me);
  line('Desk, warm', median(await repeat(10, () => coach.call('GET', '/desk'))), me);
  line('Weeks of the squad', median(await repeat(10, () => coach.call('GET', '/weeks'))), me);
  const { entries } = cold.answer.body as {
    entries: { session?: string; safe: boolean; decisions: { variant: string; decided: string }[] }[];
  };
  const withDecisions = entries.filter((entry) => entry.decisions.length > 0);
  const decide = (some: typeof entries) =>
    coach.call('POST', '/desk/decisions', {
      decisions: some.flatMap(({ session, decisions }) =>
        decisions.map(({ variant, decided }) => ({ sessionId: session, variant, decided, proposed: decided })),
      ),
    });
  const thirty: number[] = [];
  const all = await timed(async () => {
    for (const entry of withDecisions.slice(0, 30)) thirty.push((await timed(() => decide([entry]))).ms);
  });
  line('One decision', median(thirty), me);
  console.log(
    `Thirty decisions one after the other: ${(all.ms / 1000).toFixed(2)} s, the slowest ${Math.max(...thirty).toFixed(1)} ms`,
  );
  const safe = withDecisions.slice(30).filter((entry) => entry.safe);
  const at = await timed(() => decide(safe));
  console.log(`All ${safe.length} that are safe at once: ${at.ms.toFixed(0)} ms (${at.answer.status})`);
} finally {
  server.kill('SIGTERM');
  await admin.end();
  cluster.sql('postgres', `drop database if exists ${name} with (force)`);
}

async function repeat(times: number, work: () => Promise<unknown>): Promise<number[]> {
  const all: number[] = [];
  for (let i = 0; i < times; i++) all.push((await timed(work)).ms);
  return all;
}
