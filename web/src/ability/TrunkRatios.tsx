import type { TestResult } from '@tropaeum/core/athlete/showing';
import { trunkHolds, trunkRatios } from '@tropaeum/core/capacity/trunk-ratios';

/** Endurance of the parts of the trunk against each other, once all four holds are there. */
export function TrunkRatios({ results }: { results: readonly TestResult[] }) {
  const holds = trunkHolds(results);
  return (
    <section className="mt-5">
      <h2 className="label border-b border-stone pb-0.5">Trunk, one part against another</h2>
      {holds ? (
        <ul className="grid grid-cols-2 gap-x-6 text-[0.9rem]">
          {trunkRatios(holds).map(({ id, name, ratio, wanted, fine }) => (
            <li key={id} className="flex justify-between border-b border-edge py-0.5">
              <span>{name}</span>
              <span className={fine ? '' : 'text-oxide'}>
                <span className="dose">{ratio.toFixed(2)}</span>{' '}
                <span className="text-[0.8rem]">
                  {fine ? 'fine' : 'not'}, {wanted} wanted
                </span>
              </span>
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-[0.88rem] text-quiet">Needs the front and back holds and both side planks (McGill).</p>
      )}
    </section>
  );
}
