import type { Trend } from '@tropaeum/core/desk/entry';

const [width, height, pad] = [104, 30, 4];

/** A small course of figures; what is above the limit is a filled square, the rest dots, so that it is not told by colour alone. */
export function Sparkline({ trend }: { trend: Trend }) {
  const { values, of, limit } = trend;
  const known = values.flatMap((value, i) => (value === null ? [] : [{ value, i }]));
  const top = Math.max(1, limit ?? 0, ...known.map(({ value }) => value));
  const x = (i: number) => (values.length < 2 ? width / 2 : pad + (i * (width - 2 * pad)) / (values.length - 1));
  const y = (value: number) => height - pad - (value / top) * (height - 2 * pad);
  const words = `${of}: ${values.map((value) => value ?? 'not said').join(', ')}`;
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className="h-[30px] w-[104px] shrink-0" role="img" aria-label={words}>
      <title>{words}</title>
      {limit !== undefined && (
        <line x1={0} x2={width} y1={y(limit)} y2={y(limit)} stroke="var(--stone)" strokeDasharray="3 3" />
      )}
      <polyline
        points={known.map(({ value, i }) => `${x(i)},${y(value)}`).join(' ')}
        fill="none"
        stroke="var(--slate)"
        strokeWidth="1.5"
      />
      {known.map(({ value, i }) =>
        limit !== undefined && value > limit ? (
          <rect key={i} x={x(i) - 3} y={y(value) - 3} width="6" height="6" fill="var(--oxide)" />
        ) : (
          <circle key={i} cx={x(i)} cy={y(value)} r="2.2" fill="var(--slate)" />
        ),
      )}
    </svg>
  );
}
