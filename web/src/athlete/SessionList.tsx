import type { AthleteSize } from '@tropaeum/core/body/segments';
import { amountWords } from '@tropaeum/core/session/plan/amount-words';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { isWork, type Step, slotOf } from '@tropaeum/core/session/player/steps';
import { lazy, Suspense } from 'react';
import { blockWords, leftWords, takes } from '../ui/words';

/** Figures come after the words: they bring the whole library along. */
export const LazyFigure = lazy(async () => ({ default: (await import('../ui/Figure')).Figure }));

interface SessionListProps {
  plan: Plan;
  size: AthleteSize;
  /** As it stands today: what was changed or done. Left out for a session of another day. */
  today?: { steps: readonly Step[]; done: ReadonlySet<string> };
}

/** The exercises of a session in order, with how much, what is taken, and what is done already. */
export function SessionList({ plan, size, today }: SessionListProps) {
  const stepsOfSlot = (slot: string) => (today?.steps ?? []).filter(isWork).filter((step) => slotOf(step) === slot);
  return (
    <ol className="mt-4">
      {plan.blocks.flatMap((block, b) =>
        block.items.map((planned, i) => {
          const own = stepsOfSlot(planned.variant);
          const item = own.at(-1)?.item ?? planned;
          const isOut = today !== undefined && own.length === 0;
          const sets = new Set(own.map(({ set }) => set)).size;
          const isDone = own.length > 0 && own.every(({ key }) => today?.done.has(key));
          return (
            <li key={planned.variant} className="border-b border-edge px-5">
              {i === 0 && plan.blocks[b - 1]?.kind !== block.kind && (
                <h2 className="label pt-3 text-[0.8rem]">{blockWords(block.kind)}</h2>
              )}
              <div className={`flex items-center gap-3 py-2 ${isOut ? 'opacity-60' : ''}`}>
                <span className="h-12 w-14 shrink-0">
                  <Suspense fallback={null}>
                    <LazyFigure
                      variant={item.drawnAs ?? item.variant}
                      poses={item.poses}
                      name=""
                      size={size}
                      className="h-12 w-14"
                    />
                  </Suspense>
                </span>
                <span className="min-w-0 flex-1">
                  <b className="block leading-tight">{item.name}</b>
                  {item.for && <span className="block leading-tight text-laurel">{item.for}</span>}
                  {item.adapt && <span className="block leading-tight text-oxide">{item.adapt.join(' ')}</span>}
                  <span className="text-quiet">
                    {takes(item)}
                    {leftWords(item) ? ` · ${leftWords(item)}` : ''}
                  </span>
                </span>
                <span
                  className={`dose w-24 shrink-0 text-right text-base leading-tight ${isDone ? 'text-laurel' : ''}`}
                >
                  {isOut ? 'not today' : amountWords({ ...item, sets: today ? sets : item.sets })}
                  {isDone ? ' ✓' : ''}
                </span>
              </div>
            </li>
          );
        }),
      )}
    </ol>
  );
}
