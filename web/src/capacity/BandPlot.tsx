import { type BandCurve, bandForceN } from '@tropaeum/core/body/band';
import type { KitItem } from '@tropaeum/core/kit/kit';

const [wide, high, left, bottom] = [248, 74, 26, 14];
const [from, to] = [1, 3];
const steps = 40;

/** Force against stretch with its bounds, and the readings it was laid through. */
export function BandPlot({ curve, readings }: { curve: BandCurve; readings?: NonNullable<KitItem['measured']> }) {
  const top = bandForceN(curve, to) * (1 + curve.off);
  const x = (stretch: number) => left + ((stretch - from) / (to - from)) * (wide - left - 4);
  const y = (force: number) => high - bottom - (force / top) * (high - bottom - 6);
  const stretches = Array.from({ length: steps + 1 }, (_, i) => from + (i * (to - from)) / steps);
  const line = (share: number) =>
    stretches.map((s) => `${x(s).toFixed(1)},${y(bandForceN(curve, s) * share).toFixed(1)}`);
  const between = [...line(1 + curve.off), ...line(1 - curve.off).reverse()].join(' ');
  const label = `${Math.round(bandForceN(curve, 2))} N at twice its length, ${Math.round(bandForceN(curve, 3))} N at three times`;
  return (
    <svg viewBox={`0 0 ${wide} ${high}`} className="my-1 w-full" role="img" aria-label={label}>
      <polygon points={between} fill="var(--edge)" />
      <polyline points={line(1).join(' ')} fill="none" stroke="var(--ink)" strokeWidth={1.6} />
      <line x1={left} y1={high - bottom} x2={wide - 4} y2={high - bottom} stroke="var(--stone)" />
      {readings?.readings
        .filter((r) => r.lengthM > readings.restM && r.lengthM <= to * readings.restM)
        .map((r) => (
          <circle key={r.lengthM} cx={x(r.lengthM / readings.restM)} cy={y(r.forceN)} r={2.6} fill="var(--oxide)" />
        ))}
      {[1, 1.5, 2, 2.5, 3].map((s) => (
        <text key={s} x={x(s)} y={high - 3} fontSize={9.5} textAnchor="middle" fill="var(--quiet)">
          ×{s}
        </text>
      ))}
      {[0.5, 1].map((share) => {
        const force = Math.round((bandForceN(curve, to) * share) / 5) * 5;
        return (
          <text key={share} x={left - 4} y={y(force) + 3} fontSize={9.5} textAnchor="end" fill="var(--quiet)">
            {force}
          </text>
        );
      })}
    </svg>
  );
}
