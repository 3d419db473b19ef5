import { library } from '@tropaeum/core/exercise/library/library';
import { needsNothing } from '@tropaeum/core/exercise/model/variant';
import type { SportAction } from '@tropaeum/core/sport/profile';
import { answering } from '@tropaeum/core/sport/transfer';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Figure } from '../ui/Figure';

/** The exercises that answer a movement, best first; worked out anew with every change. */
export function Answers({ action, most = 8, wide = false }: { action: SportAction; most?: number; wide?: boolean }) {
  const ranked = useMemo(() => answering(library, action), [action]);
  const bare = ranked.filter((r) => needsNothing(r.variant)).length;
  return (
    <section aria-label="Exercises that train it">
      <h3 className="label mt-4 flex justify-between border-b border-stone pb-0.5">
        Trained by <span className="tracking-normal normal-case">transfer</span>
      </h3>
      {ranked.length === 0 ? (
        <p className="py-2 text-small text-oxide">No exercise in the library trains this. Check the joint actions.</p>
      ) : (
        <>
          <ul data-answers className={wide ? 'grid grid-cols-2 gap-x-4' : ''}>
            {ranked.slice(0, most).map(({ variant, total }) => (
              <li key={variant.id}>
                <Link
                  to={`/library/${variant.id}`}
                  className="flex items-center gap-2 border-b border-edge py-0.5 hover:bg-lit"
                >
                  <Figure variant={variant.id} name="" className="h-9 w-11 shrink-0" />
                  <span className="min-w-0 flex-1">
                    <span className="block truncate text-[0.88rem] leading-tight">{variant.name}</span>
                    {needsNothing(variant) && (
                      <span className="block text-[0.74rem] leading-tight text-laurel">no equipment</span>
                    )}
                  </span>
                  <span className="dose">{(total * 100).toFixed(0)} %</span>
                </Link>
              </li>
            ))}
          </ul>
          <p className="mt-1 text-small text-quiet">
            {ranked.length} exercises, {bare} without equipment.
          </p>
        </>
      )}
    </section>
  );
}
