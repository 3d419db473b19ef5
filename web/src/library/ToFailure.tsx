import type { Capacity } from '@tropaeum/core/capacity/capacity';
import type { Loading } from '@tropaeum/core/exercise/mechanics/loading';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { amountWords } from '../capacity/zone-words';

/** What is predicted of one try with this load; nothing where the force of a band is not known, or speed ends the set. */
export function ToFailure({ variant, capacity, loading }: { variant: Variant; capacity: Capacity; loading: Loading }) {
  const { kind } = variant.dose.work;
  if (variant.speed === 'fast' || variant.line || (kind !== 'reps' && kind !== 'hold')) return null;
  const counts = kind === 'hold' ? 'seconds' : 'repetitions';
  const toFailure = capacity.toFailure(variant, loading, counts);
  const effort = capacity.effort(variant, loading);
  if (!toFailure || !effort) return null;
  return (
    <p className="mt-1 text-[0.95rem]">
      {Math.round(effort.between.low * 100)} to {Math.round(effort.between.high * 100)} % of max;{' '}
      <b>{amountWords({ toFailure, counts })}</b>{' '}
      {counts === 'seconds' ? 'until form breaks' : 'repetitions to failure'}.
    </p>
  );
}
