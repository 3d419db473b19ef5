import type { ScheduleResult } from '@tropaeum/core/season/plan/schedule-result';
import { emptyOwnSeason } from '@tropaeum/core/season/plan/season-plan';
import { type Move, movesBetween } from '@tropaeum/core/season/scheduler/scheduled-session';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { ApiError, ask } from '../api/client';
import { queryClient } from '../api/queries';
import type { ListedAthlete } from '../api/types';
import { dayName } from '../ui/days';
import { schedulesInWorker } from '../workers/scheduling';
import { shortType } from './kinds';
import { type StoredSeason, seasonKey } from './season-data';
import { scheduledNow, withFeeds } from './season-state';
import { useSeason } from './store';
import { athleteOf, writtenFor } from './use-open-season';

interface MembersPanelProps {
  stored: StoredSeason | undefined;
  members: readonly ListedAthlete[];
  squadId: string;
}

function shortly(move: Move): string {
  const name = shortType[move.type];
  if ('from' in move) return `${name} ${dayName(move.from)} → ${dayName(move.to)}`;
  return 'added' in move ? `+ ${name} ${dayName(move.added)}` : `– ${name} ${dayName(move.dropped)}`;
}

const maxMoves = 3;

/** The squad's plan for each of its members: as it is, or changed as little as their own calendars, levels and returns ask. */
export function MembersPanel({ stored, members, squadId }: MembersPanelProps) {
  const [laid, setLaid] = useState<ReadonlyMap<string, { outlook: ScheduleResult; moves: Move[] }>>(new Map());
  const [running, setRunning] = useState(false);
  const [saved, setSaved] = useState<ReadonlyMap<string, string>>(new Map());
  const [problem, setProblem] = useState('');
  const stopper = useRef(new AbortController());
  const ownOf = (id: string) => stored?.own.find(({ athleteId }) => athleteId === id);

  const layAll = async () => {
    if (!stored) return;
    const state = useSeason.getState();
    const squadLaid = scheduledNow(state);
    const season = { ...withFeeds(state.season, state.fromFeeds), laid: squadLaid };
    stopper.current = new AbortController();
    setLaid(new Map());
    setSaved(new Map());
    setRunning(true);
    setProblem('');
    try {
      await schedulesInWorker(
        members.map((athlete) => ({
          who: athlete.id,
          // Nothing of its own is laid: it is the squad's plan that is held to.
          ask: {
            season,
            sport: state.sport,
            own: { ...(ownOf(athlete.id)?.season ?? emptyOwnSeason), laid: [] },
            athlete: athleteOf(athlete),
            written: writtenFor(stored, athlete.id),
            today: state.today,
          },
        })),
        stopper.current.signal,
        (id, outlook) => {
          const moves = movesBetween(squadLaid, outlook.laid, state.today);
          setLaid((all) => new Map(all).set(id, { outlook, moves }));
        },
      );
    } catch {
      setProblem('Scheduling failed. Try again.');
    } finally {
      setRunning(false);
    }
  };

  const saveAll = async () => {
    for (const { id } of members) {
      const mine = laid.get(id);
      if (!mine) continue;
      const own = ownOf(id);
      try {
        await ask(`/athletes/${id}/season`, 'PUT', {
          revision: own?.revision ?? 0,
          season: { ...(own?.season ?? emptyOwnSeason), laid: mine.outlook.laid },
        });
        setSaved((all) => new Map(all).set(id, 'kept'));
      } catch (error) {
        setSaved((all) => new Map(all).set(id, error instanceof ApiError ? error.message : 'not saved'));
      }
    }
    await queryClient.invalidateQueries({ queryKey: seasonKey(squadId) });
  };

  const ready = members.filter(({ id }) => laid.has(id)).length;
  return (
    <>
      <div className="flex items-center gap-2">
        <button type="button" className="key h-7" disabled={running || !stored} onClick={() => void layAll()}>
          Schedule each athlete
        </button>
        {running ? (
          <button type="button" className="key h-7" onClick={() => stopper.current.abort()}>
            Stop
          </button>
        ) : (
          ready > 0 && (
            <button type="button" className="key key-strong h-7" onClick={() => void saveAll()}>
              Save for all
            </button>
          )
        )}
        <span role="status" className="text-quiet">
          {ready > 0 || running ? `${ready} of ${members.length} scheduled` : ''}
        </span>
      </div>
      {problem && (
        <p role="alert" className="text-oxide">
          {problem}
        </p>
      )}
      <ul className="mt-2">
        {members.map(({ id, name }) => {
          const mine = laid.get(id);
          return (
            <li key={id} className="border-b border-edge py-1.5" data-member>
              <div className="flex justify-between gap-2">
                <Link to={`/athletes/${id}/season`} className="font-semibold underline decoration-stone">
                  {name}
                </Link>
                <span className="text-quiet">
                  {saved.get(id) ??
                    (mine
                      ? mine.moves.length === 0
                        ? 'same as the squad'
                        : `${mine.moves.length} different`
                      : ownOf(id)?.season.laid.length
                        ? 'own plan'
                        : 'same as the squad')}
                </span>
              </div>
              {mine && mine.moves.length > 0 && (
                <p className="text-tiny text-quiet">
                  {mine.moves.slice(0, maxMoves).map(shortly).join(' · ')}
                  {mine.moves.length > maxMoves ? ` · ${mine.moves.length - maxMoves} more` : ''}
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </>
  );
}
