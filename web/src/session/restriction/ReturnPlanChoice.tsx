import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { variantById } from '@tropaeum/core/exercise/library/library';
import { returnPlansOf } from '@tropaeum/core/limits/return-plans';
import { useState } from 'react';

/** A way back for this part: its stages with what is trained in each and what ends it. One is taken with its criteria; the physio decides which. */
export function ReturnPlanChoice({
  restriction,
  onTake,
}: {
  restriction: Restriction;
  onTake: (stage: number, criteria: string) => void;
}) {
  const plans = returnPlansOf(restriction.region);
  const [id, setId] = useState(plans.find(({ cause }) => cause === restriction.cause)?.id ?? '');
  if (plans.length === 0) return null;
  const plan = plans.find((one) => one.id === id);
  return (
    <details className="mt-3" open={plan !== undefined}>
      <summary className="label cursor-pointer">Way back in stages</summary>
      <select aria-label="Way back" className="field mt-1 w-72" value={id} onChange={(e) => setId(e.target.value)}>
        <option value="">Choose one</option>
        {plans.map(({ id: one, name }) => (
          <option key={one} value={one}>
            {name}
          </option>
        ))}
      </select>
      {plan && (
        <>
          <ol className="mt-2">
            {plan.stages.map((stage, i) => (
              <li key={stage.name} className="grid grid-cols-[1fr_auto] gap-3 border-b border-edge py-1 text-[0.9rem]">
                <span>
                  <b>
                    {i + 1}. {stage.name}
                  </b>{' '}
                  <span className="text-quiet">
                    {stage.work.map(([variant, dose]) => `${variantById(variant)?.name ?? variant} ${dose}`).join(', ')}
                  </span>
                  <span className="block">Before the next: {stage.exit}.</span>
                </span>
                <button
                  type="button"
                  className="key h-7 self-center"
                  onClick={() => onTake(stage.opens, `${plan.name}, ${stage.name.toLowerCase()}: ${stage.exit}`)}
                >
                  Set this stage
                </button>
              </li>
            ))}
          </ol>
          <p className="mt-1 text-small text-quiet">
            Each on two days, pain within its ceiling, no rise the next morning; one back for swelling, a limp or a
            rise. Only a clinician: {plan.clinician}. Source: {plan.source}; figures from memory.
          </p>
        </>
      )}
    </details>
  );
}
