import { painLimits } from '../athlete/pain-limits';
import { capital, partWords } from '../common/text';
import { daysBetween } from '../date/days';
import { type ProgressRules, ruleValue } from '../progress/progress-rules';
import type { StoredProposal } from '../review/stored-review';
import type { DeskAthlete } from './desk-athlete';
import type { DeskEntry } from './entry';
import { ago, base, decisionsOf, deskDays, isDone, moveWords, openItems, shown } from './facts';

/** Changes that are named one by one. */
const listed = 3;

/** Session RPE of the last sessions, with what was planned as the limit. */
const effortTrend = ({ sessions }: DeskAthlete, planned: number) => ({
  values: sessions.flatMap(({ report }) => (report ? [report.effort] : [])).slice(-shown),
  of: 'session RPE',
  limit: planned,
});

/** Much harder than it was planned. */
export function effortEntries(athlete: DeskAthlete, today: string, rules?: ProgressRules): DeskEntry[] {
  const done = athlete.sessions.filter(({ report }) => report !== undefined);
  const last = done.at(-1);
  if (!last?.report) return [];
  const { effort } = last.report;
  if (effort < last.plannedEffort + ruleValue(rules, 'effortOver') || daysBetween(last.on, today) > deskDays.proposals)
    return [];
  const open = openItems(last).filter((item) => item.done);
  if (open.length === 0 && last.decided.length > 0) return [];
  return [
    {
      ...base(athlete, last.id),
      kind: 'effort',
      key: `effort ${last.id} ${effort}`,
      headline: `RPE ${effort} where ${last.plannedEffort} was planned`,
      evidence: [
        `${capital(ago(last.on, today))}, ${last.report.minutes} minutes`,
        ...(last.report.note ? [`"${last.report.note}"`] : []),
      ],
      trend: effortTrend(athlete, last.plannedEffort),
      proposal: open.length > 0 ? moveWords(open) : 'Ask what made it so hard',
      rule: 'effort-far-over',
      decisions: decisionsOf(open),
      safe: false,
      message: 'That was harder than it was meant to be. How did you sleep, and what made it so hard?',
      place: 'review',
    },
  ];
}

/** Something arrived after the coach had decided: the proposals are others now. */
export function changedEntries(athlete: DeskAthlete, today: string): DeskEntry[] {
  return athlete.sessions.flatMap((session): DeskEntry[] => {
    const { decided, review, report } = session;
    if (decided.length === 0 || !review) return [];
    const at = decided.map((one) => one.at).sort()[0] as string;
    const late = report && report.cameAt > at ? report.cameAt : undefined;
    const others = review.items.filter((item) => {
      const was = decided.find(({ variant }) => variant === item.variant);
      // What is proposed as before was overruled knowingly; what was decided already needs no second word.
      return was !== undefined && was.at < (late ?? '') && item.move !== was.proposed && item.move !== was.decided;
    });
    if (late === undefined || others.length === 0) return [];
    const sore = [...(report?.pain ?? []), ...(report?.morning ?? [])].filter(({ score }) => score > painLimits.safe);
    return [
      {
        ...base(athlete, session.id),
        kind: 'changed',
        key: `changed ${session.id} ${late}`,
        headline: 'Results came after you decided',
        evidence: [
          `Session of ${ago(session.on, today)}: ${others.length} ${others.length === 1 ? 'proposal is' : 'proposals are'} another now`,
          ...(sore.length > 0 ? [`Pain: ${sore.map((p) => `${partWords(p)} ${p.score}`).join(', ')}`] : []),
        ],
        proposal: moveWords(others),
        rule: others[0]?.by ?? 'effort-near-plan',
        decisions: decisionsOf(others),
        safe: false,
        message: 'Your results came in late. Anything I should know before your next session?',
        place: 'review',
      },
    ];
  });
}

/** What is left to decide of results of late, where nothing else has come up in them. */
export function proposalEntries(athlete: DeskAthlete, today: string, taken: ReadonlySet<string>): DeskEntry[] {
  const done = athlete.sessions.filter((s) => isDone(s) && daysBetween(s.on, today) <= deskDays.proposals);
  // What was decided of a later session is decided of this one too.
  const session = done.at(-1);
  if (!session?.report || taken.has(session.id)) return [];
  const open = openItems(session).filter((item) => item.done);
  if (open.length === 0) return [];
  const { effort, minutes, pain, note } = session.report;
  const safe =
    open.every(({ move }) => move === 'up' || move === 'same') &&
    pain.every(({ score }) => score <= painLimits.safe) &&
    !note &&
    effort <= session.plannedEffort + 1;
  return [
    {
      ...base(athlete, session.id),
      kind: 'proposals',
      key: `proposals ${session.id} ${open.length} ${session.review?.sets ?? 0}`,
      headline: moveWords(open),
      evidence: [
        `${capital(ago(session.on, today))}, ${minutes} minutes at RPE ${effort}, ${session.plannedEffort} planned`,
        ...(note ? [`"${note}"`] : []),
      ],
      trend: effortTrend(athlete, session.plannedEffort),
      proposal: changesOf(open).join('\n'),
      rule: open.find(({ move }) => move !== 'same')?.by ?? open[0]?.by ?? 'effort-near-plan',
      decisions: decisionsOf(open),
      safe,
      message: 'Well done. The next session goes on from here.',
      place: 'review',
    },
  ];
}

/** What changes, one line each; what stays is counted. */
function changesOf(items: readonly StoredProposal[]): string[] {
  const moving = items.filter(({ move }) => move !== 'same');
  const held = items.length - moving.length;
  return [
    ...moving.slice(0, listed).map(({ name, how }) => `${name}: ${how}`),
    ...(moving.length > listed ? [`and ${moving.length - listed} more`] : []),
    ...(held > 0 ? [moving.length === 0 ? 'Everything as it was' : `${held} held`] : []),
  ];
}
