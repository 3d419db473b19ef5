import { mondayOf } from '@tropaeum/core/season/calendar/season-on';
import { axisWords } from '@tropaeum/core/season/scheduler/case-plan';
import { costAxes } from '@tropaeum/core/session-type/cost';
import { dayMonth } from '../ui/days';
import { capital, words } from '../ui/words';
import type { StoredSeason } from './season-data';
import { useSeason } from './store';

interface WeekPanelProps {
  day: string;
  athleteId: string | undefined;
  stored: StoredSeason | undefined;
}

/** Share of what is wanted under which it is told. */
const shortFrom = 0.75;

const whole = (value: number) => Math.round(value * 10) / 10;

/** What one week is to give, quality by quality: laid and wanted; what is written of it by pattern. */
export function WeekPanel({ day, athleteId, stored }: WeekPanelProps) {
  const monday = mondayOf(day);
  const week = useSeason(({ outlook }) => outlook?.weeks.find(({ from }) => from === monday));
  const written = (stored?.written ?? []).filter((s) => s.athleteId === athleteId && mondayOf(s.on) === monday);
  const patterns = new Map<string, number>();
  for (const { dose } of written)
    for (const [pattern, sets] of Object.entries(dose?.patterns ?? {}))
      patterns.set(pattern, (patterns.get(pattern) ?? 0) + sets);
  if (!week) return null;
  return (
    <section className="mb-4" aria-label="The week">
      <h2 className="label">
        Week of {dayMonth(monday)}: {words(week.phase)}
      </h2>
      <table className="mt-1 w-full text-small">
        <thead>
          <tr className="text-right text-tiny text-quiet">
            <th className="text-left font-normal">Dose</th>
            <th className="font-normal">scheduled</th>
            <th className="font-normal">target</th>
          </tr>
        </thead>
        <tbody>
          {costAxes.map((axis) => {
            const short = week.dose[axis] < shortFrom * week.wanted[axis];
            return (
              <tr key={axis} className="border-t border-edge">
                <td className="py-0.5 leading-tight">{axisWords[axis]}</td>
                <td className={`dose text-right ${short ? 'font-bold text-oxide' : 'font-semibold'}`}>
                  {whole(week.dose[axis])}
                  {short && <span className="sr-only"> well below target</span>}
                </td>
                <td className="dose text-right">{whole(week.wanted[axis])}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-1 text-tiny text-quiet">
        {week.minutes} minutes of home sessions.{week.because ? ` ${capital(week.because)}.` : ''}
      </p>
      {patterns.size > 0 && (
        <p className="mt-1 text-tiny text-quiet">
          Sessions planned:{' '}
          {[...patterns]
            .sort((a, b) => b[1] - a[1])
            .map(([p, sets]) => `${words(p)} ${sets}`)
            .join(', ')}
        </p>
      )}
    </section>
  );
}
