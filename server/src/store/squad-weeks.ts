import type { SquadWeek } from '@tropaeum/core/report/squad-weeks';
import { sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';

/** Weeks of everybody from one Monday up to a day: sessions sent and done, load, worst pain. Weeks with nothing are left out. */
export async function weeksOfEverybody(
  tx: Transaction,
  from: string,
  today: string,
): Promise<Map<string, SquadWeek[]>> {
  const { rows } = await tx.execute<{
    athlete_id: string;
    week: string;
    sent: string;
    done: string;
    load: string;
    pain: string | null;
  }>(sql`
    select s.athlete_id, to_char(date_trunc('week', s."on"), 'YYYY-MM-DD') as week,
      count(*) filter (where s.status = 'done' or (s.status = 'sent' and s."on" < ${today}::date)) as sent,
      count(*) filter (where s.status = 'done') as done,
      coalesce(sum(r.effort * r.minutes), 0) as load,
      max((select max((one->>'score')::numeric) from jsonb_array_elements(r.pain) one)) as pain
    from sessions s left join session_reports r on r.session_id = s.id
    where s."on" >= ${from}::date and s."on" <= ${today}::date
    group by 1, 2 order by 1, 2`);
  const weeks = new Map<string, SquadWeek[]>();
  for (const { athlete_id, week, sent, done, load, pain } of rows)
    weeks.set(athlete_id, [
      ...(weeks.get(athlete_id) ?? []),
      {
        from: week,
        sent: Number(sent),
        done: Number(done),
        load: Number(load),
        pain: pain === null ? null : Number(pain),
      },
    ]);
  return weeks;
}
