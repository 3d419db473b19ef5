import { axisWords } from '@tropaeum/core/season/laid-words';
import { mondayOf } from '@tropaeum/core/season/season';
import { doseAxes } from '@tropaeum/core/season/session-kind';
import { dayName } from '../ui/days';
import { words } from '../ui/words';
import type { StoredSeason } from './season-data';
import { useSeason } from './store';

interface WeekPanelProps {
  day: string;
  athleteId: string | undefined;
  stored: StoredSeason | undefined;
}

const whole = (value: number) => Math.round(value * 10) / 10;

/** What one week is to give, quality by quality: laid, wanted, and the least that holds; what is written of it by pattern. */
export function WeekPanel({ day, athleteId, stored }: WeekPanelProps) {
  const monday = mondayOf(day);
  const week = useSeason(({ outlook }) =>
    outlook && !('refused' in outlook) ? outlook.weeks.find(({ from }) => from === monday) : undefined,
  );
  const written = (stored?.written ?? []).filter((s) => s.athleteId === athleteId && mondayOf(s.on) === monday);
  const patterns = new Map<string, number>();
  for (const { dose } of written)
    for (const [pattern, sets] of Object.entries(dose?.patterns ?? {}))
      patterns.set(pattern, (patterns.get(pattern) ?? 0) + sets);
  if (!week) return null;
  return (
    <section className="mb-4" aria-label="The week">
      <h2 className="label">
        Week of {dayName(monday).slice(4)}: {words(week.phase)}
      </h2>
      <table className="mt-1 w-full text-small">
        <thead>
          <tr className="text-right text-tiny text-quiet">
            <th className="text-left font-normal">Dose</th>
            <th className="font-normal">laid</th>
            <th className="font-normal">wanted</th>
            <th className="font-normal">holds</th>
          </tr>
        </thead>
        <tbody>
          {doseAxes.map((axis) => {
            const short = week.dose[axis] < week.holding[axis] - 1e-9;
            return (
              <tr key={axis} className="border-t border-edge">
                <td className="py-0.5 leading-tight">{axisWords[axis]}</td>
                <td className={`dose text-right ${short ? 'font-bold text-oxide' : 'font-semibold'}`}>
                  {whole(week.dose[axis])}
                  {short && <span className="sr-only"> too little to hold</span>}
                </td>
                <td className="dose text-right">{whole(week.wanted[axis])}</td>
                <td className="dose text-right text-quiet">{whole(week.holding[axis])}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-1 text-tiny text-quiet">{week.minutes} minutes at home are laid.</p>
      {patterns.size > 0 && (
        <p className="mt-1 text-tiny text-quiet">
          Written of it:{' '}
          {[...patterns]
            .sort((a, b) => b[1] - a[1])
            .map(([p, sets]) => `${words(p)} ${sets}`)
            .join(', ')}
        </p>
      )}
    </section>
  );
}
