import type { Athlete } from '../../athlete/athlete';
import type { CustomExercise } from '../../exercise/model/custom-exercise';
import type { BlockKind, Region } from '../../exercise/model/vocabulary';
import type { Kit } from '../../kit/kit';
import type { NextDose } from '../../progress/decision-case';
import type { Move } from '../../progress/proposal';
import type { Aim, Phase } from '../../session-type/aims-and-phases';
import type { Cost } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import type { Moved } from '../../sport/needs';
import type { SportProfile } from '../../sport/profile';
import type { HouseRules } from './house-rules';

/** An exercise of a session that was done, with what the coach decided of it. */
export interface RecentItem {
  variant: string;
  sets: number;
  decided?: Move;
  /** The dose that the decision comes to. */
  next?: NextDose;
}

export interface RecentSession {
  date: string;
  /** What the session was for. */
  aim?: Aim;
  minutes?: number;
  rpe?: number;
  items?: readonly RecentItem[];
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
export type MinimumRequirement = { block: BlockKind; least: number } | { need: string; least: number };

/** What the coach holds to, whatever the program would rather do. */
export interface Lock {
  include: readonly string[];
  exclude: readonly string[];
  /** Doses that the coach has typed, by variant, in dose notation. */
  doses?: Readonly<Record<string, string>>;
  floors?: readonly MinimumRequirement[];
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
  own?: readonly CustomExercise[];
}
