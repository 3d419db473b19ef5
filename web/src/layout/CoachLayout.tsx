import { daysBetween } from '@tropaeum/core/date/days';
import { may } from '@tropaeum/core/people/permissions';
import { useEffect } from 'react';
import { Link, NavLink, Outlet, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiError } from '../api/client';
import type { CoachContext } from '../api/coach-context';
import { queryClient, useMe, useSquads } from '../api/queries';
import type { ListedAthlete, Me, Squad, Squads } from '../api/types';
import { PlaceBar } from '../navigation/PlaceBar';
import { useLiveSeason } from '../season/live-season';
import { SeasonRibbon } from '../season/SeasonRibbon';
import { athleteState } from '../squad/athlete-state';
import { inDays, setDateLanguage } from '../ui/days';
import { Trouble, Waiting } from '../ui/States';
import { setUnits } from '../ui/units';
import { homeOf } from './home';
import { Tour } from './Tour';

const shortName = (name: string) => {
  const [first, last] = name.split(' ');
  return last ? `${first} ${last[0]}.` : name;
};

/** Athletes by what there is to do for them. Where the window is narrow the session needs the room; Squads and the search are there for all of them. */
function AthleteSidebar({ squads, today }: { squads: Squads; today: string }) {
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
    <nav
      aria-label="Athletes"
      className="no-print w-40 shrink-0 overflow-y-auto border-r border-edge py-4 max-[1199px]:hidden"
    >
      {group(
        'To plan',
        states.filter((s) => s.state.kind === 'write'),
      )}
      {group(
        'Needs attention',
        states.filter((s) => s.state.kind === 'look'),
      )}
      {group(
        'On track',
        states.filter((s) => s.state.kind === 'fine'),
      )}
    </nav>
  );
}

const membersIn = (squads: Squads, squad: Squad | undefined): number =>
  squads.athletes.filter(({ squadId }) => squadId === squad?.id).length;

/** The squad that the page is about: of the athlete or the season that is open, else the largest. */
const shownSquad = (
  squads: Squads | undefined,
  athlete: ListedAthlete | undefined,
  squadId: string | undefined,
): Squad | undefined =>
  squads?.squads.find((s) => s.id === (athlete?.squadId ?? squadId)) ??
  squads?.squads.reduce<Squad | undefined>(
    (largest, squad) => (membersIn(squads, squad) > membersIn(squads, largest) ? squad : largest),
    squads.squads[0],
  );

/** Whether this is the club that comes with the application to try it on. */
const isDemo = ({ email }: Me): boolean => email.endsWith('.example');

/** The frame of the coach's side: season above, athletes at the left, the view in the middle. */
export function CoachLayout() {
  const me = useMe();
  const squads = useSquads(!me.data || may(me.data.role, 'read'));
  const navigate = useNavigate();
  const { athleteId, squadId } = useParams();
  const live = useLiveSeason();
  const [search, setSearch] = useSearchParams();
  const home = me.data && homeOf(me.data.role);
  const elsewhere = home === '/' ? undefined : home;
  const unknown = me.error instanceof ApiError && me.error.status === 401;
  useEffect(() => {
    if (unknown) void navigate('/sign-in', { replace: true });
    else if (elsewhere) void navigate(elsewhere, { replace: true });
  }, [unknown, elsewhere, navigate]);

  useEffect(() => {
    if (me.data) setUnits(me.data.settings.units);
  }, [me.data]);

  if (unknown || elsewhere) return null;
  // Before anything below writes a date.
  if (me.data) setDateLanguage(me.data.settings.dates);
  // Until it is known who asks, a refusal says nothing.
  const error = me.error ?? (me.data && squads.error);
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
  const heads = athlete ? 1 : membersIn(squads.data, squad);
  const chooseDay = (on: string) => setSearch(on === today ? {} : { day: on });
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
              'No fixture planned'
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
        <div className="w-40 shrink-0 px-3 py-1.5 text-small">
          <label className="w-full">
            <span className="label">Day</span>
            <input
              type="date"
              value={day}
              onChange={(e) => e.target.value && chooseDay(e.target.value)}
              className="field h-7 px-1 text-[0.75rem]"
            />
          </label>
        </div>
      </header>
      <PlaceBar
        me={me.data}
        squads={squads.data}
        season={athlete ? `/athletes/${athlete.id}/season` : squad && `/seasons/${squad.id}`}
      />
      <div className="flex min-h-0 flex-1 print:block">
        <AthleteSidebar squads={squads.data} today={today} />
        <Outlet context={{ squads: squads.data, today, day } satisfies CoachContext} />
      </div>
      {isDemo(me.data) && <Tour />}
    </div>
  );
}
