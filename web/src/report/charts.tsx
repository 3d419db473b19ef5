import { capital, partWords } from '@tropaeum/core/common/text';
import type { PainCourse } from '@tropaeum/core/report/athlete-report';
import type { StrengthCourse } from '@tropaeum/core/report/strength-course';
import type { ReportWeek } from '@tropaeum/core/report/weeks';
import {
  Area,
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
import { dayMonth } from '../ui/days';
import { useMeasures } from '../ui/units';
import { words } from '../ui/words';

const tick = { fill: 'var(--quiet)', fontSize: 11 } as const;
const tip = { background: 'var(--lit)', border: '1px solid var(--stone)', fontSize: 13 } as const;

/** A chart with its heading, and what it shows in words for who does not see it. */
function Plot({ title, says, children }: { title: string; says: string; children: React.ReactElement }) {
  return (
    <figure className="min-w-0 break-inside-avoid">
      <figcaption className="text-[0.88rem] font-semibold">{title}</figcaption>
      <p className="sr-only">{says}</p>
      <div className="h-32 w-full print:h-24" aria-hidden="true">
        <ResponsiveContainer initialDimension={{ width: 340, height: 128 }}>{children}</ResponsiveContainer>
      </div>
    </figure>
  );
}

/** Session load as bars with the mean session RPE as a dashed line. */
export function LoadChart({ weeks }: { weeks: readonly ReportWeek[] }) {
  const data = weeks.map(({ from, load, effort }) => ({ week: dayMonth(from), load, effort }));
  return (
    <Plot
      title="Session load, and RPE as a line"
      says={weeks.map(({ from, load }) => `${dayMonth(from)}: ${load}`).join('; ')}
    >
      <ComposedChart accessibilityLayer={false} data={data} margin={{ top: 6, right: 0, bottom: 0, left: 0 }}>
        <CartesianGrid stroke="var(--edge)" vertical={false} />
        <XAxis dataKey="week" tick={tick} stroke="var(--stone)" minTickGap={16} />
        <YAxis yAxisId="load" width={36} tick={tick} stroke="var(--stone)" />
        <YAxis yAxisId="effort" orientation="right" width={22} domain={[0, 10]} tick={tick} stroke="var(--stone)" />
        <Tooltip contentStyle={tip} />
        <Bar yAxisId="load" dataKey="load" name="Load" fill="var(--stone)" isAnimationActive={false} />
        <Line
          yAxisId="effort"
          dataKey="effort"
          name="RPE"
          stroke="var(--ink)"
          strokeDasharray="5 3"
          dot={{ r: 2 }}
          connectNulls
          isAnimationActive={false}
        />
      </ComposedChart>
    </Plot>
  );
}

/** Sets of main work and landings. */
export function VolumeChart({ weeks }: { weeks: readonly ReportWeek[] }) {
  const data = weeks.map(({ from, sets, contacts }) => ({
    week: dayMonth(from),
    sets: Object.values(sets).reduce((a, b) => a + b, 0),
    contacts,
  }));
  return (
    <Plot
      title="Sets of main work, and landings as a line"
      says={data.map(({ week, sets, contacts }) => `${week}: ${sets} sets, ${contacts} landings`).join('; ')}
    >
      <ComposedChart accessibilityLayer={false} data={data} margin={{ top: 6, right: 0, bottom: 0, left: 0 }}>
        <CartesianGrid stroke="var(--edge)" vertical={false} />
        <XAxis dataKey="week" tick={tick} stroke="var(--stone)" minTickGap={16} />
        <YAxis yAxisId="sets" width={36} tick={tick} stroke="var(--stone)" allowDecimals={false} />
        <YAxis yAxisId="contacts" orientation="right" width={26} tick={tick} stroke="var(--stone)" />
        <Tooltip contentStyle={tip} />
        <Bar yAxisId="sets" dataKey="sets" name="Sets" fill="var(--slate)" isAnimationActive={false} />
        <Line
          yAxisId="contacts"
          dataKey="contacts"
          name="Landings"
          stroke="var(--bronze)"
          strokeDasharray="2 3"
          strokeWidth={2}
          dot={{ r: 2 }}
          isAnimationActive={false}
        />
      </ComposedChart>
    </Plot>
  );
}

/** Repetitions to failure with what they may lie between. */
export function StrengthChart({ course }: { course: StrengthCourse }) {
  const measures = useMeasures();
  const { name, loadKg, points, pattern } = course;
  const data = points.map(({ on, low, mid, high }) => ({
    on: dayMonth(on),
    between: [Math.round(low), Math.round(high)],
    mid: Math.round(mid * 10) / 10,
  }));
  return (
    <Plot
      title={`${capital(words(pattern))}: ${name}${loadKg ? `, ${measures.mass(loadKg)}` : ''}`}
      says={points
        .map(({ on, low, mid, high }) => `${dayMonth(on)}: ${mid.toFixed(0)}, ${low.toFixed(0)} to ${high.toFixed(0)}`)
        .join('; ')}
    >
      <ComposedChart accessibilityLayer={false} data={data} margin={{ top: 6, right: 8, bottom: 0, left: 0 }}>
        <CartesianGrid stroke="var(--edge)" vertical={false} />
        <XAxis dataKey="on" tick={tick} stroke="var(--stone)" minTickGap={16} />
        <YAxis width={30} tick={tick} stroke="var(--stone)" />
        <Tooltip contentStyle={tip} />
        <Area dataKey="between" name="Between" fill="var(--edge)" stroke="none" isAnimationActive={false} />
        <Line
          dataKey="mid"
          name="Reps to failure"
          stroke="var(--ink)"
          strokeWidth={2}
          dot={{ r: 2.5 }}
          isAnimationActive={false}
        />
      </ComposedChart>
    </Plot>
  );
}

/** Pain of one part, with the line above which it is too much. */
export function PainChart({ course }: { course: PainCourse }) {
  const data = course.points.map(({ on, score }) => ({ on: dayMonth(on), score }));
  return (
    <Plot title={`Pain, ${partWords(course.place)}`} says={data.map(({ on, score }) => `${on}: ${score}`).join('; ')}>
      <ComposedChart accessibilityLayer={false} data={data} margin={{ top: 6, right: 8, bottom: 0, left: 0 }}>
        <CartesianGrid stroke="var(--edge)" vertical={false} />
        <XAxis dataKey="on" tick={tick} stroke="var(--stone)" minTickGap={16} />
        <YAxis width={24} domain={[0, 10]} ticks={[0, 2, 5, 10]} tick={tick} stroke="var(--stone)" />
        <ReferenceLine y={2} stroke="var(--stone)" strokeDasharray="4 3" />
        <ReferenceLine y={5} stroke="var(--oxide)" strokeDasharray="4 3" />
        <Tooltip contentStyle={tip} />
        <Line
          dataKey="score"
          name="Pain"
          stroke="var(--oxide)"
          strokeWidth={2}
          dot={{ r: 3 }}
          isAnimationActive={false}
        />
      </ComposedChart>
    </Plot>
  );
}
