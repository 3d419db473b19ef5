import { daysBetween } from '@tropaeum/core/athlete/athlete';
import { BookOpen, CalendarRange, Moon, PersonStanding, Send } from 'lucide-react';
import { useEffect } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, NavLink, Outlet, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiError, ask } from './api/client';
import { queryClient, useMe, useSquads } from './api/queries';
import type { ListedAthlete, Squad, Squads } from './api/types';
import { useLiveSeason } from './season/live-season';
import { athleteState } from './squad/athlete-state';
import { inDays } from './ui/days';
import { SeasonRibbon } from './ui/SeasonRibbon';
import { Trouble, Waiting } from './ui/States';
import { toggleTheme } from './ui/theme';

/** What every view of the coach's desk is given. */
export interface DeskContext {
  squads: Squads;
  today: string;
  /** The day chosen on the ribbon. */
  day: string;
}

const shortName = (name: string) => {
  const [first, last] = name.split(' ');
  return last ? `${first} ${last[0]}.` : name;
};

function Rail({ squads, today }: { squads: Squads; today: string }) {
  const states = squads.athletes.map((athlete) => ({ athlete, state: athleteState(athlete, today) }));
  const group = (title: string, list: { athlete: ListedAthlete; state: ReturnType<typeof athleteState> }[]) =>
    list.length > 0 && (
      <section key={title} className="mb-5">
        <h2 className="label px-4 pb-1">{title}</h2>
        {list.map(({ athlete, state }) => (
          <NavLink
            key={athlete.id}
            to={`/athletes/${athlete.id}`}
            className={({ isActive }) =>
              `flex justify-between gap-2 px-4 py-1 text-[0.9rem] ${isActive ? 'bg-ink text-paper' : 'hover:bg-sheet'}`
            }
          >
            {({ isActive }) => (
              <>
                <span className="truncate">{shortName(athlete.name)}</span>
                <span
                  className={`whitespace-nowrap ${state.alarming ? 'font-bold' : ''} ${isActive ? '' : state.alarming ? 'text-oxide' : 'text-quiet'}`}
                >
                  {state.words}
                </span>
              </>
            )}
          </NavLink>
        ))}
      </section>
    );
  return (
    <nav aria-label="Athletes" className="no-print w-40 shrink-0 overflow-y-auto border-r border-edge py-4">
      {group(
        'To write',
        states.filter((s) => s.state.kind === 'write'),
      )}
      {group(
        'Look at',
        states.filter((s) => s.state.kind === 'look'),
      )}
      {group(
        'On track',
        states.filter((s) => s.state.kind === 'fine'),
      )}
    </nav>
  );
}

/** The squad that the desk is about: of the athlete or the season that is open, else the seniors. */
const shownSquad = (
  squads: Squads | undefined,
  athlete: ListedAthlete | undefined,
  squadId: string | undefined,
): Squad | undefined =>
  squads?.squads.find((s) => s.id === (athlete?.squadId ?? squadId)) ??
  squads?.squads.find((s) => s.name.includes('seniors')) ??
  squads?.squads[0];

/** The frame of the coach's side: season above, athletes at the left, the view in the middle. */
export function Desk() {
  const me = useMe();
  const squads = useSquads();
  const navigate = useNavigate();
  const { athleteId, squadId } = useParams();
  const live = useLiveSeason();
  const [search, setSearch] = useSearchParams();
  const ofSeason = athleteId ? `/athletes/${athleteId}/season` : undefined;
  useHotkeys('g', () => void navigate(ofSeason ?? `/seasons/${shownSquad(squads.data, undefined, squadId)?.id}`));
  const unknown = me.error instanceof ApiError && me.error.status === 401;
  useEffect(() => {
    if (unknown) void navigate('/sign-in', { replace: true });
  }, [unknown, navigate]);

  if (unknown) return null;
  const error = me.error ?? squads.error;
  if (error) return <Trouble error={error} again={() => void queryClient.invalidateQueries()} />;
  if (!me.data || !squads.data) return <Waiting what="Opening" />;
  const { today } = me.data;
  const day = search.get('day') ?? today;
  const athlete = squads.data.athletes.find((a) => a.id === athleteId);
  const squad = shownSquad(squads.data, athlete, squadId);
  const season = live && live.squadId === squad?.id && live.athleteId === athlete?.id ? live.season : squad?.season;
  const next = season?.fixtures.find((f) => f.on >= day);
  const sessions = athlete
    ? athlete.sessions
    : squads.data.athletes.filter((a) => a.squadId === squad?.id).flatMap((a) => a.sessions);
  const heads = athlete ? 1 : squads.data.athletes.filter((a) => a.squadId === squad?.id).length;
  const chooseDay = (on: string) => setSearch(on === today ? {} : { day: on });
  const signOut = async () => {
    await ask('/sign-out', 'POST');
    queryClient.clear();
    await navigate('/sign-in');
  };
  return (
    <div className="flex h-dvh flex-col print:block print:h-auto">
      <header className="no-print flex border-b-2 border-ink">
        <div className="w-40 shrink-0 px-4 pt-2.5">
          <Link to="/" className="name-wide text-[1.3rem] leading-tight">
            Tropaeum
          </Link>
          <p className="truncate text-small text-quiet">{squad?.name}</p>
          <p className="text-small">
            {next ? (
              <>
                <b>{next.name}</b> {inDays(daysBetween(day, next.on))}
              </>
            ) : (
              'No fixture ahead'
            )}
          </p>
        </div>
        <div className="min-w-0 flex-1">
          {squad && (
            <SeasonRibbon
              season={season ?? squad.season}
              sessions={sessions}
              heads={heads}
              day={day}
              today={today}
              onDay={chooseDay}
            />
          )}
        </div>
        <div className="flex w-40 shrink-0 flex-col items-end justify-between px-3 py-1.5 text-small">
          <label className="w-full">
            <span className="sr-only">Day</span>
            <input
              type="date"
              value={day}
              onChange={(e) => e.target.value && chooseDay(e.target.value)}
              className="field h-7 px-1 text-[0.75rem]"
            />
          </label>
          <span className="flex">
            {squad && (
              <Link
                to={ofSeason ?? `/seasons/${squad.id}`}
                className="key key-plain h-6"
                title="Season (g)"
                aria-label="Season"
              >
                <CalendarRange size={15} />
              </Link>
            )}
            <Link to="/library" className="key key-plain h-6" title="Library" aria-label="Library">
              <BookOpen size={15} />
            </Link>
            <Link
              to="/demands"
              className="key key-plain h-6"
              title="Demands of the sport"
              aria-label="Demands of the sport"
            >
              <PersonStanding size={16} />
            </Link>
            <Link to="/outbox" className="key key-plain h-6" title="Outbox" aria-label="Outbox">
              <Send size={15} />
            </Link>
            <button
              type="button"
              className="key key-plain h-6"
              onClick={toggleTheme}
              title="Light or dark"
              aria-label="Light or dark"
            >
              <Moon size={15} />
            </button>
          </span>
          <button type="button" className="text-quiet underline" onClick={() => void signOut()}>
            Sign out
          </button>
        </div>
      </header>
      <div className="flex min-h-0 flex-1 print:block">
        <Rail squads={squads.data} today={today} />
        <Outlet context={{ squads: squads.data, today, day } satisfies DeskContext} />
      </div>
    </div>
  );
}
