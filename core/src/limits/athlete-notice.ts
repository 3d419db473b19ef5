import { partWords } from '../common/text';
import { painUnder } from './ceiling';
import { notToday } from './not-today';
import { regionLimits } from './regions/index';
import type { Standing } from './restriction';
import { standingWords } from './verdict';

/** What an athlete is told of one restriction, in plain words. */
export interface Told {
  /** Which part, and how: "left knee, limit, operation, late". */
  what: string;
  /** The part alone: "left knee". */
  part: string;
  /** Sorts of movement that are not for today. */
  notToday: string[];
  /** What to look out for. */
  told: string;
  /** Pain up to which it may go on, 0 to 10. */
  painAtMost: number;
}

/** @example toldOf(leftKnee).part // 'left knee' */
export function toldOf(standing: Standing): Told {
  const region = standing.cause === 'concussion' ? 'neck' : standing.region;
  return {
    what: standingWords(standing),
    part: standing.cause === 'concussion' ? 'head' : partWords(standing),
    notToday: notToday(standing),
    told: regionLimits[region].told,
    painAtMost: painUnder(standing),
  };
}
