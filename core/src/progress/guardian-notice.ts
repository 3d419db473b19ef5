import type { PainReport } from '../athlete/athlete';
import { painLimits } from '../athlete/pain-limits';
import { worstByPlace } from '../athlete/worst-pain';
import { scoreWords } from '../common/text';
import { redFlagToTell, says, signs } from './note-signs';
import { redFlagList } from './red-flag-list';

/** What of a minor's session a guardian hears of on the same day. */
export type NoticeKind = 'red-flag' | 'pain' | 'limp' | 'morning';

/** What a guardian is told, and what to do about it. */
export interface GuardianNotice {
  kind: NoticeKind;
  text: string;
}

/** What an athlete has told of one session, as far as it has come. */
export interface ToldOfSession {
  /** Before anything was done, and in the middle of it so far. */
  readiness?: { pain?: readonly PainReport[] | undefined; meanwhile?: readonly PainReport[] | undefined } | undefined;
  /** Pain at its worst while training, and the morning after. */
  report?:
    | {
        pain: readonly PainReport[];
        morning?: readonly PainReport[] | null | undefined;
        note?: string | null | undefined;
      }
    | undefined;
}

const scored = (pain: readonly PainReport[]): string => pain.map(scoreWords).join(', ');

/** What the note says that ends a session, in the words that the athlete saw; nothing of what is the athlete's own to tell. */
function redFlagWords(note: string): string | undefined {
  const chosen = redFlagList.find(({ seen, told }) => told && note.includes(seen));
  if (chosen) return `${chosen.seen}. ${chosen.say}`;
  return redFlagToTell(note);
}

/**
 * What a guardian of a minor is told on the same day: a red flag in the words that the athlete saw, pain above 5, a limp, and pain of 3 or more that
 * is still there the next morning. The note itself is never told, and neither is what is the athlete's own to tell. Limits after Thomee 1997, the
 * stricter line for minors is common practice (both from memory).
 *
 * @param told what has come of the session so far; scores 0 to 10
 * @returns one notice of a kind, the most urgent first; none where nothing has to be told
 * @example guardianNotices({ report: { pain: [{ region: 'knee', side: 'left', score: 7 }] } }).map(({ kind }) => kind) // ['pain']
 */
export function guardianNotices({ readiness, report }: ToldOfSession): GuardianNotice[] {
  const note = report?.note;
  const notices: GuardianNotice[] = [];
  const flag = note ? redFlagWords(note) : undefined;
  if (flag) notices.push({ kind: 'red-flag', text: flag });
  else if (note && says(note, signs.limp))
    notices.push({ kind: 'limp', text: 'A limp. No running, no jumping, and a doctor within days; with fever today.' });
  const above = (pain: readonly PainReport[], limit: number) => pain.filter(({ score }) => score > limit);
  const training = worstByPlace([...(readiness?.meanwhile ?? []), ...(report?.pain ?? [])]);
  const [atRest, worst] = [above(readiness?.pain ?? [], painLimits.stop), above(training, painLimits.stop)];
  if (atRest.length > 0)
    notices.push({ kind: 'pain', text: `${scored(atRest)} before training. No session; a clinician looks first.` });
  else if (worst.length > 0)
    notices.push({
      kind: 'pain',
      text: `${scored(worst)} while training. Nothing that loads it until somebody who knows has looked; a doctor if it hurts at rest or at night.`,
    });
  const stays = above(report?.morning ?? [], painLimits.safe);
  if (stays.length > 0)
    notices.push({
      kind: 'morning',
      text: `${scored(stays)} the morning after. Less of what loads it, and a doctor if it is there again tomorrow.`,
    });
  return notices;
}
