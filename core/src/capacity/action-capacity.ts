import type { MomentName } from '../body/moment-names';
import type { JointAction } from '../exercise/model/vocabulary';
import type { Interval } from './interval';

/** How hard a variant is for this athlete. */
export interface Effort {
  /** The joint action that gives out first. */
  action: JointAction;
  moment: MomentName;
  /** Largest moment over the keyframes, N m, one limb. */
  momentNm: number;
  /** Share of this athlete's most; can exceed 1. */
  share: number;
  /** The same with its bounds. */
  between: Interval;
}

/** What an athlete can do in one joint action, N m of one limb. */
export interface ActionCapacity {
  key: string;
  action: JointAction;
  moment: MomentName;
  /** Where everybody like this starts, N m. */
  guessNm: number;
  mostNm: Interval;
}

/** Which part of what was learnt is used; all of it unless exercises are to be compared each on its own. */
export type CarryOver = 'shared' | 'each-alone';

/** The joint actions near the hardest give out, too: how steeply they are told apart. */
const steepness = 20;

/** A little over the largest of some levels, and how much each has a part in it. */
export function smoothMaximum(levels: readonly number[]): { top: number; weights: number[] } {
  const top = Math.max(...levels);
  const raw = levels.map((l) => Math.exp(steepness * (l - top)));
  const sum = raw.reduce((a, b) => a + b, 0);
  return { top: top + Math.log(sum) / steepness, weights: raw.map((r) => r / sum) };
}
