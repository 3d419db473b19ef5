import type { Client } from 'pg';

export interface Filling {
  clubs: number;
  athletes: number;
  sessions: number;
  logs: number;
}

/** Fills a database with other clubs, as its administrator: squads of twenty, each athlete with sessions around a day, each session with logs. */
export async function fillWithOthers(
  admin: Client,
  { clubs, athletes, sessions, logs }: Filling,
  today: string,
): Promise<void> {
  const [perAthlete, perSession] = [Math.ceil(sessions / athletes), Math.ceil(logs / sessions)];
  const run = (sql: string) => admin.query(sql);
  const id = (kind: string, n: string) => `md5('${kind}' || ${n})::uuid`;
  // Nothing is looked up for what is made up here.
  await run("set session_replication_role = 'replica'");
  await run(
    `insert into organisations (id, name) select ${id('club', 'n')}, 'Club ' || n from generate_series(1, ${clubs}) n`,
  );
  await run(`insert into squads (id, organisation_id, name, sport_id)
    select ${id('squad', 'n')}, ${id('club', `1 + n % ${clubs}`)}, 'Squad ' || n, 'handball' from generate_series(1, ${Math.ceil(athletes / 20) + clubs}) n`);
  await run(`insert into seasons (squad_id, organisation_id, content)
    select id, organisation_id, '{"entries":[],"phases":[],"pins":[],"laid":[]}' from squads where id not in (select squad_id from seasons)`);
  await run(`insert into accounts (id, organisation_id, email, name, password_hash)
    select ${id('coach', 'n')}, ${id('club', 'n')}, 'coach' || n || '@others.example', 'Coach', '$argon2id$v=19$m=19456,t=2,p=1$x$x' from generate_series(1, ${clubs}) n`);
  await run(`insert into sign_ins (token_hash, organisation_id, account_id, expires_at)
    select md5('sign-in' || n || ' ' || k), ${id('club', 'n')}, ${id('coach', 'n')}, now() + interval '9 days' from generate_series(1, ${clubs}) n, generate_series(1, 30) k`);
  await run(`insert into athletes (id, organisation_id, squad_id, name, role, born, height_cm, mass_kg, level, kit, house_rules)
    select ${id('athlete', 'n')}, ${id('club', `1 + (1 + n / 20) % ${clubs}`)}, ${id('squad', '1 + n / 20')}, 'Athlete ' || n, 'back', '2001-03-04', 175, 70,
      'intermediate', '{"items":[],"anchors":[],"partner":false}', '{}' from generate_series(1, ${athletes}) n`);
  await run(`insert into restrictions (id, organisation_id, athlete_id, region, severity)
    select ${id('restriction', 'n')}, ${id('club', `1 + (1 + n / 20) % ${clubs}`)}, ${id('athlete', 'n')}, 'knee', 'limit' from generate_series(1, ${athletes}, 3) n`);
  await run(`insert into sessions (id, organisation_id, athlete_id, "on", status, brief, draft, plan, work, planned, sent_variants)
    select md5('session' || a || ' ' || k)::uuid, ${id('club', `1 + (1 + a / 20) % ${clubs}`)}, ${id('athlete', 'a')}, date '${today}' + 30 - k * 2, 'done',
      '{"minutes":30}', '{"groups":[]}', '{"blocks":[],"minutes":{"planned":30}}', '{"strength":20}', 30, '{push-up}'
    from generate_series(1, ${athletes}) a, generate_series(1, ${perAthlete}) k`);
  await run(`insert into session_reports (session_id, organisation_id, effort, minutes, pain, finished_at)
    select id, organisation_id, 6, 30, '[]', now() from sessions where "on" < '${today}'`);
  await run(`insert into set_logs (id, organisation_id, session_id, variant, set_number, side, amount, done_at)
    select md5(s.id::text || k)::uuid, s.organisation_id, s.id, 'push-up', k, 'both', 8, now()
    from sessions s, generate_series(1, ${perSession}) k`);
  await run(`insert into messages (id, organisation_id, athlete_id, session_id, body, created_at)
    select md5('message' || id)::uuid, organisation_id, athlete_id, id, 'Hello', now() - interval '1 day' from sessions where "on" between date '${today}' - 60 and '${today}'`);
  await run(`insert into athlete_links (token_hash, organisation_id, athlete_id, expires_at) select md5('link' || id), organisation_id, id, now() + interval '9 days' from athletes
    on conflict do nothing`);
  await run("set session_replication_role = 'origin'");
  await run('vacuum analyze');
}
