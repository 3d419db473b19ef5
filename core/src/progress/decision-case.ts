import type { WorkKind } from '../dose/dose';
import type { BlockKind, Level, Region } from '../exercise/model/vocabulary';
import type { Restriction } from '../limits/restriction';

/** What is done with an item next: `stop` is for today and until answered, `refer` waits for a clinician. */
export const decisionMoves = ['progress', 'hold', 'regress', 'stop', 'refer'] as const;
export type DecisionMove = (typeof decisionMoves)[number];

/** One set of an item as it was logged; what was not said is null. */
export interface CaseSet {
  side: 'left' | 'right' | 'both';
  set: number;
  /** Repetitions, or seconds of items dosed by time. */
  done: number | null;
  /** Repetitions in reserve. */
  rir: number | null;
}

/** One session of the item. */
export interface CaseSession {
  /** Counted back from the review. */
  daysAgo: number;
  sets: readonly CaseSet[];
  /** Worst pain during, 0 to 10, in a region that the item loads; null where nobody answered. */
  painInRegion: number | null;
  tempoKept?: boolean;
  /** What was planned then, where it was something else than now. */
  planned?: { sets?: number; reps?: number; kg?: number };
  /** Reach of the movement, cm. */
  rangeCm?: number;
  /** Heights of the jumps of each set, cm. */
  heightCm?: readonly number[];
  /** Which band was used. */
  band?: string;
}

export interface CaseDose {
  sets: number;
  reps?: number;
  /** Lowest and highest number of repetitions of a range. */
  repsRange?: readonly [number, number];
  holdSeconds?: number;
  workSeconds?: number;
  breaths?: number;
  contacts?: number;
  metres?: number;
  tempo?: string;
  perSide: boolean;
  rir?: number;
  restSeconds?: number;
  /** From where to where the movement goes, cm. */
  rangeCm?: readonly [number, number];
}

export interface CaseLoad {
  kg?: number;
  with?: string;
  /** The next heavier load that the kit can give, kg. */
  nextKg?: number;
  /** The next lighter one; null where there is none. */
  lighterKg?: number | null;
  /** Largest force of a measured band, N. */
  peakN?: number;
}

/** One item after its last session, with everything that decides what is done next. */
export interface DecisionCase {
  athlete: { level: Level; age: number };
  item: { variant: string; block: BlockKind; dose: CaseDose; load: CaseLoad };
  /** Sessions of the item, oldest first; the last one is the one just reviewed. */
  history: readonly CaseSession[];
  /** The whole session just reviewed. */
  session: {
    rpe?: { planned?: number | null; actual?: number | null };
    pain: readonly { region: Region; side?: 'left' | 'right' | 'both'; score: number; morningAfter?: number | null }[];
    note: string;
    readiness?: { ill?: boolean; sleepHours?: number | null };
  };
  phase: string;
  daysToFixture: number | null;
  restriction?: Pick<Restriction, 'region' | 'side' | 'severity' | 'cause' | 'reason'>;
  deload?: boolean;
  /** A staged plan under way. */
  returnStage?: { plan: string; stage: number };
}

/** The dose that a step leads to, in figures: what is left out stays as it was. */
export interface NextDose {
  /** Another exercise of the ladder, by its id. */
  variant?: string;
  kg?: number;
  sets?: number;
  /** Of a set, in what `counts` says. */
  amount?: number;
  counts?: WorkKind;
  /** Rest after a set, seconds; as planned when left out. */
  restSeconds?: number;
}

/** What is done next, in words a coach would send: the change, why, and the rule it rests on. */
export interface Decision {
  move: DecisionMove;
  how: string;
  why: string;
  rule: string;
  /** The dose it comes to, where that is one step in figures. */
  next?: NextDose;
}
