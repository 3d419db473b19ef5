import { capsulePath, extentOf, figureOf } from '@tropaeum/core/body/figure';
import { placedKeyframes } from '@tropaeum/core/body/motion';
import type { LimbSide } from '@tropaeum/core/body/pose';
import { scaledBody } from '@tropaeum/core/body/segments';
import { lerp, type Point, type Skeleton } from '@tropaeum/core/body/skeleton';
import type { Region } from '@tropaeum/core/exercise/model/vocabulary';
import { useMemo } from 'react';
import { partWords } from '../../ui/words';

const body = scaledBody({ heightCm: 175, massKg: 70 });

function standing() {
  const [placed] = placedKeyframes(
    {
      view: 'front',
      keyframes: [{ name: 'standing', base: 'standing', change: { hip: 6, shoulder: 16 }, on: ['feet'] }],
    },
    body,
  );
  if (!placed) throw new RangeError('nobody stands');
  const capsules = figureOf(placed);
  return { capsules, extent: extentOf(capsules), skeleton: placed.skeleton };
}

/** Where a region lies on the body that faces us. */
function placeOf({ chest, waist, pelvis, head, ...limbs }: Skeleton, region: Region, side: LimbSide): Point {
  const limb = limbs[side];
  const places: Record<Region, Point> = {
    neck: lerp(chest, head, 0.3),
    shoulder: limb.shoulder,
    elbow: limb.elbow,
    wrist: limb.wrist,
    'upper-back': lerp(waist, chest, 0.75),
    'lower-back': waist,
    hip: limb.hip,
    groin: lerp(pelvis, limb.knee, 0.12),
    hamstring: lerp(limb.hip, limb.knee, 0.55),
    knee: limb.knee,
    calf: lerp(limb.knee, limb.ankle, 0.4),
    ankle: limb.ankle,
    foot: limb.toe,
  };
  return places[region];
}

/** Facing us, the athlete's left is on our right. */
const limbOf: Record<'left' | 'right', LimbSide> = { left: 'near', right: 'far' };

interface RegionBodyProps {
  region: Region | undefined;
  side: 'left' | 'right' | 'both';
  severity: 'avoid' | 'limit';
  high: number;
  className?: string;
}

/** A body that faces us with the restricted part marked: filled where nothing may load it, a ring where it is limited. */
export function RegionBody({ region, side, severity, high, className = '' }: RegionBodyProps) {
  const { capsules, extent, skeleton } = useMemo(standing, []);
  const perMetre = (high - 26) / extent.maxY;
  const width = (extent.maxX - extent.minX) * perMetre + 24;
  const middle = (extent.minX + extent.maxX) / 2;
  const sides = side === 'both' ? (['left', 'right'] as const) : [side];
  const marks = region ? sides.map((s) => placeOf(skeleton, region, limbOf[s])) : [];
  const name = region ? `Body, ${partWords({ region, side })} marked` : 'Body';
  return (
    <svg
      className={className}
      width={width}
      height={high}
      viewBox={`0 0 ${width} ${high}`}
      role="img"
      aria-label={name}
    >
      <g transform={`translate(${width / 2 - middle * perMetre} ${high - 18})`}>
        {capsules.map((capsule, i) => (
          <path key={i} d={capsulePath(capsule, perMetre)} fill="var(--limb-far)" />
        ))}
        {marks.map((at, i) => (
          <circle
            key={i}
            cx={at.x * perMetre}
            cy={-at.y * perMetre}
            r={13}
            fill="var(--oxide)"
            fillOpacity={severity === 'avoid' ? 0.9 : 0.35}
            stroke="var(--oxide)"
            strokeWidth="3"
          />
        ))}
      </g>
      <text x="2" y={high - 3} fontSize="11" fill="var(--quiet)">
        right
      </text>
      <text x={width - 2} y={high - 3} fontSize="11" fill="var(--quiet)" textAnchor="end">
        left
      </text>
    </svg>
  );
}
