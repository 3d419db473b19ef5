import type { Context } from '@tropaeum/core/session/context/context';
import type { Difference } from '@tropaeum/core/session/draft/difference';
import { useWritten } from '../state/store';

/** What composing anew has changed, and the key that takes it back. */
export function Changed({ context, changed }: { context: Context; changed: Difference }) {
  const { undo, forgetChanged } = useWritten();
  const name = (id: string) => context.catalogue.byId(id)?.name ?? id;
  const parts = [
    changed.out.length > 0 && `out: ${changed.out.map(name).join(', ')}`,
    changed.in.length > 0 && `in: ${changed.in.map(name).join(', ')}`,
    changed.dosed.length > 0 &&
      `new doses: ${changed.dosed.map(({ variant, from, to }) => `${name(variant)} ${from} → ${to}`).join(', ')}`,
  ].filter(Boolean);
  return (
    <div role="status" className="mt-2 flex items-baseline gap-3 bg-sheet px-3 py-1.5 text-small">
      <span className="min-w-0 flex-1">
        {parts.length > 0 ? (
          <>
            <b>Changed</b> {parts.join(' · ')}
          </>
        ) : (
          'Composed again: no better session found.'
        )}
      </span>
      {parts.length > 0 && (
        <button
          type="button"
          className="underline hover:text-oxide"
          onClick={() => {
            undo();
            forgetChanged();
          }}
        >
          revert changes
        </button>
      )}
      <button type="button" className="text-quiet underline" onClick={forgetChanged}>
        fine
      </button>
    </div>
  );
}
