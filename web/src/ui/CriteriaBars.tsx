import type { Explanation } from '@tropaeum/core/sport/transfer-explained';

/** The five criteria of a transfer, each with its bar, its value and the sentence behind it. */
export function CriteriaBars({ criteria, missing }: Pick<Explanation, 'criteria' | 'missing'>) {
  return (
    <div className="mt-1.5">
      <dl className="space-y-1">
        {criteria.map(({ criterion, name, value, words }) => (
          <div
            key={criterion}
            data-criterion={criterion}
            className="grid grid-cols-[7.5rem_1fr_2rem] items-center gap-x-2"
          >
            <dt className="text-[0.8rem]">{name}</dt>
            <dd className="h-1.5 bg-edge" aria-hidden="true">
              <span className="block h-full bg-ink" style={{ width: `${value * 100}%` }} />
            </dd>
            <dd className="dose text-right text-[0.75rem]">{value.toFixed(2)}</dd>
            <dd className="col-span-3 text-[0.74rem] leading-tight text-quiet">{words}</dd>
          </div>
        ))}
      </dl>
      {missing.length > 0 && (
        <p className="mt-1 text-[0.74rem] leading-tight text-bronze">Not trained: {missing.join(', ')}.</p>
      )}
    </div>
  );
}
