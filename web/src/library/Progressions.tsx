import { relativeLoads } from '@tropaeum/core/capacity/relative-load';
import { variantById } from '@tropaeum/core/exercise/library/library';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { Link } from 'react-router';
import { Figure } from '../ui/Figure';

/** The whole ladder that a variant stands on, easiest first. */
function ladderOf(variant: Variant): Variant[] {
  const rungs = [variant];
  for (let v = variant.easier; v; v = rungs[0]?.easier) rungs.unshift(variantById(v) as Variant);
  for (let v = variant.harder; v; v = rungs.at(-1)?.harder) rungs.push(variantById(v) as Variant);
  return rungs;
}

const usualKg = (v: Variant) => (v.load?.required && v.load.source === 'weight' ? Math.min(v.load.maxKg ?? 10, 10) : 0);

/** The ladder as a climb: each rung as wide as what it asks, the one looked at marked. */
export function Progressions({
  variant,
  brief,
  query,
}: {
  variant: Variant;
  brief: Pick<Brief, 'athlete' | 'date'>;
  query: string;
}) {
  const rungs = ladderOf(variant);
  if (rungs.length === 1)
    return <p className="text-quiet">No easier or harder version: progress by load, tempo or range.</p>;
  const loads = rungs.map((v) => relativeLoads(v, brief.athlete, brief.date, { loadKg: usualKg(v) })[0]?.share ?? 0);
  const most = Math.max(...loads, 1e-9);
  return (
    <ol className="mt-1 flex flex-col-reverse">
      {rungs.map((v, i) => (
        <li key={v.id} className={v.id === variant.id ? 'bg-sheet' : ''}>
          <Link
            to={`/library/${v.id}${query ? `?${query}` : ''}`}
            aria-current={v.id === variant.id ? 'page' : undefined}
            className="flex items-center gap-2 px-1 py-0.5 hover:bg-lit"
          >
            <Figure variant={v.id} name="" className="h-9 w-12 shrink-0" />
            <span className="min-w-0 flex-1">
              <span className="flex justify-between gap-2 text-[0.9rem] leading-tight">
                <span className={`truncate ${v.id === variant.id ? 'font-bold' : ''}`}>
                  {v.name}
                  {usualKg(v) > 0 && <span className="text-quiet"> {usualKg(v)} kg</span>}
                </span>
                <span className="dose">{Math.round((loads[i] as number) * 100)} %</span>
              </span>
              <span className="mt-0.5 block h-1.5 bg-edge">
                <span className="block h-full bg-slate" style={{ width: `${((loads[i] as number) / most) * 100}%` }} />
              </span>
              {v.harderBecause && <span className="block text-small text-quiet">harder: {v.harderBecause}</span>}
            </span>
          </Link>
        </li>
      ))}
    </ol>
  );
}
