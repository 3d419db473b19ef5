import type { Dose } from '../../dose/dose';
import { zones } from '../../dose/zone';
import type { Variant } from '../../exercise/model/variant';
import type { BlockKind } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';
import { isEccentricOnly } from './item-zone';

/** Seconds of rest by what a set trains: heavy two minutes and more, power a minute and more, care of a joint half a minute. Common practice, no source, but for heavy sets (zones). */
const rests = {
  /** From this fraction of the maximum on a set is heavy, and hard. */
  heavy: { from: zones.strength.share[0], seconds: 150 },
  hard: { from: 0.75, seconds: 90, forStrength: 120 },
  moderate: { from: 0.6, seconds: 60, forStrength: 90 },
  light: 45,
  power: 60,
  landing: 45,
  lowering: 60,
  care: 30,
  armCare: 20,
  trunk: 30,
  round: 60,
} as const;

/** A short session rests shorter, but for heavy sets; minutes and the longest rest, common practice. */
const short = { minutes: 20, seconds: 60, power: 45 } as const;

/**
 * Rest after a set, by its quality, seconds.
 *
 * @example restFor(backSquat, 'strength', parseDose('3x4 r60'), 0.87, brief) // 150
 */
export function restFor(
  variant: Variant,
  block: BlockKind,
  dose: Dose,
  share: number | undefined,
  brief: Brief,
): number {
  const isShort = brief.minutes <= short.minutes;
  const written = dose.restSeconds;
  switch (block) {
    case 'power': {
      if (brief.sessionType === 'primer' || isShort) return Math.min(Math.max(written, short.power), short.seconds);
      if (variant.pattern === 'landing') return Math.max(rests.landing, Math.min(written, rests.power));
      return Math.max(rests.power, written);
    }
    case 'strength': {
      if (brief.sessionType === 'arm-care') return Math.min(written, rests.care);
      if (isEccentricOnly(variant)) return Math.max(rests.lowering, written);
      if (share === undefined || dose.work.kind !== 'reps') return Math.min(written, rests.moderate.seconds);
      if (share >= rests.heavy.from) return rests.heavy.seconds;
      const hard = brief.aim === 'strength' ? rests.hard.forStrength : rests.hard.seconds;
      const moderate = brief.aim === 'strength' ? rests.moderate.forStrength : rests.moderate.seconds;
      const full = share >= rests.hard.from ? hard : share >= rests.moderate.from ? moderate : rests.light;
      return isShort ? Math.min(full, short.seconds) : full;
    }
    case 'prevention': {
      if (brief.sessionType === 'arm-care') return Math.min(written, rests.armCare);
      if (isEccentricOnly(variant)) return Math.max(rests.lowering, written);
      return Math.max(
        Math.min(written, rests.moderate.seconds),
        share !== undefined && share > rests.hard.from ? rests.light : rests.care,
      );
    }
    case 'trunk':
      return Math.max(Math.min(written, rests.light), rests.trunk);
    case 'technique':
      return brief.sessionType === 'rounds' ? rests.round : written;
    default:
      return written;
  }
}
