import { dayAfter } from '../date/days';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import type { Pattern } from '../exercise/model/vocabulary';
import { sessionLoad } from '../load/session-load';
import { type ReportInput, reportWeeks } from './report-input';
import { mondaysTo } from './squad-weeks';

/** What a week came to. */
export interface ReportWeek {
  /** Monday, ISO date. */
  from: string;
  /** Sessions that were sent for it, and those of them that were done. */
  sent: number;
  done: number;
  minutes: number;
  /** Session RPE times minutes, summed. */
  load: number;
  /** Mean session RPE; undefined in a week without one. */
  effort?: number;
  /** Sets of main work by movement pattern. */
  sets: Partial<Record<Pattern, number>>;
  /** Landings. */
  contacts: number;
  /** Worst pain; undefined where nobody reported. */
  pain?: number;
}

/**
 * Weeks up to a day, oldest first, those without a session among them.
 *
 * @example weeksOf({ athlete, own: [], sessions: [], today: '2026-12-09' }).length // 12
 */
export function weeksOf({ athlete, own, sessions, today }: ReportInput, count = reportWeeks): ReportWeek[] {
  const { byId } = catalogueOf([...own]);
  return mondaysTo(today, count).map((from): ReportWeek => {
    const to = dayAfter(from, 7);
    const within = (on: string) => on >= from && on < to && on <= today;
    const sent = sessions.filter(
      ({ on, status }) => within(on) && (status === 'done' || (status === 'sent' && on < today)),
    );
    const reports = sent.flatMap(({ report }) => report ?? []);
    const sets: Partial<Record<Pattern, number>> = {};
    let contacts = 0;
    for (const record of (athlete.shown ?? []).filter(({ on, from: source }) => within(on) && source === 'session')) {
      const variant = byId(record.variant);
      // Both sides of a set are one set.
      if (!variant || record.side === 'right') continue;
      sets[variant.pattern] = (sets[variant.pattern] ?? 0) + record.sets.length;
      const sides = record.side === 'both' ? 1 : 2;
      contacts += variant.impactContacts * sides * record.sets.reduce((sum, { amount }) => sum + amount, 0);
    }
    return {
      ...{ from, sent: sent.length, done: sent.filter(({ status }) => status === 'done').length, sets },
      minutes: reports.reduce((sum, { minutes }) => sum + minutes, 0),
      load: reports.reduce((sum, { effort, minutes }) => sum + sessionLoad(effort, minutes), 0),
      contacts: Math.round(contacts),
      ...(reports.length > 0
        ? {
            effort: reports.reduce((sum, { effort }) => sum + effort, 0) / reports.length,
            pain: Math.max(0, ...reports.flatMap(({ pain }) => pain.map(({ score }) => score))),
          }
        : {}),
    };
  });
}
