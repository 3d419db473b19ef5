import { setSeconds } from '../../dose/time';
import type { Variant } from '../../exercise/model/variant';
import { preparingBlocks } from '../../exercise/model/vocabulary';
import type { Context } from '../context/context';
import type { Choice, Group } from '../draft/draft';
import { restFor } from '../prescription/rest';

/** What an item costs a session beside its minutes: fewer and larger is easier to follow. What the kit loads is preferred. Common practice, no source. */
const [oneMore, withKit] = [-0.02, 0.012];
/** A staple before a second choice before a makeshift. */
const ofStanding = { 3: 0.012, 2: 0, 1: -0.02, 0: -0.03 } as const;
/** Sets from which an item is worth its place, and what that adds. */
export const worthwhileSets = 3;
const manySets = 0.008;
/** Where home is the place to build, more sets are worth more. */
export const manySetsOf = ({ houseRules }: Context['brief']) => (houseRules.away === 'build' ? 3 * manySets : manySets);

/** Minutes that were given are to be used: what a second of main work is worth in itself until they are full. With more minutes it is never less. Common practice, no source. */
export const usedSecond = 0.0003;

/** Seconds of all sets of an item with the rest that its quality asks for. */
export function workSecondsOf(
  { brief }: Context,
  block: Group['block'],
  variant: Variant,
  { dose }: Choice,
  share: number | undefined,
): number {
  if (preparingBlocks.has(block)) return 0;
  const alone = { ...dose, restSeconds: variant.dose.restSeconds };
  return dose.sets * (setSeconds(dose) + restFor(variant, block, alone, share, brief));
}

export function itemWorth(
  context: Context,
  block: Group['block'],
  variant: Variant,
  choice: Choice,
  workSeconds: number,
): number {
  const { frame, own, brief } = context;
  if (!frame.share[block]) return 0;
  const standing = ofStanding[own.has(variant.id) || variant.sports.length > 0 ? 3 : variant.standing];
  return (
    oneMore +
    standing +
    usedSecond * workSeconds +
    (choice.load ? withKit : 0) +
    (choice.dose.sets >= worthwhileSets ? manySetsOf(brief) : 0)
  );
}

/** A group of one item that rests on its own. */
export function alone(block: Group['block'], choice: Choice): Group {
  return { block, format: 'straight', roundRestSeconds: 0, choices: [choice] };
}
