import type { ProgressRules } from '../progress/progress-rules';
import { ruleBook } from '../progress/rule-book';
import { absenceEntries, fixtureEntries, restrictionEntries, upkeepEntries } from './calendar-entries';
import type { DeskAthlete } from './desk-athlete';
import { type DeskEntry, type DeskKind, deskKinds } from './entry';
import { painEntries } from './pain-entries';
import { changedEntries, effortEntries, proposalEntries } from './result-entries';
import { unwellEntries } from './unwell-entries';

/** What was seen to, or put off until a day. */
export interface DeskMark {
  athlete: string;
  key: string;
  until: string | null;
}

/** Why an entry is on the desk: of a rule of progression, else of the desk itself. */
export function ruleOf(rule: string): { title: string; says: string; source: string } {
  if (rule === 'test-due')
    return {
      title: 'Test due',
      says: 'A test every six weeks, when results would show more than noise.',
      source: 'common practice, no source',
    };
  if (rule === 'link-ends')
    return { title: 'Link ends', says: 'A link opens for 60 days.', source: 'setting of the club' };
  return ruleBook[rule] ?? { title: rule, says: '', source: '' };
}

/**
 * Everything about one athlete that wants the coach.
 *
 * @param today ISO date
 * @example entriesOf({ id: 'a', name: 'A', minor: false, sessions: [], restrictions: [], byPhysio: [], asked: [], fixtures: [] }, '2026-12-09') // []
 */
export function entriesOf(athlete: DeskAthlete, today: string, rules?: ProgressRules): DeskEntry[] {
  const urgent = [
    ...painEntries(athlete, today),
    ...changedEntries(athlete, today),
    ...effortEntries(athlete, today, rules),
  ];
  // One session is one thing to decide: what is most urgent about it speaks.
  const taken = new Set<string>();
  const first = urgent.filter(({ session, kind }) => {
    if (session === undefined || (kind === 'effort' && taken.has(session))) return session === undefined;
    taken.add(session);
    return true;
  });
  return [
    ...first,
    ...unwellEntries(athlete, today),
    ...absenceEntries(athlete, today),
    ...restrictionEntries(athlete, today),
    ...fixtureEntries(athlete, today),
    ...upkeepEntries(athlete, today),
    ...proposalEntries(athlete, today, taken),
  ];
}

const rank = new Map<DeskKind, number>(deskKinds.map((kind, i) => [kind, i]));

const worst = ({ trend }: DeskEntry): number => trend?.values.at(-1) ?? 0;

/**
 * The desk of a coach: what wants attention over all squads, most urgent first, without what was seen to or put off.
 *
 * @param today ISO date; what was put off until then is there again
 * @example attention([], [], '2026-12-09') // []
 */
export function attention(
  athletes: readonly DeskAthlete[],
  marks: readonly DeskMark[],
  today: string,
  rules?: ProgressRules,
): DeskEntry[] {
  const hidden = new Set(
    marks.filter(({ until }) => until === null || until > today).map(({ athlete, key }) => `${athlete} ${key}`),
  );
  return athletes
    .flatMap((athlete) => entriesOf(athlete, today, rules))
    .filter(({ athlete, key }) => !hidden.has(`${athlete} ${key}`))
    .sort(
      (a, b) =>
        (rank.get(a.kind) ?? 0) - (rank.get(b.kind) ?? 0) || worst(b) - worst(a) || a.name.localeCompare(b.name),
    );
}
