import type { LoggedSet } from '@tropaeum/core/athlete/logged-set';
import type { Units } from '@tropaeum/core/common/units';
import type { Region } from '@tropaeum/core/exercise/model/vocabulary';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import Dexie, { type EntityTable } from 'dexie';

/** What the link opens: the athlete, the session, what has been logged. */
export interface LinkAnswer {
  athlete: { id?: string; name: string; heightCm: number; massKg: number; sex?: 'female' | 'male' | null };
  today: string;
  /** Units of the club; a copy of before has none. */
  units?: Units;
  /** The next days: fixtures and laid sessions; a copy of before has none. */
  week?: { on: string; label: string; name: string; minutes?: number; start?: string }[];
  /** What was sent holds what is not allowed any more. */
  withheld?: boolean;
  session: {
    id: string;
    on: string;
    /** MD-4 and the like; "-" where no fixture is near. */
    label?: string;
    status: string;
    plan: Plan;
    secondSide: string;
    dominantSide?: 'left' | 'right' | null;
  } | null;
  logs: Omit<LoggedSet, 'note' | 'doneAt'>[];
  reported: boolean;
  /** The session before, whose next morning nobody has told of yet; a copy of before has none. */
  morning?: { sessionId: string; on: string; pain: StoredReport['pain'] } | null;
}

/** A logged set with what the phone needs to send it. */
export interface StoredSet extends LoggedSet {
  /** Session and set, so that a set is kept once. */
  key: string;
  token: string;
  sessionId: string;
  stepKey: string;
  waiting: 0 | 1;
  /** Why the server has not taken it: it is set aside, and goes again when it is put right. */
  refused?: string;
}

export interface StoredReport {
  sessionId: string;
  token: string;
  effort: number;
  minutes: number;
  pain: { region: Region; side?: 'left' | 'right'; score: number }[];
  note?: string;
  finishedAt: string;
  waiting: 0 | 1;
  refused?: string;
}

/** How the morning after a session was. */
export interface StoredMorning {
  sessionId: string;
  token: string;
  pain: StoredReport['pain'];
  waiting: 0 | 1;
  refused?: string;
}

interface KeptAnswer {
  token: string;
  answer: LinkAnswer;
}

/** What the phone keeps, network or not. */
export const phone = new Dexie('tropaeum') as Dexie & {
  answers: EntityTable<KeptAnswer, 'token'>;
  sets: EntityTable<StoredSet, 'key'>;
  reports: EntityTable<StoredReport, 'sessionId'>;
  mornings: EntityTable<StoredMorning, 'sessionId'>;
};
phone.version(1).stores({ answers: 'token', sets: 'key, sessionId, waiting', reports: 'sessionId, waiting' });
phone.version(2).stores({
  answers: 'token',
  sets: 'key, sessionId, waiting, [token+waiting]',
  reports: 'sessionId, waiting, [token+waiting]',
});

phone.version(3).stores({ mornings: 'sessionId, waiting, [token+waiting]' });

/** What waits under older links of the same athlete goes by the one that was opened last: a new link ends the one before. */
export async function takeUpOlderLinks(token: string, { athlete }: LinkAnswer): Promise<void> {
  const older = (await phone.answers.toArray()).filter(
    (kept) =>
      kept.token !== token &&
      (kept.answer.athlete.id ? kept.answer.athlete.id === athlete.id : kept.answer.athlete.name === athlete.name),
  );
  for (const { token: old } of older) {
    await phone.transaction('rw', phone.sets, phone.reports, phone.mornings, phone.answers, async () => {
      await phone.mornings.where({ token: old, waiting: 1 }).modify({ token });
      await phone.sets.where({ token: old, waiting: 1 }).modify({ token });
      await phone.reports.where({ token: old, waiting: 1 }).modify({ token });
      await phone.answers.delete(old);
    });
  }
}
