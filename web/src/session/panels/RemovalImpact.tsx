import type { Context } from '@tropaeum/core/session/context/context';
import type { ItemPlace } from '@tropaeum/core/session/editing/edit';
import type { WhyThis } from '@tropaeum/core/session/editing/why-not';
import { useEffect, useState } from 'react';
import { percent } from '../../ui/words';
import { composer } from '../../workers/composing';
import { useWritten } from '../state/store';

/** What the session loses without the chosen item: as it stands, and with the best that could come instead. */
export function RemovalImpact({ context, at }: { context: Context; at: ItemPlace }) {
  const { brief, draft } = useWritten();
  const [answer, setAnswer] = useState<WhyThis>();
  useEffect(() => {
    setAnswer(undefined);
    if (!draft) return;
    let wanted = true;
    composer()
      .whyThis(brief, draft, at, false)
      .then((found) => wanted && setAnswer(found))
      .catch(() => undefined);
    return () => {
      wanted = false;
    };
  }, [brief, draft, at]);
  if (!answer) return <p className="mt-2 text-small text-quiet">Calculating …</p>;
  const { alone, replaced } = answer;
  const comes = replaced?.in[0];
  return (
    <p className="mt-2 text-[0.85rem]">
      Without it: <b className="dose">{percent(Math.max(0, alone), 1)}</b> less training effect
      {replaced && comes
        ? `; ${percent(Math.max(0, -replaced.difference), 1)} less with ${context.catalogue.byId(comes)?.name ?? comes} instead`
        : ''}
      .
    </p>
  );
}
