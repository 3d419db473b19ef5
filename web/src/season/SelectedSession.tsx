import { type SessionType, sessionTypeNames, sessionTypes } from '@tropaeum/core/session-type/session-type';
import { Pin, PinOff, X } from 'lucide-react';
import { Link } from 'react-router';
import type { ListedAthlete } from '../api/types';
import { pageFor } from '../session/state/scheduled-page';
import { dayName } from '../ui/days';
import { timingWords, typeFill } from './kinds';
import { planOf, scheduledNow } from './season-state';
import { useSeason } from './store';

interface SelectedSessionProps {
  day: string;
  athlete: ListedAthlete | undefined;
  members: readonly ListedAthlete[];
}

/** What a laid session holds, in words. */
function holding({ heavyLower, heavyUpper, contacts, eccentric }: ReturnType<typeof scheduledNow>[number]): string {
  const parts = [
    heavyLower ? `${heavyLower} heavy leg sets` : '',
    heavyUpper ? `${heavyUpper} heavy upper-body sets` : '',
    eccentric ? `${eccentric} slow eccentric sets` : '',
    contacts ? `${contacts} jump contacts` : '',
  ].filter(Boolean);
  return parts.length ? parts.join(', ') : 'nothing heavy';
}

/** The session that was chosen: why it stands there, what it holds, its pin, and the page where it is written. */
export function SelectedSession({ day, athlete, members }: SelectedSessionProps) {
  const session = useSeason((s) => scheduledNow(s).find(({ on }) => on === day));
  const label = useSeason((s) => s.outlook?.labels[day]);
  const pin = useSeason((s) => planOf(s).pins.find(({ on }) => on === day));
  const setPin = useSeason((s) => s.pin);
  const type = session?.type ?? (pin?.type === 'none' ? undefined : pin?.type);
  const who = athlete ?? members[0];
  return (
    <section aria-label="Chosen session" className="mb-4">
      <p className="label">
        {dayName(day)}
        {label ? ` · ${label}` : ''}
      </p>
      {session ? (
        <>
          <h2 className="head text-lg leading-tight">
            <span className={`mr-2 px-1.5 text-[0.95rem] ${typeFill[session.type]}`}>
              {sessionTypeNames[session.type]}
            </span>
            {session.minutes} min
          </h2>
          <p className="dose mt-1 text-small">
            {session.start} {timingWords[session.timing]}
          </p>
          <p className="mt-1 text-small">{session.why}</p>
          <p className="mt-1 text-small text-quiet">{holding(session)}.</p>
          {session.second && (
            <p className="mt-1 border-l-2 border-laurel pl-2 text-small">
              <span className="dose">{session.second.start}</span> {sessionTypeNames[session.second.type]},{' '}
              {session.second.minutes} min. {session.second.why}
            </p>
          )}
        </>
      ) : (
        <h2 className="head text-lg">{pin ? 'No session (your choice)' : 'No session'}</h2>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-2 text-small">
        {pin ? (
          <button type="button" className="key h-7" onClick={() => setPin(day, undefined)}>
            <PinOff size={13} /> Unpin
          </button>
        ) : (
          session && (
            <button type="button" className="key h-7" onClick={() => setPin(day, session.type)}>
              <Pin size={13} /> Pin
            </button>
          )
        )}
        {session && (
          <button type="button" className="key h-7" onClick={() => setPin(day, 'none')}>
            <X size={13} /> No session this day
          </button>
        )}
        <label className="flex items-center gap-1">
          <span className="sr-only">Session type</span>
          <select
            className="field h-7 w-36"
            value={type ?? ''}
            onChange={(event) => setPin(day, event.target.value as SessionType)}
          >
            {!type && <option value="">Session type …</option>}
            {sessionTypes.map((t) => (
              <option key={t} value={t}>
                {sessionTypeNames[t]}
              </option>
            ))}
          </select>
        </label>
      </div>
      {session && who && (
        <p className="mt-2 text-small">
          <Link to={pageFor(who.id, session)} className="font-semibold underline">
            Plan it{athlete ? '' : ` for ${who.name}`}
          </Link>
          {!athlete && <span className="text-quiet">, then for the whole squad</span>}
        </p>
      )}
    </section>
  );
}
