import { momentNames } from '../body/moment-names';
import type { ScaledBody } from '../body/segments';
import type { Loading } from '../exercise/mechanics/loading';
import { fractionsOfMax } from '../exercise/mechanics/relative-moments';
import type { Variant } from '../exercise/model/variant';
import type { Feasibility } from './feasible';
import type { LoadOption } from './load-option';

/** Another way to give the same stimulus. */
export interface Likeness {
  variant: Variant;
  /** The load that comes nearest; none for body weight and bands. */
  load?: LoadOption;
  /** How alike the profiles of joint moments are, 0 to 1; less for another pattern. */
  likeness: number;
}

type Profile = readonly number[];

/** Joint moments as shares of a typical most, so that a wrist counts as much as a hip. */
function profileOf(variant: Variant, body: ScaledBody, loading: Loading): Profile {
  const shares = fractionsOfMax(variant, body, loading);
  return momentNames.map((name) => shares[name]);
}

function likenessOf(a: Profile, b: Profile): number {
  const length = (p: Profile) => Math.hypot(...p);
  const apart = Math.hypot(...a.map((v, i) => v - (b[i] as number)));
  const most = length(a) + length(b);
  return most === 0 ? 0 : 1 - apart / most;
}

/** Another pattern gives another stimulus even where the joints hold alike; common practice, no source. */
const otherPattern = 0.8;

const sharedBlock = (a: Variant, b: Variant) => a.blocks.some((block) => b.blocks.includes(block));
const sharedAction = (a: Variant, b: Variant) =>
  a.jointActions.some((x) => b.jointActions.some((y) => x.joint === y.joint && x.action === y.action));

/**
 * Variants that load the joints most like a given one, each with the load of this kit that comes nearest; best first. Only what can be done
 * here, stands in one of the same blocks and shares a joint action is looked at.
 */
export function sameStimulus(
  variant: Variant,
  loading: Loading,
  candidates: readonly Feasibility[],
  body: ScaledBody,
  most = 5,
): Likeness[] {
  const wanted = profileOf(variant, body, loading);
  return candidates
    .filter((c) => c.possible && c.variant.id !== variant.id)
    .filter((c) => sharedBlock(c.variant, variant) && sharedAction(c.variant, variant))
    .filter((c) => (c.variant.speed === 'fast') === (variant.speed === 'fast'))
    .map((candidate): Likeness => {
      const bare = candidate.variant.load?.required && candidate.variant.load.source === 'weight' ? [] : [undefined];
      const pattern = candidate.variant.pattern === variant.pattern ? 1 : otherPattern;
      const options = [...bare, ...candidate.loads].map((load) => ({
        load,
        likeness: pattern * likenessOf(wanted, profileOf(candidate.variant, body, load ? { loadKg: load.kg } : {})),
      }));
      const best = options.reduce((a, b) => (b.likeness > a.likeness ? b : a));
      return { variant: candidate.variant, likeness: best.likeness, ...(best.load ? { load: best.load } : {}) };
    })
    .sort((a, b) => b.likeness - a.likeness || a.variant.id.localeCompare(b.variant.id))
    .slice(0, most);
}
