import { dayAfter } from '@tropaeum/core/date/days';
import { exponential, ratioCriticism, rolling } from '@tropaeum/core/load/acute-chronic';
import { weekOfLoad } from '@tropaeum/core/load/monotony';
import { mondayOf } from '@tropaeum/core/season/calendar/season-on';
import { dailyLoads } from '@tropaeum/core/season/periodisation/projection';
import { caseOf, scheduledWeeks } from '@tropaeum/core/season/plan/season-case';
import { daysOfCase } from '@tropaeum/core/season/scheduler/day';
import { useMemo, useState } from 'react';
import {
  Bar,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { ListedAthlete } from '../api/types';
import { dayMonth } from '../ui/days';
import type { StoredSeason } from './season-data';
import { requestOf, scheduledNow } from './season-state';
import { useSeasonFacts } from './store';

interface LoadPanelProps {
  stored: StoredSeason | undefined;
  athlete: ListedAthlete | undefined;
  members: readonly ListedAthlete[];
  today: string;
}

const weeksBack = 8;
const forms = { exponential, rolling };
type Form = keyof typeof forms;

/** Sessions of the last four weeks that were written and came back. */
const adherenceDays = 28;

/** Load as it was and as it will be if the plan is followed; what is usual; how alike the days are; what was planned and done. */
export function LoadPanel({ stored, athlete, members, today }: LoadPanelProps) {
  const [form, setForm] = useState<Form>('exponential');
  const state = useSeasonFacts();
  const start = dayAfter(mondayOf(today), -7 * weeksBack);
  const mine = useMemo(
    () => (stored?.written ?? []).filter((s) => !athlete || s.athleteId === athlete.id),
    [stored, athlete],
  );
  const heads = athlete ? 1 : Math.max(1, members.length);
  const days = useMemo(() => {
    const facts = daysOfCase({ ...caseOf(requestOf(state)), from: start, weeks: weeksBack + scheduledWeeks });
    const done = mine.flatMap(({ on, report }) =>
      report ? [{ on, effort: report.effort, minutes: report.minutes / heads }] : [],
    );
    return dailyLoads(facts, done, scheduledNow(state), today);
  }, [state, mine, heads, start, today]);
  const trend = forms[form](days.map(({ home, sport }) => home + sport));
  const weeks = Array.from({ length: weeksBack + scheduledWeeks }, (_, w) => {
    const ofWeek = days.slice(7 * w, 7 * w + 7);
    const end = trend[7 * w + 6];
    return {
      from: dayAfter(start, 7 * w),
      home: Math.round(ofWeek.reduce((sum, d) => sum + d.home, 0)),
      sport: Math.round(ofWeek.reduce((sum, d) => sum + d.sport, 0)),
      usual: Math.round((end?.chronic ?? 0) * 7),
      ratio: end?.ratio,
      ...weekOfLoad(ofWeek.map((d) => d.home + d.sport)),
    };
  });
  const now = weeks[weeksBack] as (typeof weeks)[number];
  const figure = (value: number | undefined, digits = 0) => (value === undefined ? '–' : value.toFixed(digits));
  const lately = mine.filter(({ on }) => on >= dayAfter(today, -adherenceDays) && on < today);
  const came = lately.filter(({ status }) => status === 'done').length;
  const contacts = mine
    .filter(({ on }) => mondayOf(on) === mondayOf(today))
    .reduce((sum, { dose }) => sum + (dose?.contacts ?? 0), 0);
  return (
    <>
      <div
        className="h-44"
        role="img"
        aria-label={`Load of ${weeks.length} weeks; this week ${now.home + now.sport}, usual ${now.usual}`}
      >
        <ResponsiveContainer width="100%" height="100%">
          <ComposedChart data={weeks} margin={{ top: 4, right: 0, bottom: 0, left: -18 }} barCategoryGap={1}>
            <CartesianGrid vertical={false} stroke="var(--edge)" />
            <XAxis
              dataKey="from"
              tickFormatter={(day: string) => dayMonth(day)}
              interval={4}
              tick={{ fontSize: 10, fill: 'var(--quiet)' }}
              stroke="var(--stone)"
            />
            <YAxis tick={{ fontSize: 10, fill: 'var(--quiet)' }} stroke="var(--stone)" width={52} />
            <Tooltip
              labelFormatter={(day) => `Week of ${dayMonth(String(day))}`}
              contentStyle={{
                background: 'var(--lit)',
                border: '1px solid var(--stone)',
                fontSize: 12,
                padding: '4px 8px',
              }}
              isAnimationActive={false}
            />
            <ReferenceLine x={now.from} stroke="var(--ink)" strokeDasharray="2 2" />
            <Bar dataKey="sport" name="Sport" stackId="load" fill="var(--stone)" isAnimationActive={false} />
            <Bar dataKey="home" name="Home" stackId="load" fill="var(--slate)" isAnimationActive={false} />
            <Line
              dataKey="usual"
              name="Usual (28 days)"
              stroke="var(--bronze)"
              strokeWidth={2}
              dot={false}
              isAnimationActive={false}
            />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <p className="text-tiny text-quiet">
        Session RPE × minutes per week{athlete ? '' : ', per athlete'}. Left of the dashed line: logged sessions and
        practices. Right of it: as planned.
      </p>
      <dl className="mt-3 grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5">
        {(
          [
            ['This week', figure(now.home + now.sport)],
            ['Monotony (Foster 1998)', figure(now.monotony, 2)],
            ['Strain', figure(now.strain)],
            ['Acute:chronic', now.ratio === undefined ? '–' : `× ${now.ratio.toFixed(2)}`],
            ['Jump contacts planned this week', figure(contacts / heads)],
            ['Sessions done, last four weeks', `${came} of ${lately.length}`],
          ] as const
        ).map(([what, value]) => (
          <div key={what} className="contents">
            <dt>{what}</dt>
            <dd className="dose text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      <fieldset className="mt-3 flex gap-3">
        <legend className="sr-only">How the chronic load is averaged</legend>
        {(Object.keys(forms) as Form[]).map((one) => (
          <label key={one} className="flex items-center gap-1">
            <input type="radio" name="usual" checked={form === one} onChange={() => setForm(one)} />
            {one === 'exponential' ? 'exponential average (Williams 2017)' : 'rolling averages, 7 and 28 days'}
          </label>
        ))}
      </fieldset>
      <p className="mt-2 border-l-2 border-bronze pl-2 text-tiny leading-snug text-quiet">{ratioCriticism}</p>
    </>
  );
}
