import type { ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import { sessionTypeNames } from '@tropaeum/core/session-type/session-type';
import { dayName } from '../ui/days';
import { timingWords } from './kinds';

/** Every laid session with its time, label and reason, on paper. */
export function DayByDay({ laid, from }: { laid: readonly ScheduledSession[]; from: string }) {
  return (
    <table className="mt-4 hidden w-full text-left text-small print:table" data-day-by-day>
      <thead>
        <tr className="label">
          {['Day', 'Label', 'Session', 'Time', 'Why'].map((name) => (
            <th key={name} className="pr-3">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {laid
          .filter(({ on }) => on >= from)
          .map(({ on, label, type, minutes, start, timing, why, second }) => (
            <tr key={on} className="break-inside-avoid border-t border-edge align-top">
              <td className="pr-3 whitespace-nowrap">{dayName(on)}</td>
              <td className="pr-3 whitespace-nowrap">{label === '-' ? '' : label}</td>
              <td className="pr-3 whitespace-nowrap">
                {sessionTypeNames[type]}, {minutes} min
              </td>
              <td className="pr-3 whitespace-nowrap">
                {start} {timingWords[timing]}
              </td>
              <td>
                {why}
                {second ? ` ${second.start} ${sessionTypeNames[second.type]}: ${second.why}` : ''}
              </td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}
