import type { ReadPlan } from '../api/people-types';
import { dayName } from './days';
import { useMeasures } from './units';
import { blockWords } from './words';

const statusWords = { draft: 'draft', sent: 'sent', done: 'done' } as const;

interface PlanListProps {
  plans: readonly ReadPlan[];
  empty: string;
  /** Without notation, for who is no coach. */
  plain?: boolean;
}

/** Sessions to read: the latest open, the others to open. */
export function PlanList({ plans, empty, plain = false }: PlanListProps) {
  const { text } = useMeasures();
  if (plans.length === 0) return <p className="text-quiet">{empty}</p>;
  return plans.map((plan, p) => (
    <details key={plan.id} open={p === 0} className="border-b border-edge py-1.5">
      <summary className="cursor-pointer">
        <b>{dayName(plan.on)}</b>{' '}
        <span className="text-quiet">
          {Math.round(plan.minutes)} min · {statusWords[plan.status]}
        </span>
      </summary>
      {plan.blocks.map((block, b) => (
        <div key={b} className="mt-1 grid gap-x-3 sm:grid-cols-[7rem_1fr]">
          <span className="label pt-1">{plan.blocks[b - 1]?.kind === block.kind ? '' : blockWords(block.kind)}</span>
          <ul>
            {block.items.map((item) => (
              <li key={item.name} className="py-0.5 leading-snug">
                <b>{item.name}</b>{' '}
                {plain ? (
                  item.amount
                ) : (
                  <>
                    <span className="dose">{item.dose}</span>
                    {item.side && ` ${item.side} only`}
                  </>
                )}
                {item.load && <span>, {text(`${item.load.kg ? `${item.load.kg} kg, ` : ''}${item.load.with}`)}</span>}
                {item.for && <span className="block text-small text-laurel">{item.for}</span>}
                {item.adapt && <span className="block text-small text-oxide">{item.adapt.join(' ')}</span>}
              </li>
            ))}
          </ul>
        </div>
      ))}
    </details>
  ));
}
