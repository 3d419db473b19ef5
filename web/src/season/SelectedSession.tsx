import { minutesOfLaid } from '@tropaeum/core/season/laid-brief';
import { aboutSession } from '@tropaeum/core/season/laid-words';
import { kindFacts, type SessionKind, sessionKinds } from '@tropaeum/core/season/session-kind';
import { Pin, PinOff, X } from 'lucide-react';
import { Link } from 'react-router';
import type { ListedAthlete } from '../api/types';
import { pageFor } from '../session/as-laid';
import { dayName } from '../ui/days';
import { kindFill, kindWords } from './kinds';
import { laidNow, planOf, useSeason, useSeasonParts } from './store';

interface SelectedSessionProps {
  day: string | undefined;
  athlete: ListedAthlete | undefined;
  members: readonly ListedAthlete[];
}

/** The session that was chosen: what it is for, its pin, and the page where it is written. */
export function SelectedSession({ day, athlete, members }: SelectedSessionProps) {
  const session = useSeason((s) => (day ? laidNow(s).find(({ on }) => on === day) : undefined));
  const pin = useSeason((s) => (day ? planOf(s).pins.find(({ on }) => on === day) : undefined));
  const { setPin, minutes } = useSeasonParts((s) => ({
    setPin: s.pin,
    minutes: s.athlete?.minutes ?? s.season.minutes,
  }));
  if (!day || (!session && !pin))
    return (
      <p className="mb-4 text-small text-quiet">
        Choose a session to see what it is for. Drag it, or what stands beside it, to another day.
      </p>
    );
  const kind = session?.kind ?? (pin?.kind === 'nothing' ? undefined : pin?.kind);
  const long = session ? minutesOfLaid(session, minutes) : 0;
  const who = athlete ?? members[0];
  return (
    <section aria-label="Chosen session" className="mb-4">
      <p className="label">{dayName(day)}</p>
      {kind && session ? (
        <>
          <h2 className="head text-lg leading-tight">
            <span className={`mr-2 px-1.5 text-[0.95rem] ${kindFill[kind]}`}>{kindWords[kind]}</span>
            {long} min
          </h2>
          <p className="mt-1 text-small text-quiet">{aboutSession[kind]}</p>
        </>
      ) : (
        <h2 className="head text-lg">Nothing, as you wish</h2>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-2 text-small">
        {pin ? (
          <button type="button" className="key h-7" onClick={() => setPin(day, undefined)}>
            <PinOff size={13} /> Let go
          </button>
        ) : (
          <button type="button" className="key h-7" onClick={() => session && setPin(day, session.kind)}>
            <Pin size={13} /> Pin
          </button>
        )}
        {session && (
          <button type="button" className="key h-7" onClick={() => setPin(day, 'nothing')}>
            <X size={13} /> None this day
          </button>
        )}
        <label className="flex items-center gap-1">
          <span className="sr-only">Kind of session</span>
          <select
            className="field h-7 w-32"
            value={kind ?? ''}
            onChange={(event) => setPin(day, event.target.value as SessionKind)}
          >
            {!kind && <option value="">Kind …</option>}
            {sessionKinds.map((k) => (
              <option key={k} value={k}>
                {kindFacts[k].name}
              </option>
            ))}
          </select>
        </label>
      </div>
      {session && who && (
        <p className="mt-2 text-small">
          <Link to={pageFor(who.id, session)} className="font-semibold underline">
            Write it{athlete ? '' : ` for ${who.name}`}
          </Link>
          {!athlete && <span className="text-quiet">, then for the whole squad from there</span>}
        </p>
      )}
    </section>
  );
}
