import type { Context } from '@tropaeum/core/session/context/context';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { scoreOfDraft } from '@tropaeum/core/session/scoring/score';
import { useMemo } from 'react';
import { proofOf, useSession } from '../state/store';

/** How close the session is proven to be to the best possible, and whether that is still looked into. */
export function OptimalityGap({ context, draft }: { context: Context; draft: Draft }) {
  const bound = useSession((s) => s.bound);
  const proving = useSession((s) => s.proving !== undefined);
  const stop = useSession((s) => s.stop);
  const worth = useMemo(() => scoreOfDraft(context, draft), [context, draft]);
  const proof = proofOf(worth, bound);
  return (
    <>
      {proof && (
        <span className="ml-4 font-semibold text-laurel">
          within {(100 * Math.min(1, Math.max(0, proof.gap))).toFixed(1)} % of the optimum
        </span>
      )}
      {proving && (
        <span className="ml-3 text-small text-quiet">
          still improving ·{' '}
          <button type="button" className="underline hover:text-ink" onClick={stop}>
            Stop
          </button>
        </span>
      )}
    </>
  );
}
