import type { Region } from '@tropaeum/core/exercise/vocabulary';
import type { Plan } from '@tropaeum/core/session/plan';
import Dexie, { type EntityTable } from 'dexie';

/** What the link opens: the athlete, the session, what has been logged. */
export interface LinkAnswer {
  athlete: { name: string; heightCm: number; massKg: number; sex?: 'female' | 'male' | null };
  today: string;
  /** The next days: fixtures and laid sessions; a copy of before has none. */
  week?: { on: string; label: string; name: string; minutes?: number; start?: string }[];
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
  logs: {
    id: string;
    variant: string;
    setNumber: number;
    side: 'left' | 'right' | 'both';
    amount: number;
    reserve?: number;
  }[];
  reported: boolean;
}

export interface KeptSet {
  /** Session and set, so that a set is kept once. */
  key: string;
  token: string;
  sessionId: string;
  stepKey: string;
  id: string;
  variant: string;
  setNumber: number;
  side: 'left' | 'right' | 'both';
  amount: number;
  /** How many more there could have been. */
  reserve?: number;
  note?: string;
  doneAt: string;
  waiting: 0 | 1;
}

export interface KeptReport {
  sessionId: string;
  token: string;
  effort: number;
  minutes: number;
  pain: { region: Region; side?: 'left' | 'right'; score: number }[];
  note?: string;
  finishedAt: string;
  waiting: 0 | 1;
}

interface KeptAnswer {
  token: string;
  answer: LinkAnswer;
}

/** What the phone keeps, network or not. */
export const phone = new Dexie('tropaeum') as Dexie & {
  answers: EntityTable<KeptAnswer, 'token'>;
  sets: EntityTable<KeptSet, 'key'>;
  reports: EntityTable<KeptReport, 'sessionId'>;
};
phone.version(1).stores({ answers: 'token', sets: 'key, sessionId, waiting', reports: 'sessionId, waiting' });
phone.version(2).stores({
  answers: 'token',
  sets: 'key, sessionId, waiting, [token+waiting]',
  reports: 'sessionId, waiting, [token+waiting]',
});
