import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import type { HomeTest } from '@tropaeum/core/capacity/battery';
import { minRealChange } from '@tropaeum/core/capacity/test-trend';
import { daysBetween } from '@tropaeum/core/date/days';

const [wide, high, edge] = [288, 84, 8];

/** Results over time, each with what two tries differ by, so that noise is seen to be noise. */
export function TrendPlot({ test, results }: { test: HomeTest; results: readonly TestResult[] }) {
  const [first, last] = [results[0] as TestResult, results.at(-1) as TestResult];
  const days = Math.max(1, daysBetween(first.on, last.on));
  const off = (r: TestResult) => minRealChange(test, r.value) / 2;
  const low = Math.min(...results.map((r) => r.value - off(r)));
  const top = Math.max(...results.map((r) => r.value + off(r)));
  const x = (r: TestResult) => edge + (daysBetween(first.on, r.on) / days) * (wide - 2 * edge);
  const y = (value: number) => high - 6 - ((value - low) / (top - low || 1)) * (high - 12);
  return (
    <svg
      viewBox={`0 0 ${wide} ${high}`}
      className="my-1 w-full bg-paper"
      role="img"
      aria-label={`${results.length} results, ${first.value} to ${last.value}`}
    >
      <polyline
        points={results.map((r) => `${x(r).toFixed(1)},${y(r.value).toFixed(1)}`).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
      {results.map((r) => (
        <g key={r.on}>
          <line
            x1={x(r)}
            x2={x(r)}
            y1={y(r.value - off(r))}
            y2={y(r.value + off(r))}
            stroke="var(--stone)"
            strokeWidth={5}
          />
          <circle cx={x(r)} cy={y(r.value)} r={3} fill="var(--oxide)" />
        </g>
      ))}
    </svg>
  );
}
