import type { Context } from '@tropaeum/core/session/context';
import type { ItemPlace } from '@tropaeum/core/session/edit';
import type { WhyThis } from '@tropaeum/core/session/why';
import { useEffect, useState } from 'react';
import { composer } from '../workers/composing';
import { useWritten } from './store';

const percent = (share: number) => `${(100 * Math.max(0, share)).toFixed(1)} %`;

/** What the session loses without the chosen item: as it stands, and with the best that could come instead. */
export function Without({ context, at }: { context: Context; at: ItemPlace }) {
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
      Without it <b className="dose">{percent(alone)}</b> less of what this session is for
      {replaced && comes
        ? `; ${percent(-replaced.difference)} less with ${context.catalogue.byId(comes)?.name ?? comes} instead`
        : ''}
      .
    </p>
  );
}
