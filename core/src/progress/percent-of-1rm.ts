import { epleyMostKg } from '../dose/repetitions';
import type { Decision } from './decision-case';
import type { Facts, SessionFacts } from './facts';

/** Up to so many repetitions to failure a 1RM can be told from them (Epley 1985 and others; from memory). */
const tellingUpTo = 12;

/**
 * Load that could be lifted once, kg, as the best set of a session shows: repetitions done and left, by Epley 1985 (from memory). Undefined where
 * nobody said what was left, or no set was near enough to failure to tell.
 *
 * @param kg the load of the session
 */
export function estimated1rm({ sets }: Pick<SessionFacts, 'sets'>, kg: number): number | undefined {
  const toFailure = sets.flatMap(({ done, rir }) => (rir === null || done === 0 ? [] : [done + rir]));
  const telling = toFailure.filter((reps) => reps <= tellingUpTo);
  return telling.length === 0 ? undefined : epleyMostKg(kg, Math.max(...telling));
}

/** What the set percentage of the estimated 1RM asks for: the next weight, this one, or a lighter one. */
type ByPercent = Pick<Decision, 'move' | 'why'> & { toKg: number };

/**
 * Where a club goes by percent of 1RM: which way the load moves after a session that was done in full. Nothing where it does not, or where a
 * 1RM cannot be told: of beginners, minors, what is fast or by time, and what carries no weight.
 */
export function byPercent(facts: Facts): ByPercent | undefined {
  const share = facts.value('share1rm');
  const { athlete, item } = facts.given;
  const { kg, nextKg, lighterKg } = item.load;
  const isLearning = athlete.level === 'new' || athlete.level === 'beginner';
  if (share === 0 || kg === undefined || facts.byTime || facts.fast || facts.impact || facts.minor || isLearning)
    return undefined;
  const oneRm = estimated1rm(facts.last, facts.last.raw.planned?.kg ?? kg);
  if (oneRm === undefined) return undefined;
  const wanted = (oneRm * share) / 100;
  const said = `${share} % of an estimated 1RM of ${Math.round(oneRm)} kg is ${Math.round(wanted * 2) / 2} kg`;
  if (nextKg !== undefined && wanted >= nextKg) return { move: 'progress', toKg: nextKg, why: `${said}: more.` };
  if (typeof lighterKg === 'number' && wanted <= lighterKg)
    return { move: 'regress', toKg: lighterKg, why: `${said}: less than what was lifted.` };
  return { move: 'hold', toKg: kg, why: `${said}: this weight.` };
}
