import type { PainReport } from '../athlete/athlete';
import { painLimits } from '../athlete/pain-limits';
import { capital, partWords, scoreWords } from '../common/text';
import { isSamePlace } from '../limits/release';
import type { DeskAthlete, DeskSession } from './desk-athlete';
import type { DeskEntry } from './entry';
import { ago, base, decisionsOf, moveWords, namesOf, openItems, shown } from './facts';
import { guardianWords } from './guardian-words';

/** So many rises make a trend. */
const rises = 3;

const reported = ({ sessions }: DeskAthlete): (DeskSession & Required<Pick<DeskSession, 'report'>>)[] =>
  sessions.filter((s): s is DeskSession & Required<Pick<DeskSession, 'report'>> => s.report !== undefined);

const scoreAt = (place: PainReport, { report }: DeskSession): number =>
  report?.pain.find((one) => isSamePlace(one, place))?.score ?? 0;

/** Pain of a region over the last sessions. */
const trendOf = (athlete: DeskAthlete, place: PainReport) => ({
  values: reported(athlete)
    .slice(-shown)
    .map((session) => scoreAt(place, session)),
  of: `pain, ${partWords(place)}`,
  limit: painLimits.safe,
});

const isRising = (values: readonly (number | null)[]): boolean => {
  const last = values.slice(-rises);
  return last.length === rises && last.every((v, i) => i === 0 || (v ?? 0) >= ((last[i - 1] as number) ?? 0) + 1);
};

function morningWords({ morning }: NonNullable<DeskSession['report']>, place: PainReport): string {
  if (!morning) return 'next morning not answered';
  const score = morning.find((one) => isSamePlace(one, place))?.score ?? 0;
  return score === 0 ? 'gone by the next morning' : `${score} the next morning`;
}

/** What the worst pain of the last session, or a red flag in its note, wants of the coach. */
export function painEntries(athlete: DeskAthlete, today: string): DeskEntry[] {
  const session = reported(athlete).at(-1);
  if (!session) return [];
  const { report } = session;
  const open = openItems(session);
  const referred = open.filter(({ refer }) => refer);
  const worst = [...report.pain, ...(report.morning ?? [])].sort((a, b) => b.score - a.score)[0];
  const trend = worst && trendOf(athlete, worst);
  const rising = trend !== undefined && isRising(trend.values);
  const note = report.note ? `"${report.note}"` : undefined;
  const line = worst && `${capital(ago(session.on, today))}; ${morningWords(report, worst)}`;
  const common = {
    ...base(athlete, session.id),
    evidence: [line, note, guardianWords(athlete, session)].filter((words) => words !== undefined),
    ...(trend ? { trend } : {}),
    place: 'review' as const,
    safe: false,
  };
  if (referred.length > 0 || (worst && worst.score > painLimits.stop)) {
    const refer = referred.length > 0;
    const items = refer ? referred : open.filter(({ move }) => move === 'stop');
    if (items.length === 0 && session.decided.length > 0) return [];
    return [
      {
        ...common,
        kind: refer ? 'refer' : 'pain-stop',
        key: `${refer ? 'refer' : 'pain-stop'} ${session.id} ${worst?.score ?? 0}`,
        headline: refer ? 'A clinician looks first' : `${capital(partWords(worst as PainReport))} above 5`,
        proposal: refer
          ? (referred[0]?.rule ?? '')
          : items.length > 0
            ? `Stop ${namesOf(items)} until you have asked`
            : 'Ask how it is before anything is planned',
        rule: (refer ? referred[0]?.by : undefined) ?? 'pain-stop',
        decisions: decisionsOf(items),
        message: `How is your ${worst ? partWords(worst) : 'body'} today? Do not train it until we have talked.${athlete.minor ? ' Tell an adult at home as well.' : ''}`,
      },
    ];
  }
  if (worst && (worst.score > painLimits.safe || rising)) {
    const items = open.filter(({ regions, done }) => done && regions.includes(worst.region));
    if (items.length === 0 && session.decided.length > 0) return [];
    const unanswered = !report.morning && worst.score > painLimits.safe;
    return [
      {
        ...common,
        kind: rising ? 'pain-rising' : 'pain',
        key: `pain ${session.id} ${worst.score} ${report.morning ? 'answered' : ''}`,
        headline: `${scoreWords(worst)}${rising ? ', rising' : ''}`,
        proposal: [
          items.length > 0 ? moveWords(items) : 'Nothing in that session loads it: look at what else is planned',
          ...(unanswered ? ['ask how the morning was'] : []),
        ].join('; '),
        rule: rising ? 'pain-trend' : (items[0]?.by ?? 'pain-tolerable'),
        decisions: decisionsOf(items),
        message: `How was your ${partWords(worst)} the morning after? Say 0 to 10, and whether it was stiff.`,
      },
    ];
  }
  return [];
}
