import type { Athlete } from '../athlete/athlete';
import type { OwnVariant } from '../exercise/own';
import type { BlockKind, Region } from '../exercise/vocabulary';
import type { Kit } from '../kit/kit';
import type { Move } from '../progress/proposal';
import type { Cost } from '../session-type/cost';
import type { SessionType } from '../session-type/session-type';
import type { Moved } from '../sport/needs';
import type { SportProfile } from '../sport/profile';

export const aims = ['hold', 'strength', 'power', 'endurance', 'prevention', 'flexibility', 'return', 'learn'] as const;
export type Aim = (typeof aims)[number];

export const phases = [
  'off-season',
  'general-preparation',
  'specific-preparation',
  'pre-season',
  'in-season',
  'taper',
  'transition',
  'break',
  'return',
] as const;
export type Phase = (typeof phases)[number];

export const houseRuleChoices = {
  explosive: ['first', 'closing'],
  format: ['straight', 'pairs', 'rounds', 'circuits', 'timed', 'free'],
  doseBy: ['reps', 'time', 'reserve'],
  lightLoads: ['fast', 'reps', 'slow'],
  secondSide: ['equal', 'weaker-first', 'extra'],
  correspondence: ['even', 'movement', 'force'],
  away: ['hold', 'build', 'learn'],
  kneeTravel: ['free', 'over-ankle'],
  squatDepth: ['level', 'below', 'deep'],
  squatFeet: ['straight', 'out'],
  stretching: ['dynamic', 'short', 'long'],
  armWork: ['include', 'leave-out'],
  formBreak: ['end', 'pause'],
} as const;

export type HouseRules = { [K in keyof typeof houseRuleChoices]: (typeof houseRuleChoices)[K][number] };

/** The question that each rule answers. */
export const houseRuleQuestions: Record<keyof HouseRules, string> = {
  explosive: 'Explosive work',
  format: 'Format',
  doseBy: 'Dose by',
  lightLoads: 'Light loads',
  secondSide: 'Second side',
  correspondence: 'Likeness to the sport',
  away: 'Away from the gym',
  kneeTravel: 'Knees in squats and lunges',
  squatDepth: 'Squat depth',
  squatFeet: 'Feet in a squat',
  stretching: 'Stretching before',
  armWork: 'Single-joint arm work',
  formBreak: 'When form goes',
};

/** Why a school is followed; shown beside the choice. */
export const houseRuleReasons: { [K in keyof HouseRules]: Record<HouseRules[K], string> } = {
  explosive: {
    first: 'Fresh muscles move fast: speed work before anything tires them.',
    closing: 'A short jump circuit at the end finishes the session when power is not the aim.',
  },
  format: {
    straight: 'One thing at a time: easiest to follow alone.',
    pairs: 'One part rests while another works: more work in the same minutes.',
    rounds: 'Two or three in turn: most work for the time, more to remember.',
    circuits: 'Round after round: short, social, little rest.',
    timed: 'Forty seconds on, twenty off: no counting, one clock for a whole group.',
    free: 'Whatever makes the better session of rounds and circuits.',
  },
  doseBy: {
    reps: 'Counted repetitions: easy to log and to move on.',
    time: 'Seconds on a clock: no counting, good for groups.',
    reserve: 'Stop some repetitions short of failure: adapts to the day.',
  },
  lightLoads: {
    fast: 'A light weight moved as fast as possible trains speed honestly.',
    reps: 'A light weight for many repetitions trains endurance.',
    slow: 'A light weight lowered slowly and paused asks more of the muscle.',
  },
  secondSide: {
    equal: 'Both sides get the same.',
    'weaker-first': 'The weaker side starts and sets the number.',
    extra: 'The weaker side gets a set more: it has some way to go.',
  },
  correspondence: {
    even: 'Looking like the sport and loading like it count alike.',
    movement: 'What looks like the sport carries over best: posture and direction first.',
    force: 'What loads like the sport carries over best: the looks come from practice.',
  },
  away: {
    hold: 'Unsupervised at home: keep what is there and mend weak spots.',
    build: 'Home is where the work is done: more sets of the main lifts.',
    learn: 'Time alone is time for skill: drills of the sport join strength work.',
  },
  kneeTravel: {
    free: 'Knees that travel under control get strong there.',
    'over-ankle': 'An upright shin loads the hip and spares the knee.',
  },
  squatDepth: {
    level: 'Thighs level: enough for most, easy to check.',
    below: 'A little deeper trains the hip more.',
    deep: 'The whole range gets strong, as far as form holds.',
  },
  squatFeet: {
    straight: 'Straight feet train the line of running and landing.',
    out: 'Toes out give the hips room.',
  },
  stretching: {
    dynamic: 'Moving stretches only: long holds take power for a while.',
    short: 'Short holds do no harm and feel good.',
    long: 'Held stretches belong to the warm-up where range is trained.',
  },
  armWork: {
    include: 'Elbow work balances pulling and pushing.',
    'leave-out': 'Rows and presses train the arms; the minutes go elsewhere.',
  },
  formBreak: {
    end: 'Nobody is there to say stop, so the set ends when form does.',
    pause: 'A short break lets the set be finished well.',
  },
};

export const defaultHouseRules: HouseRules = {
  explosive: 'first',
  format: 'pairs',
  doseBy: 'reps',
  lightLoads: 'fast',
  secondSide: 'equal',
  correspondence: 'even',
  away: 'hold',
  kneeTravel: 'free',
  squatDepth: 'level',
  squatFeet: 'straight',
  stretching: 'dynamic',
  armWork: 'include',
  formBreak: 'end',
};

export interface RecentSession {
  date: string;
  minutes?: number;
  rpe?: number;
  items?: readonly { variant: string; sets: number; decided?: Move }[];
}

export interface Season {
  phase: Phase;
  week?: number;
  lastFixture?: string;
  nextFixture?: string;
  /** The part of the body that is to stay fresh today. */
  spare?: 'lower';
  /** What the season has laid for the day: a session of this type and length that costs so much. */
  laid?: Cost & { type: SessionType; minutes: number };
  recent?: readonly RecentSession[];
}

/** The least that the coach wants: items of a block, or effective sets for one need of the athlete. */
export type Floor = { block: BlockKind; least: number } | { need: string; least: number };

/** What the coach holds to, whatever the program would rather do. */
export interface Lock {
  include: readonly string[];
  exclude: readonly string[];
  /** Doses that the coach has typed, by variant, in dose notation. */
  doses?: Readonly<Record<string, string>>;
  floors?: readonly Floor[];
}

export interface BriefSport {
  id: string;
  role: string;
  /** The club's own profile in full, where it is not the shipped one: a session opens whatever becomes of the sport. */
  profile?: SportProfile;
  /** How far the coach has moved this athlete's needs, factors by need. */
  moved?: Moved;
}

/** Everything a session is composed from. */
export interface Brief {
  date: string;
  minutes: number;
  aim: Aim;
  /** Chosen by the coach; worked out from the rest when left out. */
  sessionType?: SessionType;
  /** The part of the body that arm care, prevention or a return is about. */
  focus?: Region;
  athlete: Athlete;
  sport: BriefSport;
  kit: Kit;
  season: Season;
  houseRules: HouseRules;
  lock: Lock;
  /** The club's own exercises, beside the shipped ones. */
  own?: readonly OwnVariant[];
}
