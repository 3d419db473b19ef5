import { briefForScheduled } from '@tropaeum/core/season/plan/scheduled-brief';
import type { Context } from '@tropaeum/core/session/context/context';
import { sessionTypeNames } from '@tropaeum/core/session-type/session-type';
import { Link, useSearchParams } from 'react-router';
import { useAthlete } from '../../api/queries';
import { dayName } from '../../ui/days';
import { scheduledIn } from '../state/scheduled-page';
import { useWritten } from '../state/store';
import { BeginFrom } from './BeginFrom';

const maxNeeds = 8;

/** What the season has laid for the day, to be taken with one key. */
function LaidForToday({ day }: { day: string }) {
  const { athleteId, brief, changeBrief } = useWritten();
  const { data } = useAthlete(athleteId);
  const [search] = useSearchParams();
  const known = data?.season.laid.find(({ on }) => on === day);
  const linked = scheduledIn(search, day);
  const laid = linked && known?.type === linked.type ? { ...known, ...linked } : (linked ?? known);
  if (!laid || !data) return null;
  const asLaid = briefForScheduled({ ...data.brief, date: day }, laid);
  const taken =
    brief.aim === asLaid.aim && brief.minutes === asLaid.minutes && brief.sessionType === asLaid.sessionType;
  return (
    <p className="mt-3 flex items-center gap-3 border-l-4 border-bronze bg-lit px-3 py-1.5">
      <span className="flex-1">
        {laid.label && laid.label !== '-' && <b className="mr-1">{laid.label}</b>}
        Scheduled: <b>{sessionTypeNames[laid.type].toLowerCase()}</b>, {asLaid.minutes} minutes
        {laid.start ? ` at ${laid.start}` : ''}. {laid.why && <span className="text-quiet">{laid.why} </span>}
        <Link to={`/athletes/${athleteId}/season?day=${day}`} className="underline">
          Season
        </Link>
      </span>
      {taken ? (
        <span className="text-quiet">in use</span>
      ) : (
        <button
          type="button"
          className="key h-7"
          onClick={() =>
            changeBrief((before) => ({
              ...before,
              aim: asLaid.aim,
              minutes: asLaid.minutes,
              season: asLaid.season,
              ...(asLaid.sessionType ? { sessionType: asLaid.sessionType } : {}),
            }))
          }
        >
          Use it
        </button>
      )}
    </p>
  );
}

/** Before anything is written: what this athlete is asked for, and the one key to press. */
export function EmptyPage({ day, context }: { day: string; context: Context }) {
  const needs = [...context.needs.performance].sort((a, b) => b.share - a.share).slice(0, maxNeeds);
  const most = Math.max(...needs.map((n) => n.share));
  const role = context.sport.roles.find((r) => r.id === context.brief.sport.role)?.name.toLowerCase();
  return (
    <div className="mt-8 w-full max-w-xl self-center">
      <p className="head text-xl">No session on {dayName(day)}.</p>
      <p className="mt-1 text-quiet">
        Check the brief on the right, then press <kbd className="dose bg-edge px-1.5">c</kbd> to compose.
      </p>
      <LaidForToday day={day} />
      <BeginFrom day={day} />
      <h2 className="label mt-8 border-b border-stone pb-1">Demands: {role}</h2>
      <ul>
        {needs.map(({ id, name, share, reasons }) => (
          <li key={id} className="grid grid-cols-[15rem_1fr_3rem] items-center gap-3 border-b border-edge py-1.5">
            <span>
              {name}
              {reasons.length > 0 && (
                <span className="block text-[0.8rem] leading-tight text-quiet">
                  {reasons.map((r) => r.text).join('; ')}
                </span>
              )}
            </span>
            <span className="h-2 bg-slate" style={{ width: `${(share / most) * 100}%` }} />
            <span className="dose text-right">{Math.round(share * 100)} %</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
