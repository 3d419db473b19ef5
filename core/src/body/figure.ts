import type { PlacedBody } from './placing';
import type { LimbSide } from './pose';
import type { Point } from './skeleton';

export type FigurePart =
  | 'foot'
  | 'shank'
  | 'thigh'
  | 'pelvis'
  | 'chest'
  | 'neck'
  | 'head'
  | 'upperArm'
  | 'forearm'
  | 'hand';

/** A limb drawn as a tapered capsule, metres; a disc is a capsule of no length. */
export interface Capsule {
  part: FigurePart;
  layer: 'far' | 'middle' | 'near';
  from: Point;
  to: Point;
  fromRadius: number;
  toRadius: number;
}

/** Radii at both ends of each part as shares of height; drawn, not measured. */
const girth: Record<FigurePart, [number, number]> = {
  foot: [0.019, 0.01],
  shank: [0.031, 0.018],
  thigh: [0.05, 0.033],
  pelvis: [0.056, 0.049],
  chest: [0.049, 0.058],
  neck: [0.026, 0.024],
  head: [0.056, 0.056],
  upperArm: [0.031, 0.022],
  forearm: [0.023, 0.015],
  hand: [0.015, 0.01],
};

/** The drawn body, farthest parts first; the front view draws the trunk as two flanks, from above head and shoulders lie on top. */
export function figureOf({ skeleton, body, view }: PlacedBody): Capsule[] {
  const h = body.heightM;
  const front = view === 'front';
  const above = view === 'above';
  const capsule = (part: FigurePart, layer: Capsule['layer'], from: Point, to: Point): Capsule => ({
    part,
    layer,
    from,
    to,
    fromRadius: girth[part][0] * h,
    toRadius: girth[part][1] * h,
  });
  const leg = (side: LimbSide): Capsule[] => {
    const { hip, knee, ankle, heel, toe } = skeleton[side];
    return [
      capsule('thigh', side, hip, knee),
      capsule('shank', side, knee, ankle),
      capsule('foot', side, lifted(heel, ankle, girth.foot[0] * h), lifted(toe, ankle, girth.foot[1] * h)),
    ];
  };
  const arm = (side: LimbSide): Capsule[] => {
    const { shoulder, elbow, wrist, fingertip } = skeleton[side];
    return [
      capsule('upperArm', side, shoulder, elbow),
      capsule('forearm', side, elbow, wrist),
      capsule('hand', side, wrist, fingertip),
    ];
  };
  const { pelvis, waist, chest, head, near, far } = skeleton;
  if (above) {
    const nose = ahead(near.shoulder, far.shoulder, head, 0.05 * h);
    return [
      ...leg('far'),
      ...leg('near'),
      capsule('pelvis', 'far', near.hip, far.hip),
      ...arm('far'),
      ...arm('near'),
      {
        ...capsule('chest', 'middle', near.shoulder, far.shoulder),
        fromRadius: girth.pelvis[1] * h,
        toRadius: girth.pelvis[1] * h,
      },
      capsule('head', 'middle', head, head),
      { ...capsule('head', 'middle', head, nose), fromRadius: 0.03 * h, toRadius: 0.012 * h },
    ];
  }
  const trunk = !front
    ? [capsule('pelvis', 'middle', pelvis, waist), capsule('chest', 'middle', waist, chest)]
    : [
        capsule('chest', 'middle', near.shoulder, far.shoulder),
        ...[near, far].map((side) => capsule('pelvis', 'middle', side.hip, waist)),
        ...[near, far].map((side) =>
          capsule(
            'chest',
            'middle',
            { x: (waist.x + side.hip.x) / 2, y: (waist.y + side.hip.y) / 2 },
            inward(side.shoulder, chest),
          ),
        ),
        capsule('chest', 'middle', waist, chest),
      ];
  const torso = [
    ...trunk,
    capsule('neck', 'middle', chest, head),
    capsule('head', 'middle', head, head),
    ...(front ? [] : [face(capsule, chest, head, h)]),
  ];
  return !front
    ? [...leg('far'), ...arm('far'), ...torso, ...leg('near'), ...arm('near')]
    : [...leg('far'), ...leg('near'), ...torso, ...arm('far'), ...arm('near')];
}

/** A chin and nose tell lying on the back from lying on the belly. */
function face(
  capsule: (part: FigurePart, layer: Capsule['layer'], from: Point, to: Point) => Capsule,
  chest: Point,
  head: Point,
  h: number,
): Capsule {
  const length = Math.hypot(head.x - chest.x, head.y - chest.y) || 1;
  const [x, y] = [(head.y - chest.y) / length, -(head.x - chest.x) / length];
  const at = (by: number, down: number): Point => ({
    x: head.x + (x * by + y * down) * h,
    y: head.y + (y * by - x * down) * h,
  });
  return { ...capsule('head', 'middle', at(0.02, 0.012), at(0.058, 0.016)), fromRadius: 0.04 * h, toRadius: 0.011 * h };
}

/** The point in front of the face, seen from above. */
function ahead(near: Point, far: Point, head: Point, by: number): Point {
  const width = Math.hypot(far.x - near.x, far.y - near.y) || 1;
  return { x: head.x + ((far.y - near.y) / width) * by, y: head.y - ((far.x - near.x) / width) * by };
}

/** The flank of the front view runs up inside the shoulder joint. */
function inward(shoulder: Point, chest: Point): Point {
  return { x: shoulder.x + (chest.x - shoulder.x) * 0.45, y: shoulder.y + (chest.y - shoulder.y) * 0.45 };
}

/** Moves a point of the sole towards the ankle so that the drawn foot stands on the ground. */
function lifted(point: Point, towards: Point, by: number): Point {
  const length = Math.hypot(towards.x - point.x, towards.y - point.y) || 1;
  return { x: point.x + ((towards.x - point.x) / length) * by, y: point.y + ((towards.y - point.y) / length) * by };
}

/**
 * Outline of a capsule as an SVG path, y turned downwards, coordinates times `scale`.
 *
 * @example capsulePath({ part: 'head', layer: 'middle', from: { x: 0, y: 0 }, to: { x: 0, y: 0 }, fromRadius: 1, toRadius: 1 }, 1)
 * // 'M-1 0A1 1 0 1 1 1 0A1 1 0 1 1 -1 0Z'
 */
export function capsulePath({ from, to, fromRadius, toRadius }: Capsule, scale: number): string {
  const n = (value: number) => String(Math.round(value * scale * 100) / 100 || 0);
  const distance = Math.hypot(to.x - from.x, to.y - from.y);
  if (distance <= Math.abs(fromRadius - toRadius)) {
    const [c, r] = fromRadius >= toRadius ? [from, fromRadius] : [to, toRadius];
    const [left, right, y] = [n(c.x - r), n(c.x + r), n(-c.y)];
    return `M${left} ${y}A${n(r)} ${n(r)} 0 1 1 ${right} ${y}A${n(r)} ${n(r)} 0 1 1 ${left} ${y}Z`;
  }
  const axis = Math.atan2(to.y - from.y, to.x - from.x);
  const spread = Math.acos((fromRadius - toRadius) / distance);
  const on = (c: Point, r: number, angle: number) =>
    `${n(c.x + r * Math.cos(angle))} ${n(-(c.y + r * Math.sin(angle)))}`;
  const arc = (r: number, large: boolean, end: string) => `A${n(r)} ${n(r)} 0 ${large ? 1 : 0} 1 ${end}`;
  return [
    `M${on(from, fromRadius, axis + spread)}`,
    `L${on(to, toRadius, axis + spread)}`,
    arc(toRadius, spread > Math.PI / 2, on(to, toRadius, axis - spread)),
    `L${on(from, fromRadius, axis - spread)}`,
    arc(fromRadius, spread < Math.PI / 2, on(from, fromRadius, axis + spread)),
    'Z',
  ].join('');
}

/** Box round the drawn body, metres. */
export interface Extent {
  minX: number;
  maxX: number;
  minY: number;
  maxY: number;
}

/** Box round everything drawn, metres. */
export function extentOf(capsules: readonly Capsule[]): Extent {
  const ends = capsules.flatMap((c) => [
    { p: c.from, r: c.fromRadius },
    { p: c.to, r: c.toRadius },
  ]);
  return {
    minX: Math.min(...ends.map(({ p, r }) => p.x - r)),
    maxX: Math.max(...ends.map(({ p, r }) => p.x + r)),
    minY: Math.min(...ends.map(({ p, r }) => p.y - r)),
    maxY: Math.max(...ends.map(({ p, r }) => p.y + r)),
  };
}
