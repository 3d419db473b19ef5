import type { AthleteSize } from '@tropaeum/core/body/segments';
import { dayName } from '../ui/days';
import { partWords } from '../ui/words';
import { Week } from './AthleteParts';
import type { LinkAnswer, PastSession } from './offline-db';
import { SessionList } from './SessionList';

/** What was done, without a word of what was not: rest is training too. */
function Past({ past }: { past: readonly PastSession[] }) {
  if (past.length === 0) return <p className="mt-2 text-quiet">Nothing yet. It begins with the first session.</p>;
  const most = Math.max(...past.map((one) => one.minutes ?? one.planned));
  return (
    <ul className="mt-1">
      {past.map((one) => (
        <li key={one.id} className="border-b border-edge py-2">
          <span className="flex items-baseline justify-between gap-3">
            <span>{dayName(one.on)}</span>
            <span className="dose text-base">
              {Math.round(one.minutes ?? one.planned)} min{one.effort === undefined ? '' : ` · effort ${one.effort}`}
            </span>
          </span>
          <span
            className="mt-1 block h-1.5 bg-laurel"
            style={{ width: `${((one.minutes ?? one.planned) / most) * 100}%` }}
          />
          {one.pain && one.pain.length > 0 && (
            <span className="text-quiet">{one.pain.map((p) => `${partWords(p)} ${p.score}`).join(', ')}</span>
          )}
        </li>
      ))}
    </ul>
  );
}

/** The days to come, each session that was sent to be looked at beforehand, and what is past. */
export function WeekTab({ answer, size }: { answer: LinkAnswer; size: AthleteSize }) {
  const { week, ahead = [], past = [] } = answer;
  return (
    <div className="px-5 pt-6 pb-24">
      <h1 className="head text-3xl">Week</h1>
      <Week week={week} />
      {ahead.map((session) => (
        <details key={session.id} className="mt-4 border-b border-edge">
          <summary className="flex min-h-12 cursor-pointer items-center justify-between text-lg">
            <b>{dayName(session.on)}</b>
            <span className="text-quiet">sent · {Math.round(session.plan.minutes.planned)} min</span>
          </summary>
          <div className="-mx-5">
            <SessionList plan={session.plan} size={size} />
          </div>
        </details>
      ))}
      <h2 className="label mt-8 text-[0.8rem]">Done</h2>
      <Past past={past} />
    </div>
  );
}
