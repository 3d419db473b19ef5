import { catalogueOf } from '../../exercise/catalogue/catalogue';
import type { Variant } from '../../exercise/model/variant';
import type { Move } from '../../progress/proposal';
import type { Brief } from '../brief/brief';
import { sessionsBefore } from '../brief/recent-sessions';

/** What the coach decided of an exercise when its last session came back, and what that makes of its neighbours on the ladder. */
interface Decided {
  /** By the exercise that was decided on. */
  moves: ReadonlyMap<string, Move>;
  /** Rungs that stand in for it now: harder after progress, easier after a step back. */
  rungs: ReadonlyMap<string, Move>;
}

const known = new WeakMap<Brief, Decided>();

function decidedIn(brief: Brief): Decided {
  const found = known.get(brief);
  if (found) return found;
  const moves = new Map<string, Move>();
  for (const { items } of sessionsBefore(brief))
    for (const { variant, decided } of items ?? []) if (!moves.has(variant) && decided) moves.set(variant, decided);
  const { byId } = catalogueOf(brief.own);
  const rungs = new Map<string, Move>();
  for (const [id, move] of moves) {
    const rung = move === 'up' ? byId(id)?.harder : move === 'down' ? byId(id)?.easier : undefined;
    if (rung && !moves.has(rung)) rungs.set(rung, move);
  }
  const decided = { moves, rungs };
  known.set(brief, decided);
  return decided;
}

/** What keeping, stepping and stepping back are worth, shares of everything asked; common practice, no source. */
const worth = { hold: 0.012, rung: 0.025, back: -0.03 } as const;

/**
 * What a decision of the coach makes an exercise worth today: held ones are kept, the rung decided for is preferred, what was too much gives way.
 *
 * @example decidedWorth(plainBrief(), pushUp) // 0
 */
export function decidedWorth(brief: Brief, { id }: Variant): number {
  const { moves, rungs } = decidedIn(brief);
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

/** How many repetitions further from failure a decision puts an exercise; fewer after progress. */
export function decidedReserve(brief: Brief, { id }: Variant): number {
  const move = decidedIn(brief).moves.get(id);
  if (move === 'up') return -1;
  return move === 'down' ? 2 : 0;
}

/** The same in a few words, or nothing. */
export function decidedWords(brief: Brief, { id }: Variant): string | undefined {
  const { moves, rungs } = decidedIn(brief);
  const step = rungs.get(id) ?? moves.get(id);
  if (step === 'up') return 'progress, as decided after the last session';
  if (step === 'down') return 'one step easier, as decided after the last session';
  return step === 'same' ? 'unchanged, as decided after the last session' : undefined;
}
