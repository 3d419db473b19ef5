import { ageOn } from '../../date/days';
import type { Dose } from '../../dose/dose';
import { type BlockKind, mainBlocks } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';

/** Seconds of a set by the clock: one side, both, what prepares, what is fast. Common practice, no source. */
const clock = { side: 25, both: 40, preparing: 30, preparingSide: 20, fast: 20, fastSide: 15 } as const;

/** Work of so many seconds in the place of what was counted, with its pace and its reserve. */
function forSeconds({ reserve: _, tempo: __, ...rest }: Dose, seconds: number): Dose {
  return { ...rest, work: { kind: 'work', seconds } };
}

/** The same work by the clock, when the coach doses by time. */
export function byTime(dose: Dose, block: BlockKind = 'strength'): Dose {
  if (dose.work.kind === 'hold' || dose.work.kind === 'work') return dose;
  const { side, both, preparing, preparingSide, fast, fastSide } = clock;
  const isFast = block === 'power' || dose.tempo?.rising === 'X';
  const [oneSide, all] = isFast
    ? [fastSide, fast]
    : mainBlocks.has(block) || block === 'technique' || block === 'finisher'
      ? [side, both]
      : [preparingSide, preparing];
  return forSeconds(dose, dose.perSide ? oneSide : all);
}

/** Length of a round, seconds: as adults who compete box, shorter for the new and the young. Common practice, no source. */
const rounds = { full: 180, shorter: 120, young: 90 } as const;
const youngUnder = 16;

/** How long a round of the sport lasts for an athlete. */
export function roundSeconds({ athlete, date, minutes }: Brief): number {
  if (ageOn(athlete.born, date) < youngUnder) return rounds.young;
  return athlete.level === 'advanced' && minutes >= 25 ? rounds.full : rounds.shorter;
}

/** A drill as a round of its sport. */
export const asRound = (dose: Dose, brief: Brief): Dose => forSeconds({ ...dose, perSide: false }, roundSeconds(brief));

/** What closes rounds: a minute without a break; common practice, no source. */
const burstSeconds = 60;

/** Light work that closes the rounds, by the clock. */
export const asBurst = (dose: Dose): Dose => forSeconds({ ...dose, perSide: false }, burstSeconds);

/** Counted work of the main part with the repetitions to stop short of failure always said, when the coach doses by reserve. */
export function byReserve(dose: Dose, block: BlockKind, reserve: number): Dose {
  const counted = mainBlocks.has(block) && block !== 'power' && dose.work.kind === 'reps' && dose.tempo?.rising !== 'X';
  return counted && dose.reserve === undefined ? { ...dose, reserve } : dose;
}
