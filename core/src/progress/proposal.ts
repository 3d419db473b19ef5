import { painLimits } from '../athlete/athlete';

export type Move = 'up' | 'same' | 'down' | 'stop';

/** What came back for one item. */
export interface Outcome {
  /** Repetitions, seconds or whatever the dose counts, asked of every set. */
  planned: number;
  plannedSets: number;
  /** What was done in each logged set; both sides listed where both were done. */
  done: readonly number[];
  perSide: boolean;
  /** Highest pain reported in a region that the item loads, 0 to 10. */
  pain: number;
  /** Rating of perceived exertion of the whole session, 0 to 10. */
  effort?: number;
  /** Fewest repetitions left in any set, where the athlete said so of every one. */
  leastLeft?: number;
  /** The same item was done in full the time before. */
  metBefore: boolean;
  /** Neighbours on the ladder, by name. */
  easier?: string;
  harder?: string;
}

export interface Proposal {
  move: Move;
  /** The rule that led to it, in one sentence with its numbers. */
  rule: string;
}

/** Below this share of what was asked, form or strength has given out; common practice, no source. */
const fellShort = 0.8;
/** With so many left in every set it was too light from the start; common practice, no source. */
const tooLightFrom = 4;
/** An effort beyond this leaves no room for more. */
const hardEffort = 9;

/** Whether everything asked was done. */
export function met({
  planned,
  plannedSets,
  done,
  perSide,
}: Pick<Outcome, 'planned' | 'plannedSets' | 'done' | 'perSide'>): boolean {
  return done.length >= plannedSets * (perSide ? 2 : 1) && done.every((amount) => amount >= planned);
}

/**
 * What to do with an item next time. Pain comes first (Thomee 1997: up to 2 safe, 3 to 5 easier, above 5 stop), then what was done;
 * up after two sessions in full (handbook "two for two" of the National Strength and Conditioning Association, values from memory), at once where
 * every set left much over, and not yet where it left nothing (common practice, no source).
 *
 * @example propose({ planned: 8, plannedSets: 3, done: [8, 8, 8], perSide: false, pain: 0, metBefore: true }).move // 'up'
 */
export function propose(outcome: Outcome): Proposal {
  const { planned, plannedSets, done, perSide, pain, effort, leastLeft, metBefore, easier, harder } = outcome;
  if (pain > painLimits.stop) return { move: 'stop', rule: `Pain ${pain} of 10: stop this and have it looked at.` };
  if (pain > painLimits.safe)
    return {
      move: 'down',
      rule: `Pain ${pain} of 10 is acceptable only if gone by the next morning: ${easier ? `back to ${easier}` : 'reduce the dose'}.`,
    };
  if (done.length === 0) return { move: 'same', rule: 'Not done: keep it and ask the athlete why.' };
  const sets = plannedSets * (perSide ? 2 : 1);
  const share = done.reduce((sum, amount) => sum + Math.min(amount / planned, 1), 0) / sets;
  if (share < fellShort)
    return {
      move: 'down',
      rule: `Only ${Math.round(share * 100)} % of the planned dose: ${easier ? `back to ${easier}` : 'fewer repetitions'}.`,
    };
  if (!met(outcome)) return { move: 'same', rule: `${Math.round(share * 100)} % done: repeat until complete.` };
  if (effort !== undefined && effort >= hardEffort)
    return { move: 'same', rule: `Complete, but session RPE was ${effort} of 10.` };
  const onward = harder ? `progress to ${harder}` : 'add a little';
  if (leastLeft !== undefined && leastLeft >= tooLightFrom)
    return { move: 'up', rule: `Complete with ${leastLeft} or more reps in reserve in every set: ${onward}.` };
  if (!metBefore) return { move: 'same', rule: 'Complete once: repeat it once, then progress.' };
  if (leastLeft === 0) return { move: 'same', rule: 'Complete twice, but with no reps in reserve: repeat it.' };
  return { move: 'up', rule: `Complete in two sessions: ${onward}.` };
}
