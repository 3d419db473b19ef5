import { capsulePath, extentOf, figureOf } from '@tropaeum/core/body/figure';
import type { LoadedJoint } from '@tropaeum/core/body/loaded-joints';
import { placedKeyframes } from '@tropaeum/core/body/motion';
import { scaledBody } from '@tropaeum/core/body/segments';
import { jointPoint } from '@tropaeum/core/body/skeleton';
import type { Joint, Position } from '@tropaeum/core/exercise/model/vocabulary';
import type { JointDemand } from '@tropaeum/core/sport/joint-map';
import { readyStance, stanceOf } from '@tropaeum/core/sport/stance';
import { useMemo } from 'react';
import { capital, words } from '../ui/words';
import { RegimeBar } from './RegimeBar';

const body = scaledBody({ heightCm: 175, massKg: 70 });

/** The joint of the drawing at which a joint's demand is shown. */
const shownAt = (joint: Joint): LoadedJoint => (joint === 'scapula' ? 'shoulder' : joint);

function drawn(position: Position | undefined) {
  const [placed] = placedKeyframes(position ? stanceOf(position) : readyStance, body);
  if (!placed) throw new RangeError(`no stance for ${position ?? 'a role'}`);
  const capsules = figureOf(placed);
  return { capsules, extent: extentOf(capsules), jointAt: (j: LoadedJoint) => jointPoint(placed.skeleton, 'near', j) };
}

const [labelWide, labelHigh, maxLabels] = [118, 50, 10];
const [minHigh, maxHigh, largestRing, margin] = [230, 470, 27, 6];

interface Label {
  demand: JointDemand;
  joint: { x: number; y: number };
  right: boolean;
  y: number;
}

/** Labels of one side one under the other, each as near its joint as the others allow. */
function stacked(labels: Label[], high: number): Label[] {
  const sorted = [...labels].sort((a, b) => a.joint.y - b.joint.y);
  const room = Math.min(labelHigh + 10, (high - labelHigh) / Math.max(1, sorted.length - 1));
  let lowest = Number.NEGATIVE_INFINITY;
  const down = sorted.map((label) => {
    lowest = Math.max(label.joint.y - labelHigh / 2, lowest + room, margin);
    return { ...label, y: lowest };
  });
  const over = Math.max(0, lowest + labelHigh - high + margin);
  return down.map((label, i) => ({ ...label, y: Math.max(margin + i * room, label.y - over) }));
}

interface BodyMapProps {
  map: readonly JointDemand[];
  /** Ready and upright when left out. */
  position?: Position | undefined;
  width: number;
  name: string;
  /** Marks the movements that a joint action comes from. */
  onPoint: (demand: JointDemand | undefined) => void;
  /** Height at the most, pixels. */
  high?: number;
}

/** The joint actions on the posed body: discs as large as what is asked of the joint, a label for each way it moves. */
export function BodyMap({ map, position, width, name, onPoint, high = maxHigh }: BodyMapProps) {
  const { capsules, extent, jointAt } = useMemo(() => drawn(position), [position]);
  // Heights are from the ground, whether the body touches it or not.
  const [wideM, highM] = [extent.maxX - extent.minX, extent.maxY];
  // Limbs may reach in between the labels.
  const room = width - 1.9 * labelWide;
  const perMetre = Math.min((high - 40) / Math.max(highM, 1.1), room / Math.max(wideM, 0.5));
  const labelled = (Math.ceil(Math.min(map.length, maxLabels) / 2) + 0.5) * (labelHigh + 10);
  const figureHigh = Math.min(high, Math.max(minHigh, highM * perMetre + 40, labelled));
  const middleM = (extent.minX + extent.maxX) / 2;
  const ground = position !== 'hanging' && position !== 'in-water';
  const groundY = figureHigh - 10 - (ground ? 0 : 20);
  const at = (joint: LoadedJoint) => ({
    x: width / 2 + (jointAt(joint).x - middleM) * perMetre,
    y: groundY - jointAt(joint).y * perMetre,
  });
  const shown = map.slice(0, maxLabels);
  const most = Math.max(...shown.map((d) => d.share), 0.01);
  const byJoint = new Map<LoadedJoint, number>();
  for (const { joint, share } of map) byJoint.set(shownAt(joint), (byJoint.get(shownAt(joint)) ?? 0) + share);
  let rights = 0;
  const labels = [...shown]
    .sort((a, b) => at(shownAt(a.joint)).y - at(shownAt(b.joint)).y)
    .map((demand, i): Label => {
      const joint = at(shownAt(demand.joint));
      // Sides take turns, so that neither runs out of room.
      const right = i % 2 === 0 ? rights <= i / 2 : false;
      if (right) rights++;
      return { demand, joint, right, y: 0 };
    });
  const placed = [
    ...stacked(
      labels.filter((l) => l.right),
      figureHigh,
    ),
    ...stacked(
      labels.filter((l) => !l.right),
      figureHigh,
    ),
  ];
  const rings = [...byJoint].map(([joint, share]) => ({
    ...at(joint),
    joint,
    radius: Math.min(largestRing, 5 + 30 * Math.sqrt(share)),
  }));
  return (
    <div className="relative" style={{ width, height: figureHigh }} role="group" aria-label={name}>
      <svg
        width={width}
        height={figureHigh}
        className="absolute inset-0"
        aria-hidden="true"
        viewBox={`0 0 ${width} ${figureHigh}`}
      >
        {ground && (
          <line
            x1={labelWide}
            x2={width - labelWide}
            y1={groundY}
            y2={groundY}
            stroke="var(--bronze)"
            strokeWidth="2.5"
          />
        )}
        <g transform={`translate(${width / 2 - middleM * perMetre} ${groundY})`}>
          {capsules.map((capsule, i) => (
            <path key={i} d={capsulePath(capsule, perMetre)} fill={`var(--limb-${capsule.layer})`} />
          ))}
        </g>
        {placed.map(({ demand, joint, right, y }) => {
          const edge = right ? width - labelWide - margin : labelWide + margin;
          return (
            <polyline
              key={demand.joint + demand.action}
              points={`${edge},${y + labelHigh / 2} ${(edge * 2 + joint.x) / 3},${y + labelHigh / 2} ${joint.x},${joint.y}`}
              fill="none"
              stroke="var(--ink)"
              strokeOpacity="0.55"
              strokeWidth="1"
            />
          );
        })}
        {rings.map(({ x, y, joint, radius }) => (
          <circle
            key={joint}
            cx={x}
            cy={y}
            r={radius}
            fill="var(--oxide)"
            fillOpacity="0.82"
            stroke="var(--lit)"
            strokeWidth="2"
          />
        ))}
      </svg>
      {placed.map(({ demand, right, y }) => (
        <button
          key={demand.joint + demand.action}
          type="button"
          className={`absolute px-1 hover:bg-lit focus-visible:bg-lit ${right ? 'text-left' : 'text-right'}`}
          style={{ width: labelWide, top: y, [right ? 'right' : 'left']: 0 }}
          onMouseEnter={() => onPoint(demand)}
          onMouseLeave={() => onPoint(undefined)}
          onFocus={() => onPoint(demand)}
          onBlur={() => onPoint(undefined)}
          title={demand.from.map((f) => `${f.action.name} ${(f.share * 100).toFixed(0)} %`).join('\n')}
        >
          <span className="block text-[0.82rem] leading-tight">
            {capital(words(demand.joint))} {words(demand.action)}
          </span>
          <span className={`mt-0.5 flex items-center gap-1.5 ${right ? '' : 'flex-row-reverse'}`}>
            <RegimeBar demand={demand} most={most} width={62} mirrored={!right} />
            <span className="dose text-[0.75rem] text-quiet">{(demand.share * 100).toFixed(0)} %</span>
          </span>
        </button>
      ))}
    </div>
  );
}
