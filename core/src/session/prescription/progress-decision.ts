import { amountOf, type Dose, withAmount } from '../../dose/dose';
import { catalogueOf } from '../../exercise/catalogue/catalogue';
import type { Variant } from '../../exercise/model/variant';
import type { NextDose } from '../../progress/decision-case';
import type { Move } from '../../progress/proposal';
import type { Brief } from '../brief/brief';
import { sessionsBefore } from '../brief/recent-sessions';

/** The dose that a decision asks of an exercise today. */
export interface DecidedDose extends Omit<NextDose, 'variant'> {
  move: Move;
  /** Loaded so; nothing in the hands where it is left out of a dose of the same exercise. */
  kg?: number;
  /** No other load than `kg`: another exercise of the ladder finds its own. */
  sameExercise: boolean;
}

/** What the coach decided of an exercise when its last session came back, and what that makes of its neighbours on the ladder. */
interface Decided {
  /** By the exercise that was decided on. */
  moves: ReadonlyMap<string, Move>;
  /** Rungs that stand in for it now: harder after progress, easier after a step back. */
  rungs: ReadonlyMap<string, Move>;
  /** By the exercise that is to be done in it. */
  doses: ReadonlyMap<string, DecidedDose>;
}

const known = new WeakMap<Brief, Decided>();

function decidedIn(brief: Brief): Decided {
  const found = known.get(brief);
  if (found) return found;
  const moves = new Map<string, Move>();
  const [rungs, doses] = [new Map<string, Move>(), new Map<string, DecidedDose>()];
  const { byId } = catalogueOf(brief.own);
  for (const { items, aim } of sessionsBefore(brief))
    for (const { variant, decided, next } of items ?? []) {
      if (moves.has(variant) || !decided) continue;
      moves.set(variant, decided);
      const here = byId(variant);
      const rung = next
        ? next.variant
        : decided === 'up'
          ? here?.harder
          : decided === 'down'
            ? here?.easier
            : undefined;
      if (rung && rung !== variant && !rungs.has(rung)) rungs.set(rung, decided);
      // More is asked for the aim it was decided for; less holds whatever the day is for.
      const holds = aim === undefined || aim === brief.aim || decided === 'down';
      const { variant: other, ...dose } = next ?? {};
      const target = other ?? variant;
      if (next && holds && !doses.has(target))
        doses.set(target, { ...dose, move: decided, sameExercise: target === variant });
    }
  for (const variant of moves.keys()) rungs.delete(variant);
  const decided = { moves, rungs, doses };
  known.set(brief, decided);
  return decided;
}

/** What keeping, stepping and stepping back are worth, shares of everything asked; a dose that was decided for today outweighs a change of exercise. Common practice, no source. */
const worth = { decided: 0.06, hold: 0.012, rung: 0.025, back: -0.03 } as const;

/**
 * What a decision of the coach makes an exercise worth today: held ones are kept, the rung decided for is preferred, what was too much gives way.
 *
 * @example decidedWorth(plainBrief(), pushUp) // 0
 */
export function decidedWorth(brief: Brief, { id }: Variant): number {
  const { moves, rungs, doses } = decidedIn(brief);
  if (doses.has(id)) return worth.decided;
  if (rungs.has(id)) return worth.rung;
  const move = moves.get(id);
  if (move === 'same' || move === 'up') return worth.hold;
  return move === 'down' ? worth.back : 0;
}

/** Why a decision of the coach stands against an exercise, or nothing. */
export function decidedAgainst(brief: Brief, { id }: Variant): string | undefined {
  return decidedIn(brief).moves.get(id) === 'stop'
    ? 'You stopped it after the last session; add it by name to bring it back.'
    : undefined;
}

/** The dose that the coach decided for an exercise, or nothing. */
export const decidedDoseOf = (brief: Brief, { id }: Pick<Variant, 'id'>): DecidedDose | undefined =>
  decidedIn(brief).doses.get(id);

/** How many repetitions further from failure a decision without figures puts an exercise; fewer after progress. */
export function decidedReserve(brief: Brief, { id }: Variant): number {
  const { moves, doses } = decidedIn(brief);
  if (doses.has(id)) return 0;
  const move = moves.get(id);
  if (move === 'up') return -1;
  return move === 'down' ? 2 : 0;
}

/** Whether a load is no other than the one decided for; a step back caps it only. */
export function isDecidedLoad(decided: DecidedDose | undefined, kg: number | undefined, required: boolean): boolean {
  if (!decided?.sameExercise) return true;
  if (decided.kg === undefined) return kg === undefined || required;
  return (kg ?? 0) <= decided.kg + 0.01;
}

/**
 * A dose with the amount and the rest that were decided, as far as it is counted in the same and can be done.
 *
 * @param most repetitions that are still possible with one to spare, where that can be told
 */
export function asDecided(planned: Dose, decided: DecidedDose | undefined, most = Number.POSITIVE_INFINITY): Dose {
  if (decided?.amount === undefined || planned.work.kind !== decided.counts) return planned;
  const { restSeconds = planned.restSeconds } = decided;
  // Less rest than usual may have been decided, never more.
  const dose = { ...planned, restSeconds: Math.min(planned.restSeconds, restSeconds) };
  const counted = amountOf(dose.work);
  const amount = Math.max(Math.min(counted, decided.amount), Math.min(decided.amount, Math.floor(most)));
  const reserve = Math.min(dose.reserve ?? 0, Math.max(1, Math.round(most + 1 - amount)));
  return {
    ...dose,
    work: withAmount(dose.work, amount),
    ...(dose.reserve === undefined || !Number.isFinite(most) ? {} : { reserve }),
  };
}

/** The same in a few words, or nothing. */
export function decidedWords(brief: Brief, { id }: Variant): string | undefined {
  const { moves, rungs } = decidedIn(brief);
  const step = rungs.get(id) ?? moves.get(id);
  if (step === 'up') return 'progress, as decided after the last session';
  if (step === 'down') return 'one step easier, as decided after the last session';
  return step === 'same' ? 'unchanged, as decided after the last session' : undefined;
}
