import { useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { ask } from '../../api/client';
import { useMe } from '../../api/queries';
import { everythingSaved } from '../../saving/registry';
import { ageOf } from '../../ui/days';

/** A physio may set something while the coach has the page open; so often it is asked, ms. */
const everyMs = 15_000;

interface LastChange {
  last: { at: string; by: string | null; byId: string | null } | null;
}

/** Says that somebody else has changed a restriction since this page was opened. */
export function ChangedElsewhere({ athleteId, name }: { athleteId: string; name: string }) {
  const me = useMe().data;
  const opened = useRef({ athleteId, at: new Date().toISOString() });
  if (opened.current.athleteId !== athleteId) opened.current = { athleteId, at: new Date().toISOString() };
  const { data } = useQuery({
    queryKey: ['last-change', athleteId],
    queryFn: () => ask<LastChange>(`/athletes/${athleteId}/last-change`),
    refetchInterval: everyMs,
    refetchOnWindowFocus: true,
    enabled: athleteId !== '',
  });
  const last = data?.last;
  if (!last || last.byId === me?.id || new Date(last.at).toISOString() <= opened.current.at) return null;
  const readAnew = async () => {
    await everythingSaved();
    globalThis.location.reload();
  };
  return (
    <p role="alert" className="mt-2 flex items-center gap-3 border-l-4 border-oxide bg-sheet px-3 py-1.5">
      <span>
        <b>{last.by ?? 'Somebody'}</b> changed a restriction of {name} {ageOf(last.at)}. This page does not know it yet.
      </span>
      <button type="button" className="key h-7" onClick={() => void readAnew()}>
        Read it anew
      </button>
    </p>
  );
}
