import type { ScaledBody } from '../body/segments';
import { capital, percent } from '../common/text';
import { fastUpTo, type Zone, zoneOf } from '../dose/zone';
import { momentOf, momentsOverRange } from '../exercise/mechanics/moments';
import type { Variant } from '../exercise/model/variant';
import type { Feasibility } from '../kit/feasible';
import type { Capacity } from './capacity';
import { hardestOf, type Reached, reaches, reachOf } from './reachable';

export type OverloadKind =
  | 'one-sided'
  | 'longer-lever'
  | 'isometric'
  | 'band-added'
  | 'slower'
  | 'paused'
  | 'fast'
  | 'density'
  | 'other-quality';

/** An honest way to train when the load does not reach the zone that is wanted. */
export interface OverloadAlternative {
  kind: OverloadKind;
  /** Whether it reaches the zone after all. */
  reaches: boolean;
  /** One sentence with its number. */
  says: string;
  /** What is trained by it. */
  trains: Zone;
  /** Another variant, where that is the way. */
  variant?: Variant;
  reached?: Reached;
  /** What to type for it, in dose notation. */
  dose?: string;
}

export type LightLoads = 'fast' | 'reps' | 'slow';

/** What a coach who follows a school would try first, when none reaches the zone; schools differ, common practice, no source. */
const order: Record<LightLoads, readonly OverloadKind[]> = {
  fast: [
    'one-sided',
    'longer-lever',
    'isometric',
    'fast',
    'band-added',
    'slower',
    'paused',
    'density',
    'other-quality',
  ],
  slow: [
    'one-sided',
    'longer-lever',
    'isometric',
    'slower',
    'paused',
    'band-added',
    'fast',
    'density',
    'other-quality',
  ],
  reps: [
    'one-sided',
    'longer-lever',
    'isometric',
    'density',
    'other-quality',
    'band-added',
    'slower',
    'paused',
    'fast',
  ],
};

/** Slow sets to near failure build muscle down to about this share of the most (Schoenfeld 2017; value from memory). */
const slowBuildsFrom = 0.4;

const zoneWords: Record<Zone, string> = {
  strength: 'maximal strength',
  hypertrophy: 'muscle',
  'muscular-endurance': 'muscular endurance',
  power: 'power',
  'speed-strength': 'speed-strength',
};
const wordsOfZone = (zone: Zone) => zoneWords[zone];

const withWords = ({ load, band }: Reached) => (load ? ` with ${load.with}` : band ? ` with ${band}` : '');
const side = (variant: Variant) => (variant.dose.perSide ? '/side' : '');
const perSet = (reached: Reached, reserve: number) => Math.max(1, Math.floor(reached.toFailure.mid) - reserve);

type ZonedReach = Reached & { zone: Zone };
const isZoned = (reached: Reached | undefined): reached is ZonedReach => reached?.zone !== undefined;

/** Another variant of the same pattern that asks for more, of those that can be done. */
function harderOne(
  variant: Variant,
  own: Reached,
  candidates: readonly Feasibility[],
  capacity: Capacity,
  fits: (other: Variant) => boolean,
): { variant: Variant; reached: ZonedReach } | undefined {
  const lifting = new Set(variant.jointActions.map(momentOf));
  return candidates
    .filter((c) => c.possible && c.variant.pattern === variant.pattern && c.variant.id !== variant.id)
    .filter((c) => c.variant.speed !== 'fast' && c.variant.dose.work.kind === 'reps' && fits(c.variant))
    .filter((c) => c.variant.jointActions.some((a) => lifting.has(momentOf(a))))
    .flatMap((c) => {
      const reached = hardestOf(reachOf(c, capacity));
      return isZoned(reached) && reached.share > own.share * 1.1 ? [{ variant: c.variant, reached }] : [];
    })
    .sort((a, b) => b.reached.share - a.reached.share)[0];
}

/** Where in a repetition the limiting joint is asked for most, as a share of the way. */
function hardAngle(variant: Variant, own: Reached, body: ScaledBody, capacity: Capacity): number | undefined {
  const loading = { loadKg: own.load?.kg ?? 0 };
  const moment = capacity.effort(variant, loading)?.moment;
  if (!moment) return undefined;
  return momentsOverRange(variant, body, loading).reduce((a, b) => (b.moments[moment] > a.moments[moment] ? b : a))
    .share;
}

/**
 * Honest ways to train a movement whose load does not reach the zone that is wanted, those that reach it after all first, then in the order of the house
 * rule for light loads. Empty when the zone is reached, or when nothing is known of the load.
 *
 */
export function overloadAlternatives(
  feasible: Feasibility,
  wanted: Zone,
  candidates: readonly Feasibility[],
  capacity: Capacity,
  body: ScaledBody,
  rule: LightLoads,
): OverloadAlternative[] {
  const { variant } = feasible;
  const own = hardestOf(reachOf(feasible, capacity));
  if (!own?.zone || reaches(own, wanted)) return [];
  const { zone: ownZone } = own;
  const ways: OverloadAlternative[] = [];
  const reps = perSet(own, 2);

  const oneSided = variant.side === 'both' && harderOne(variant, own, candidates, capacity, (v) => v.side === 'single');
  if (oneSided)
    ways.push({
      kind: 'one-sided',
      reaches: reaches(oneSided.reached, wanted),
      says: `One side at a time: ${oneSided.variant.name.toLowerCase()}${withWords(oneSided.reached)} is ${percent(oneSided.reached.share)} of max instead of ${percent(own.share)}.`,
      trains: oneSided.reached.zone,
      ...oneSided,
      dose: `3x${Math.min(10, perSet(oneSided.reached, 2))}/side rir2 r60`,
    });
  const longer = harderOne(variant, own, candidates, capacity, (v) => v.side === variant.side);
  if (longer)
    ways.push({
      kind: 'longer-lever',
      reaches: reaches(longer.reached, wanted),
      says: `Longer lever or deeper range: ${longer.variant.name.toLowerCase()}${withWords(longer.reached)} is ${percent(longer.reached.share)} of max instead of ${percent(own.share)}.`,
      trains: longer.reached.zone,
      ...longer,
      dose: `3x${Math.min(12, perSet(longer.reached, 2))}${side(longer.variant)} rir2 r60`,
    });
  const angle = hardAngle(variant, own, body, capacity);
  if (angle !== undefined && variant.speed !== 'fast')
    ways.push({
      kind: 'isometric',
      // All one has, at one angle: strength is gained there and little beyond (Oranchuk 2019; value from memory).
      reaches: wanted === 'strength',
      says: `Isometric, ${percent(angle)} of the way through, at the hardest angle: as hard as possible for five seconds. Strength at that angle, little beyond it.`,
      trains: 'strength',
      dose: `4x5s${side(variant)} r90`,
    });
  const bandHere = candidates
    .filter((c) => c.possible && c.variant.pattern === variant.pattern && c.variant.load?.source === 'band')
    .find((c) => c.variant.speed !== 'fast');
  if (bandHere)
    ways.push({
      kind: 'band-added',
      reaches: false,
      says: `Add a band, hardest where the weight is easiest: ${bandHere.variant.name.toLowerCase()}. Unmeasured, so dose it by reps in reserve.`,
      trains: ownZone,
      variant: bandHere.variant,
      dose: `3x10${side(bandHere.variant)} rir2 r60`,
    });
  const slowly: Zone = own.share > slowBuildsFrom ? 'hypertrophy' : 'muscular-endurance';
  ways.push(
    {
      kind: 'slower',
      reaches: false,
      says: `Four-second eccentric: the same ${percent(own.share)} for twice as long. ${capital(wordsOfZone(slowly))}, not maximal strength.`,
      trains: slowly,
      dose: `3x${Math.max(4, Math.min(12, Math.round(reps / 2)))}${side(variant)} 4-1-2 r60`,
    },
    {
      kind: 'paused',
      reaches: false,
      says: `Two-second pause at the hardest point: ${percent(own.share)} without momentum.`,
      trains: ownZone,
      dose: `3x${Math.max(4, Math.min(12, Math.round(reps * 0.7)))}${side(variant)} 2-2-1 r60`,
    },
    {
      kind: 'fast',
      reaches: wanted === zoneOf(own.share, true),
      says:
        own.share <= fastUpTo
          ? `As fast as possible: ${percent(own.share)} is light enough for power, not for maximal strength.`
          : `Intent to move fast: at ${percent(own.share)} it moves slowly, but the attempt trains rate of force development.`,
      trains: zoneOf(own.share, true),
      dose: `4x${own.share < 0.3 ? 5 : 4}${side(variant)} X r90`,
    },
    {
      kind: 'density',
      reaches: false,
      says: `Shorter rests, 30 s: muscular endurance.`,
      trains: 'muscular-endurance',
      dose: `4x${Math.max(4, Math.min(20, Math.round(reps * 0.7)))}${side(variant)} r30`,
    },
    {
      kind: 'other-quality',
      reaches: false,
      says: `Train what this load is good for: ${wordsOfZone(ownZone)}, ${Math.round(own.toFailure.low)} to ${Math.round(own.toFailure.high)} repetitions to failure.`,
      trains: ownZone,
      dose: `3x${Math.min(20, reps)}${side(variant)} rir2 r45`,
    },
  );
  const place = (way: OverloadAlternative) => order[rule].indexOf(way.kind);
  return ways.sort((a, b) => Number(b.reaches) - Number(a.reaches) || place(a) - place(b));
}

/** One plain sentence about a zone that is not reached, or nothing when it is. */
export function tooLightFor(feasible: Feasibility, wanted: Zone, capacity: Capacity): string | undefined {
  const own = hardestOf(reachOf(feasible, capacity));
  if (!own?.zone || reaches(own, wanted)) return undefined;
  return `The heaviest load here${withWords(own)} is ${percent(own.share)} of max: too light for ${wordsOfZone(wanted)}, which starts at 85 %.`;
}
