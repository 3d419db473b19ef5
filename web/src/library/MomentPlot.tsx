import type { MomentName } from '@tropaeum/core/body/moment-names';
import { type MomentsAt, momentWords } from '@tropaeum/core/exercise/mechanics/moments';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';

/** Lines are told apart by colour, dash and the word at their end. */
const strokes = [
  { stroke: 'var(--oxide)', dash: '0' },
  { stroke: 'var(--slate)', dash: '7 3' },
  { stroke: 'var(--bronze)', dash: '2 3' },
  { stroke: 'var(--laurel)', dash: '10 3 2 3' },
] as const;

interface PlotProps {
  range: readonly MomentsAt[];
  names: readonly MomentName[];
  start: string;
  end: string;
  /** Where on the way the figure stands, share; nothing while it moves. */
  at?: number;
}

/** The largest on the way, or where the figure stands. */
function momentAt(range: readonly MomentsAt[], name: MomentName, at: number | undefined): number {
  if (at === undefined) return Math.max(...range.map((r) => r.moments[name]));
  return range[Math.round(at * (range.length - 1))]?.moments[name] ?? 0;
}

/** Joint moments from the first keyframe to the last, for this body. */
export function MomentPlot({ range, names, start, end, at }: PlotProps) {
  if (names.length === 0)
    return (
      <p className="mt-1 text-quiet">Joint loads are small when held still; the work is in speeding up and braking.</p>
    );
  const data = range.map((r) => ({
    share: Math.round(r.share * 100),
    ...Object.fromEntries(names.map((n) => [n, Math.round(r.moments[n] * 10) / 10])),
  }));
  return (
    <figure className="mt-1">
      <div className="h-44 w-full" aria-hidden="true">
        <ResponsiveContainer>
          <LineChart accessibilityLayer={false} data={data} margin={{ top: 6, right: 8, bottom: 0, left: 0 }}>
            <CartesianGrid stroke="var(--edge)" vertical={false} />
            <XAxis
              dataKey="share"
              type="number"
              domain={[0, 100]}
              ticks={[0, 50, 100]}
              tickFormatter={(v: number) => (v === 0 ? start : v === 100 ? end : '')}
              tick={{ fill: 'var(--quiet)', fontSize: 12 }}
              stroke="var(--stone)"
              interval={0}
              padding={{ left: 18, right: 18 }}
            />
            <YAxis
              width={44}
              tick={{ fill: 'var(--quiet)', fontSize: 12 }}
              stroke="var(--stone)"
              label={{ value: 'N m', position: 'insideTopLeft', fill: 'var(--quiet)', fontSize: 12, dx: 46 }}
            />
            <ReferenceLine y={0} stroke="var(--stone)" />
            {at !== undefined && <ReferenceLine x={at * 100} stroke="var(--bronze)" strokeWidth={2} />}
            <Tooltip
              contentStyle={{ background: 'var(--lit)', border: '1px solid var(--stone)', fontSize: 13 }}
              labelFormatter={(v) => `${v} % of the range`}
              formatter={(value, name) => [`${value} N m`, momentWords[name as MomentName]]}
            />
            {names.map((name, i) => (
              <Line
                key={name}
                dataKey={name}
                stroke={strokes[i]?.stroke ?? 'var(--ink)'}
                strokeDasharray={strokes[i]?.dash ?? '0'}
                strokeWidth={2.2}
                dot={false}
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="flex flex-wrap gap-x-4 text-small">
        {names.map((name, i) => (
          <span key={name} className="inline-flex items-center gap-1.5">
            <svg viewBox="0 0 24 6" className="h-1.5 w-6" aria-hidden="true">
              <line
                x1="0"
                x2="24"
                y1="3"
                y2="3"
                stroke={strokes[i]?.stroke}
                strokeDasharray={strokes[i]?.dash}
                strokeWidth="2.5"
              />
            </svg>
            {momentWords[name]} {momentAt(range, name, at).toFixed(0)} N m{at === undefined ? ' max' : ''}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}
