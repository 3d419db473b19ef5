import type { Pattern } from '../../exercise/model/vocabulary';
import type { Context } from '../context/context';
import type { ScoredGroup } from '../scoring/scored-group';

/** What raises the pulse; the rest of that block only opens joints. */
const pulsePatterns: ReadonlySet<Pattern> = new Set(['pulse', 'locomotion', 'quick-feet', 'hop']);
/** How much longer an item counts, and shorter where the sport has it as its own; common practice, no source. */
export const dearer = {
  standing: { 3: 1, 2: 1.3, 1: 2.2, 0: 4 },
  noPulse: 1.6,
  stretching: { dynamic: 2.5, short: 1, long: 0.6 },
  own: 0.7,
} as const;

/** Held stretches before the work, by house rule. */
function stillCost({ brief, type }: Context): number {
  if (type.type === 'flexibility') return 1;
  return dearer.stretching[brief.houseRules.stretching];
}

export function costOf(context: Context, { group, variants, seconds }: ScoredGroup): number {
  const variant = variants[0] as ScoredGroup['variants'][number];
  const { kind } = variant.dose.work;
  const still = kind === 'hold' || kind === 'breaths';
  const own = context.own.has(variant.id) || context.usual.warmUp.has(variant.id);
  return (
    seconds *
    dearer.standing[variant.standing] *
    (group.block === 'raise' && !pulsePatterns.has(variant.pattern) ? dearer.noPulse : 1) *
    (group.block === 'mobilise' && still ? stillCost(context) : 1) *
    (own ? dearer.own : 1)
  );
}
