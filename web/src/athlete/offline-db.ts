import type { BetterSide } from '@tropaeum/core/athlete/athlete';
import type { LoggedSet } from '@tropaeum/core/athlete/logged-set';
import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import type { Units } from '@tropaeum/core/common/units';
import type { Region } from '@tropaeum/core/exercise/model/vocabulary';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import type { OtherWays, SessionChange } from '@tropaeum/core/session/player/changes';
import type { PainNow } from '@tropaeum/core/session/player/pain-today';
import type { ReadinessToday } from '@tropaeum/core/session/player/readiness-today';
import Dexie, { type DexieOptions, type EntityTable } from 'dexie';

/** A session as it came to the phone; of before has some things not. */
export interface PhoneSession {
  id: string;
  on: string;
  /** MD-4 and the like; "-" where no fixture is near. */
  label?: string;
  status: string;
  plan: Plan;
  secondSide: string;
  dominantSide?: 'left' | 'right' | null;
  /** The next easier and harder exercise of each. */
  ways?: Record<string, OtherWays>;
  /** What stands in for things that are missing. */
  replacements?: { instead: string; condition: string; caution?: string; forWhat: string }[];
  isMinor?: boolean;
  /** Pain up to which a restricted part may go on. */
  ceilings?: { region: Region; painAtMost: number }[];
}

/** A session that is past, in a line. */
export interface PastSession {
  id: string;
  on: string;
  planned: number;
  minutes?: number;
  effort?: number;
  pain?: StoredReport['pain'];
}

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
  session: PhoneSession | null;
  /** What was sent for days to come; a copy of before has none. */
  ahead?: PhoneSession[];
  past?: PastSession[];
  /** What tests came to; a copy of before has none. */
  tests?: TestResult[];
  /** Until when the link opens; null for who is signed in. */
  linkUntil?: string | null;
  /** Whether a guardian is mailed what a minor tells of pain and red flags; a copy of before has none. */
  guardianTold?: boolean;
  logs: Omit<LoggedSet, 'note' | 'doneAt'>[];
  readiness?: ReadinessToday | null;
  reported: boolean;
  /** The session before, whose next morning nobody has told of yet; a copy of before has none. */
  morning?: { sessionId: string; on: string; pain: StoredReport['pain'] } | null;
}

/** What is said once of a session and waits to be sent. */
interface Waiting {
  sessionId: string;
  token: string;
  waiting: 0 | 1;
  /** Why the server has not taken it: it is set aside, and goes again when it is put right. */
  refused?: string;
}

/** A logged set with what the phone needs to send it. */
export interface StoredSet extends LoggedSet, Waiting {
  /** Session and set, so that a set is kept once. */
  key: string;
  stepKey: string;
}

export interface StoredReport extends Waiting {
  effort: number;
  minutes: number;
  pain: { region: Region; side?: 'left' | 'right'; score: number }[];
  note?: string;
  /** The side that went better, where sides were done one by one. */
  betterSide?: BetterSide;
  finishedAt: string;
}

/** How the morning after a session was. */
export interface StoredMorning extends Waiting {
  pain: StoredReport['pain'];
}

/** How the athlete was before a session. */
export interface StoredReadiness extends Waiting, ReadinessToday {
  toldAt: string;
}

/** What a test at home came to. */
export interface StoredTest extends TestResult, Omit<Waiting, 'sessionId'> {
  key: string;
}

/** What was changed in a session on its way, and what hurt: nobody else needs it, since sets say what was done. */
export interface StoredDay {
  sessionId: string;
  /** Those that follow from how the athlete is today go when that is told anew; a copy of before marks none. */
  changes: { change: SessionChange; done: string[]; ofReadiness?: true }[];
  pains: PainNow[];
  /** Somebody grown up is there. */
  adult?: boolean;
}

interface KeptAnswer {
  token: string;
  answer: LinkAnswer;
  /** The day on the phone's clock when it came; a copy of before has none. */
  cameOn?: string;
}

type Phone = Dexie & {
  answers: EntityTable<KeptAnswer, 'token'>;
  sets: EntityTable<StoredSet, 'key'>;
  reports: EntityTable<StoredReport, 'sessionId'>;
  mornings: EntityTable<StoredMorning, 'sessionId'>;
  readiness: EntityTable<StoredReadiness, 'sessionId'>;
  days: EntityTable<StoredDay, 'sessionId'>;
  tests: EntityTable<StoredTest, 'key'>;
};

function database(options?: DexieOptions): Phone {
  const made = new Dexie('tropaeum', options) as Phone;
  made.version(1).stores({ answers: 'token', sets: 'key, sessionId, waiting', reports: 'sessionId, waiting' });
  made.version(2).stores({
    answers: 'token',
    sets: 'key, sessionId, waiting, [token+waiting]',
    reports: 'sessionId, waiting, [token+waiting]',
  });
  made.version(3).stores({ mornings: 'sessionId, waiting, [token+waiting]' });
  made.version(4).stores({
    readiness: 'sessionId, waiting, [token+waiting]',
    days: 'sessionId',
    tests: 'key, token, waiting, [token+waiting]',
  });
  return made;
}

/** What the phone keeps, network or not. Another one takes its place where the phone keeps nothing. */
export let phone = database();

/** Why nothing is kept: the phone allows no storage, or has no room. */
export type StorageTrouble = 'refused' | 'full';
let trouble: StorageTrouble | undefined;
const listeners = new Set<() => void>();
export const storageTrouble = () => trouble;
export function onStorageTrouble(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Rows that a phone could still read. */
const rowsOf = (from: Phone) =>
  Promise.all(from.tables.map(async (table) => [table.name, await table.toArray().catch(() => [])] as const));

/** From now on the page itself keeps what it is given, until it is closed: what is there goes on, what is done is sent at once. */
async function keepInPage(why: StorageTrouble): Promise<void> {
  const { indexedDB, IDBKeyRange } = await import('fake-indexeddb');
  const rows = await rowsOf(phone).catch(() => []);
  const inPage = database({ indexedDB, IDBKeyRange });
  for (const [name, all] of rows) await inPage.table(name).bulkPut(all as never[]);
  phone = inPage;
  trouble = why;
  for (const listener of listeners) listener();
}

const namesOf = (error: unknown): string[] => {
  const { name = '', inner } = (error ?? {}) as { name?: string; inner?: { name?: string } };
  return [name, inner?.name ?? ''];
};
const isFull = (error: unknown) => namesOf(error).includes('QuotaExceededError');

/** Does what writes or reads on the phone; where the phone does not keep it, the page does. */
export async function kept<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (trouble !== undefined) throw error;
    await keepInPage(isFull(error) ? 'full' : 'refused');
    return work();
  }
}

/** What waits under older links of the same athlete goes by the one that was opened last: a new link ends the one before. */
export async function takeUpOlderLinks(token: string, { athlete }: LinkAnswer): Promise<void> {
  const older = (await phone.answers.toArray()).filter(
    (one) =>
      one.token !== token &&
      (one.answer.athlete.id ? one.answer.athlete.id === athlete.id : one.answer.athlete.name === athlete.name),
  );
  const waiting = ['sets', 'reports', 'mornings', 'readiness', 'tests'].map((name) => phone.table<Waiting>(name));
  for (const { token: old } of older) {
    await phone.transaction('rw', [...waiting, phone.answers], async () => {
      for (const table of waiting) await table.where({ token: old, waiting: 1 }).modify({ token });
      await phone.answers.delete(old);
    });
  }
}
