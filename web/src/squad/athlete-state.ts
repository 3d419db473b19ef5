import { painLimits } from '@tropaeum/core/athlete/pain-limits';
import { daysBetween } from '@tropaeum/core/date/days';
import type { ListedAthlete, ListedSession } from '../api/types';

export interface AthleteState {
  /** What the coach does about it: write a session, look at something, nothing. */
  kind: 'write' | 'look' | 'fine';
  words: string;
  alarming: boolean;
  last?: ListedSession;
  /** Days since the last session came back, or since the first one was sent that never did. */
  silentDays: number;
  pain: number;
}

/** A silence longer than this wants a call, days; common practice, no source. */
const longSilence = 8;

/** Where an athlete stands today, worst news first. */
export function athleteState(athlete: ListedAthlete, today: string): AthleteState {
  const past = athlete.sessions.filter((s) => s.on <= today);
  const last = past.filter((s) => s.status === 'done').at(-1);
  const pain =
    last && daysBetween(last.on, today) <= longSilence
      ? Math.max(0, ...(last.report?.pain ?? []).map((p) => p.score))
      : 0;
  // Who has never been sent anything cannot have been silent about it.
  const since = last ?? past.find((s) => s.status === 'sent');
  const silentDays = since ? daysBetween(since.on, today) : 0;
  const common = { silentDays, pain, ...(last ? { last } : {}) };
  if (pain > painLimits.safe) return { ...common, kind: 'look', words: `pain ${pain}`, alarming: true };
  const ahead = athlete.sessions.find((s) => s.on >= today && s.status !== 'done');
  if (silentDays > longSilence) return { ...common, kind: 'look', words: `no log ${silentDays} d`, alarming: false };
  if (!ahead) return { ...common, kind: 'write', words: 'today', alarming: false };
  if (ahead.status === 'draft') return { ...common, kind: 'write', words: 'draft', alarming: false };
  const week = past.filter((s) => daysBetween(s.on, today) < 7);
  return {
    ...common,
    kind: 'fine',
    words: `${week.filter((s) => s.status === 'done').length} of ${week.length}`,
    alarming: false,
  };
}
