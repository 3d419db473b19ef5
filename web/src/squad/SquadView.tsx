import { ageOn, daysBetween } from '@tropaeum/core/date/days';
import { standingOf } from '@tropaeum/core/limits/restriction';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import { sessionLoad } from '@tropaeum/core/load/session-load';
import { ChartNoAxesGantt, ListPlus, Search, UserPlus } from 'lucide-react';
import { useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useOutletContext } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import type { ListedAthlete, WaitingAthlete } from '../api/types';
import { inDays } from '../ui/days';
import { Nothing } from '../ui/States';
import { words } from '../ui/words';
import { AddAthlete } from './AddAthlete';
import { AddSquad } from './AddSquad';
import { AthleteLink } from './AthleteLink';
import { type AthleteState, athleteState } from './athlete-state';
import { HallLinks } from './HallLinks';
import { Waiting } from './Waiting';

interface Row {
  athlete: ListedAthlete;
  state: AthleteState;
}

const rank = (row: Row) =>
  row.state.alarming ? 0 : row.state.kind === 'write' ? 1 : row.state.kind === 'look' ? 2 : 3;

function Weeks({ athlete, today }: { athlete: ListedAthlete; today: string }) {
  const past = athlete.sessions.filter((s) => s.on < today).slice(-15);
  return (
    <svg
      viewBox="0 0 150 24"
      className="h-6 w-36"
      role="img"
      aria-label={`${past.filter((s) => s.status === 'done').length} of the last ${past.length} sessions done`}
    >
      {past.map((s, i) => {
        const load = s.report ? Math.min(22, 4 + sessionLoad(s.report.effort, s.report.minutes) / 14) : 0;
        const sore = (s.report?.pain ?? []).some((p) => p.score > 2);
        return s.report ? (
          <rect
            key={s.id}
            x={i * 10}
            y={24 - load}
            width="7"
            height={load}
            fill={sore ? 'var(--oxide)' : 'var(--slate)'}
          />
        ) : (
          <rect key={s.id} x={i * 10 + 0.5} y="17.5" width="6" height="6" fill="none" stroke="var(--stone)" />
        );
      })}
    </svg>
  );
}

function News({ row, today }: { row: Row; today: string }) {
  const { state, athlete } = row;
  const sore = state.last?.report?.pain.filter((p) => p.score > 2) ?? [];
  if (state.alarming && state.last) {
    return (
      <Link
        to={`/returned/${state.last.id}`}
        className="font-semibold text-oxide underline"
        onClick={(e) => e.stopPropagation()}
      >
        Pain {state.pain} of 10: {sore.map((p) => words(p.region)).join(', ')}
      </Link>
    );
  }
  if (state.kind === 'look') return <span className="font-semibold">No log for {state.silentDays} days</span>;
  const open = athlete.sessions.find((s) => s.on >= today && s.status === 'sent');
  if (state.kind === 'write')
    return (
      <span className="font-semibold text-bronze">
        {state.words === 'draft' ? 'Finish the draft' : 'Plan a session'}
      </span>
    );
  return (
    <span className="text-quiet">{open ? `Has ${inDays(daysBetween(today, open.on))}'s session` : 'On track'}</span>
  );
}

/** Who is next to be written for, who trained, who reported pain. Type to find, Enter opens. */
export function SquadView() {
  const { squads, today } = useOutletContext<CoachContext>();
  const navigate = useNavigate();
  const [query, setQuery] = useState('');
  const [chosen, setChosen] = useState(0);
  const [adding, setAdding] = useState<boolean | WaitingAthlete>(false);
  const [listing, setListing] = useState(false);
  const search = useRef<HTMLInputElement>(null);
  useHotkeys('/', () => search.current?.focus(), { useKey: true, preventDefault: true });
  const squadName = new Map(squads.squads.map((s) => [s.id, s.name]));
  const rows = squads.athletes
    .map((athlete): Row => ({ athlete, state: athleteState(athlete, today) }))
    .filter(({ athlete }) =>
      `${athlete.name} ${athlete.role} ${squadName.get(athlete.squadId)}`.toLowerCase().includes(query.toLowerCase()),
    )
    .sort((a, b) => rank(a) - rank(b) || a.athlete.name.localeCompare(b.athlete.name));
  const current = Math.min(chosen, rows.length - 1);
  const count = (kind: AthleteState['kind']) =>
    squads.athletes.filter((a) => athleteState(a, today).kind === kind).length;
  return (
    <main className="min-w-0 flex-1 overflow-y-auto px-6 py-5">
      <div className="flex items-end justify-between gap-6">
        <div>
          <h1 className="head text-2xl">Squads</h1>
          <p className="text-quiet">
            <b className="text-bronze">{count('write')}</b> to plan · <b className="text-oxide">{count('look')}</b> need
            attention · {count('fine')} on track
          </p>
        </div>
        <div className="flex gap-2">
          <Link to="/weeks" className="key">
            <ChartNoAxesGantt size={16} /> Over time
          </Link>
          <HallLinks squads={squads.squads} />
          <label className="relative w-64">
            <span className="sr-only">Find an athlete</span>
            <Search size={16} className="absolute top-2 left-2 text-quiet" />
            <input
              ref={search}
              // biome-ignore lint/a11y/noAutofocus: the view is for finding somebody by typing
              autoFocus
              value={query}
              placeholder="Type a name, Enter opens"
              className="field h-8 pl-8"
              onChange={(e) => {
                setQuery(e.target.value);
                setChosen(0);
              }}
              onKeyDown={(e) => {
                if (e.key === 'ArrowDown') setChosen(Math.min(current + 1, rows.length - 1));
                if (e.key === 'ArrowUp') setChosen(Math.max(current - 1, 0));
                const row = rows[current];
                if (e.key === 'Enter' && row) void navigate(`/athletes/${row.athlete.id}`);
                // Once clears the field, twice leaves it: single keys work again.
                if (e.key === 'Escape') query ? setQuery('') : e.currentTarget.blur();
              }}
            />
          </label>
          <button type="button" className="key" onClick={() => setAdding(true)}>
            <UserPlus size={15} /> Add
          </button>
          <button type="button" className="key" onClick={() => setListing(true)} title="Type or paste several athletes">
            <ListPlus size={15} /> List
          </button>
        </div>
      </div>
      {listing ? (
        <AddSquad squads={squads.squads} today={today} onDone={() => setListing(false)} />
      ) : squads.athletes.length + squads.waiting.length === 0 ? (
        <AddSquad squads={squads.squads} today={today} />
      ) : rows.length === 0 ? (
        <Nothing title="No athlete by that name.">Press Escape to clear.</Nothing>
      ) : (
        <table className="mt-4 w-full border-collapse text-[0.92rem]">
          <thead>
            <tr className="label border-b border-stone text-left">
              <th className="py-1.5 font-semibold">Athlete</th>
              <th className="font-semibold">Now</th>
              <th className="font-semibold">Restrictions</th>
              <th className="font-semibold">Last six weeks</th>
              <th className="font-semibold">Last result</th>
              <th className="w-24 font-semibold">Athlete’s view</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => {
              const { athlete, state } = row;
              const age = ageOn(athlete.born, today);
              return (
                <tr
                  key={athlete.id}
                  className={`cursor-pointer border-b border-edge ${i === current ? 'bg-lit' : 'hover:bg-sheet'}`}
                  onClick={() => void navigate(`/athletes/${athlete.id}`)}
                >
                  <td className={`border-l-[3px] py-2 pl-2 ${i === current ? 'border-oxide' : 'border-clear'}`}>
                    <Link
                      to={`/athletes/${athlete.id}`}
                      className="head text-base"
                      onClick={(e) => e.stopPropagation()}
                    >
                      {athlete.name}
                    </Link>
                    <div className="text-small text-quiet">
                      {words(athlete.role)} · {squadName.get(athlete.squadId)?.split(' · ').at(-1)}
                      {age < 18 && <span className="ml-1 font-semibold text-bronze">· {age} years</span>}
                      {athlete.consent && athlete.consent !== 'given' && (
                        <span className="ml-1 font-semibold text-oxide">· no consent</span>
                      )}
                    </div>
                  </td>
                  <td>
                    <News row={row} today={today} />
                  </td>
                  <td className="text-small">
                    {athlete.restrictions
                      .flatMap((r) => (standingOf(r, today) ? [restrictionWords(r)] : []))
                      .join('; ') || <span className="text-quiet">none</span>}
                  </td>
                  <td>
                    <Weeks athlete={athlete} today={today} />
                  </td>
                  <td className="text-small">
                    {state.last ? (
                      <Link
                        to={`/returned/${state.last.id}`}
                        className="underline"
                        onClick={(e) => e.stopPropagation()}
                      >
                        {inDays(-state.silentDays)}, RPE {state.last.report?.effort}
                      </Link>
                    ) : (
                      <span className="text-quiet">never</span>
                    )}
                  </td>
                  <td>
                    <AthleteLink athleteId={athlete.id} name={athlete.name} />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
      <Waiting waiting={squads.waiting} squadName={(id) => squadName.get(id) ?? ''} onFill={(one) => setAdding(one)} />
      {adding && (
        <AddAthlete
          squads={squads.squads}
          waited={adding === true ? undefined : adding}
          today={today}
          onClose={() => setAdding(false)}
        />
      )}
    </main>
  );
}
