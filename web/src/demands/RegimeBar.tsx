import { contractionTypes, type Regime, regimes } from '@tropaeum/core/exercise/model/vocabulary';
import type { JointDemand } from '@tropaeum/core/sport/joint-map';

const fills: Record<Regime, string> = {
  shortening: 'var(--ink)',
  lengthening: 'url(#regime-lengthening)',
  holding: 'url(#regime-holding)',
  'stretch-shortening': 'url(#regime-stretch-shortening)',
};

/** How muscles work is told apart by texture as well as by colour; drawn once a page. */
export function RegimePatterns() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true">
      <defs>
        <pattern
          id="regime-lengthening"
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="4" height="4" fill="var(--sheet)" />
          <rect width="2" height="4" fill="var(--oxide)" />
        </pattern>
        <pattern id="regime-holding" width="3" height="3" patternUnits="userSpaceOnUse">
          <rect width="3" height="3" fill="var(--stone)" />
        </pattern>
        <pattern id="regime-stretch-shortening" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="var(--bronze)" />
          <circle cx="2" cy="2" r="1" fill="var(--lit)" />
        </pattern>
      </defs>
    </svg>
  );
}

/** A share as a bar, split by how the muscles work; from the right edge when `mirrored`. */
export function RegimeBar({
  demand,
  most,
  width,
  mirrored = false,
}: {
  demand: Pick<JointDemand, 'byRegime' | 'share'>;
  most: number;
  width: number;
  mirrored?: boolean;
}) {
  const height = 8;
  const long = (share: number) => (most > 0 ? (share / most) * width : 0);
  let done = 0;
  const parts = regimes.flatMap((regime) => {
    const share = demand.byRegime[regime] ?? 0;
    if (share <= 0) return [];
    const x = mirrored ? width - long(done + share) : long(done);
    done += share;
    return [{ regime, x, wide: long(share) }];
  });
  return (
    <svg width={width} height={height} className="block" aria-hidden="true">
      {parts.map(({ regime, x, wide }) => (
        <rect
          key={regime}
          x={x}
          y="0.5"
          width={wide}
          height={height - 1}
          fill={fills[regime]}
          stroke="var(--ink)"
          strokeWidth="0.75"
        />
      ))}
    </svg>
  );
}

export function RegimeLegend() {
  return (
    <ul className="flex flex-wrap gap-x-3 text-[0.76rem] text-quiet">
      {regimes.map((regime) => (
        <li key={regime} className="flex items-center gap-1">
          <RegimeBar demand={{ share: 1, byRegime: { [regime]: 1 } }} most={1} width={16} />
          {contractionTypes[regime]}
        </li>
      ))}
    </ul>
  );
}
