import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import { trunkHolds, trunkRatios } from '@tropaeum/core/capacity/trunk-ratios';

/** Endurance of the parts of the trunk against each other, once all four holds are there. */
export function TrunkRatios({ results }: { results: readonly TestResult[] }) {
  const holds = trunkHolds(results);
  return (
    <section className="mt-5">
      <h2 className="label border-b border-stone pb-0.5">Trunk endurance ratios</h2>
      {holds ? (
        <ul className="text-[0.9rem]">
          {trunkRatios(holds).map(({ id, name, ratio, wanted, fine }) => (
            <li key={id} className="grid grid-cols-[11rem_4rem_1fr] items-baseline gap-3 border-b border-edge py-0.5">
              <span>{name}</span>
              <span className={`dose text-right ${fine ? '' : 'font-bold text-oxide'}`}>{ratio.toFixed(2)}</span>
              <span className={`text-[0.84rem] ${fine ? 'text-quiet' : 'text-oxide'}`}>
                {fine ? 'in range' : 'out of range'}: target {wanted}
              </span>
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-[0.88rem] text-quiet">
          Record the front and back holds and both side planks first (McGill).
        </p>
      )}
    </section>
  );
}
