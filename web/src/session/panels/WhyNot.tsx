import type { Context } from '@tropaeum/core/session/context/context';
import type { WhyNot as Answer } from '@tropaeum/core/session/editing/why-not';
import { useEffect, useState } from 'react';
import { shownInUnits } from '../../ui/units';
import { percent } from '../../ui/words';
import { composer } from '../../workers/composing';
import { NameField } from '../score/NameField';
import { useSession, useWritten } from '../state/store';

/** Asks what an exercise would cost that is not in the session: an answer at once, a better one a moment later. */
function useWhyNot(variant: string | undefined): Answer | undefined {
  const { brief, draft } = useWritten();
  const [answer, setAnswer] = useState<Answer>();
  useEffect(() => {
    setAnswer(undefined);
    if (!variant || !draft) return;
    let wanted = true;
    const ask = async () => {
      for (const hard of [false, true]) {
        const found = await composer().whyNot(brief, draft, variant, hard);
        if (!wanted) return;
        setAnswer((before) =>
          before && 'difference' in before && 'difference' in found && before.difference > found.difference
            ? before
            : found,
        );
      }
    };
    ask().catch(() => wanted && setAnswer({ reasons: ['Calculation failed. Try again.'] }));
    return () => {
      wanted = false;
    };
  }, [variant, brief, draft]);
  return answer;
}

/** Why not that one: what it would cost and push out, in one sentence, and one key to take it all the same. */
export function WhyNot({ context }: { context: Context }) {
  const edit = useSession((s) => s.edit);
  const [variant, setVariant] = useState<string>();
  const answer = useWhyNot(variant);
  const name = (id: string) => context.catalogue.byId(id)?.name ?? id;
  const list = (ids: readonly string[]) => ids.map(name).join(', ');
  return (
    <div className="flex flex-wrap items-baseline gap-2 border-t border-edge py-1.5 text-small">
      <span className="label w-[82px] pl-1.5">Why not</span>
      <NameField
        label="Why not this exercise"
        placeholder="an exercise that is not in the session  w"
        hotkey="w"
        onName={setVariant}
      />
      <span role="status" className="min-w-0 flex-1">
        {variant && !answer && <span className="text-quiet">Calculating {name(variant)} …</span>}
        {variant && answer && 'reasons' in answer && (
          <>
            <b>{name(variant)}</b>: {shownInUnits(answer.reasons.join(' '))}
          </>
        )}
        {variant && answer && 'difference' in answer && (
          <>
            <b>{name(variant)}</b>{' '}
            {answer.difference >= 0
              ? `would raise the training effect by ${percent(Math.abs(answer.difference), 1)}`
              : `would lower the training effect by ${percent(Math.abs(answer.difference), 1)}`}
            {answer.out.length > 0 && `; replaces ${list(answer.out)}`}
            {answer.in.length > 0 && `; adds ${list(answer.in)}`}.{' '}
            <button
              type="button"
              className="underline hover:text-oxide"
              onClick={() => {
                edit(() => answer.draft);
                setVariant(undefined);
              }}
            >
              Use it
            </button>{' '}
            <button type="button" className="text-quiet underline" onClick={() => setVariant(undefined)}>
              cancel
            </button>
          </>
        )}
      </span>
    </div>
  );
}
