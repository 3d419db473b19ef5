import type { PerformanceRecord } from '@tropaeum/core/athlete/performance-record';
import { dayAfter } from '@tropaeum/core/date/days';
import { recentOf, recordsOf } from '@tropaeum/core/review/performance-records';
import type { Brief, RecentSession } from '@tropaeum/core/session/brief/brief';
import type { DecisionRow, LogRow } from './results';
import type { ListedSession, SessionRow } from './sessions';

/** Sets older than this say little of what somebody can do today, days. */
const shownDays = 120;
/** A brief carries no more of them than this, the latest: it is saved with every session. */
const maxShown = 240;
/** A brief carries the sessions of so many days. */
const recentDays = 28;

/** What past sessions say of an athlete: what was shown in them, and what was done of late. */
export function evidenceOf(
  sessions: readonly SessionRow[],
  logs: readonly LogRow[],
  listed: readonly ListedSession[],
  decided: readonly DecisionRow[],
  today: string,
): { shown: PerformanceRecord[]; recent: RecentSession[] } {
  const done = sessions.filter((s) => s.status !== 'draft' && s.on <= today && s.on > dayAfter(today, -shownDays));
  const logged = done
    .map((session) => ({ session, sets: logs.filter((l) => l.sessionId === session.id) }))
    .filter(({ session, sets }) => sets.length > 0 || decided.some((d) => d.sessionId === session.id));
  return {
    shown: logged
      .flatMap(({ session: { plan, on, brief }, sets }) => recordsOf(plan, on, brief.kit, sets))
      .sort((a, b) => b.on.localeCompare(a.on))
      .slice(0, maxShown),
    recent: logged
      .filter(({ session }) => session.on > dayAfter(today, -recentDays))
      .map(({ session: { id, plan, on, brief }, sets }) =>
        recentOf(
          plan,
          on,
          listed.find((session) => session.id === id)?.report ?? undefined,
          sets,
          decided.filter((d) => d.sessionId === id),
          brief.aim,
        ),
      ),
  };
}

/** A brief with what past sessions say. */
export function withEvidence(brief: Brief, { shown, recent }: ReturnType<typeof evidenceOf>): Brief {
  return {
    ...brief,
    athlete: { ...brief.athlete, ...(shown.length ? { shown } : {}) },
    season: { ...brief.season, ...(recent.length ? { recent } : {}) },
  };
}
