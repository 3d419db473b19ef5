import { type Capsule, type Extent, extentOf, type FigurePart, figureOf } from '@tropaeum/core/body/figure';
import { type PlacedLine, placedLines } from '@tropaeum/core/body/line';
import { type LoadedJoint, loadedJoints } from '@tropaeum/core/body/loaded-joints';
import type { PlacedBody } from '@tropaeum/core/body/placing';
import { touchPoint } from '@tropaeum/core/body/placing-residuals';
import type { View } from '@tropaeum/core/body/pose';
import { jointPoint, lerp, type Point } from '@tropaeum/core/body/skeleton';
import type { Prop, Variant } from '@tropaeum/core/exercise/model/variant';
import type { Joint, KitKind } from '@tropaeum/core/exercise/model/vocabulary';

/** A thing one stands, lies or leans on. */
export interface Support {
  /** `hold` is what the feet are hooked under. */
  kind: 'box' | 'seat' | 'round' | 'soft' | 'cloth' | 'hold';
  x: number;
  width: number;
  height: number;
  /** Goes with the body instead of standing in the room. */
  travels: boolean;
}

/** A thing that is held or worn. */
export interface Held {
  shape: 'weight' | 'bag' | 'bar' | 'ball' | 'wheel' | 'racket' | 'rope' | 'cushion' | 'rag';
  at: Point;
  /** The other end, of long things. */
  to?: Point;
}

/** One drawn moment of a movement. */
export interface FigureFrame {
  view: View;
  capsules: Capsule[];
  supports: Support[];
  held: Held[];
  lines: { from: Point; to: Point }[];
  /** Where a hand presses against the body: an arrow up to the point. */
  presses: { from: Point; to: Point }[];
  bar?: Point;
  wallX?: number;
  /** Where the near joints are. */
  joints: Record<LoadedJoint, Point>;
  /** How hard joints work, share of a typical most; drawn as discs when asked for. */
  rings?: readonly Ring[];
}

export interface Ring {
  at: Point;
  share: number;
}

const partsOf: Record<Joint, FigurePart[]> = {
  neck: ['neck'],
  shoulder: ['upperArm'],
  scapula: ['chest'],
  elbow: ['upperArm'],
  wrist: ['forearm'],
  trunk: ['pelvis', 'chest'],
  hip: ['thigh'],
  knee: ['thigh'],
  ankle: ['shank'],
};

/** The parts that a variant works, tinted. */
export const workedParts = (variant: Variant): ReadonlySet<FigurePart> =>
  new Set(partsOf[variant.jointActions[0]?.joint ?? 'trunk']);

const seats = new Set(['chair', 'sofa', 'table', 'worktop']);

function supportsOf(body: PlacedBody, variant: Variant): Support[] {
  const { skeleton, touches } = body;
  return touches.flatMap((touch): Support[] => {
    const { contact } = touch;
    const { x, y } = touchPoint(skeleton, touch);
    const height = contact.heightM;
    const wide = contact.part === 'forearms' || contact.part === 'back' || contact.part === 'chest' ? 0.42 : 0.32;
    if (contact.surface === 'bar' || contact.surface === 'wall') return [];
    if (contact.surface === 'ball' || contact.surface === 'roller')
      return [{ kind: 'round', x, width: height, height, travels: true }];
    if (contact.surface === 'cushion' && variant.prop !== 'wheel')
      return [{ kind: 'soft', x, width: 0.36, height, travels: false }];
    if (contact.held) return [{ kind: 'hold', x: x - 0.03, width: 0.26, height: y + 0.09, travels: false }];
    if (contact.slides && variant.prop === 'towel')
      return [{ kind: 'cloth', x, width: 0.34, height: 0.02, travels: true }];
    if (height > 0 && contact.surface !== 'cushion') {
      const kind = seats.has(contact.surface) ? 'seat' : 'box';
      return [{ kind, x, width: contact.surface === 'book' ? 0.16 : wide, height, travels: contact.slides }];
    }
    return [];
  });
}

/** Two things of one kind and height that overlap or nearly so are one: a sofa under chest and hips. */
const nearlyM = 0.3;

/** What stands in the room through the whole movement: a box to jump on is there before it is jumped on. */
export function standingThings(frames: readonly FigureFrame[]): Support[] {
  const things: Support[] = [];
  for (const thing of frames.flatMap((f) => f.supports).filter((s) => !s.travels)) {
    const edges = (s: Support) => [s.x - s.width / 2, s.x + s.width / 2] as const;
    const at = things.findIndex((other) => {
      const [[a, b], [c, d]] = [edges(thing), edges(other)];
      return (
        other.kind === thing.kind && Math.abs(other.height - thing.height) < 0.05 && a < d + nearlyM && c < b + nearlyM
      );
    });
    const other = things[at];
    if (!other) things.push(thing);
    else {
      const [left, right] = [Math.min(edges(thing)[0], edges(other)[0]), Math.max(edges(thing)[1], edges(other)[1])];
      things[at] = { ...other, x: (left + right) / 2, width: right - left };
    }
  }
  return things;
}

/** The same frames with everything that stands in the room drawn in each. */
export function furnished(frames: readonly FigureFrame[], keyFrames: readonly FigureFrame[] = frames): FigureFrame[] {
  const things = standingThings(keyFrames);
  return frames.map((f) => ({ ...f, supports: [...things, ...f.supports.filter((s) => s.travels)] }));
}

const bags = new Set<KitKind>(['rucksack', 'holdall', 'canister', 'paint-tin']);
const middle = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
const beyond = (from: Point, to: Point, by: number): Point => {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return { x: to.x + ((to.x - from.x) / length) * by, y: to.y + ((to.y - from.y) / length) * by };
};

function propOf({ skeleton }: PlacedBody, prop: Prop): Held[] {
  const { near, far } = skeleton;
  const hands = middle(near.hand, far.hand);
  switch (prop) {
    case 'ball':
      return [{ shape: 'ball', at: hands }];
    case 'stick':
    case 'bar':
      return [{ shape: 'bar', at: beyond(far.hand, near.hand, 0.22), to: beyond(near.hand, far.hand, 0.22) }];
    case 'paddle':
      return [{ shape: 'bar', at: beyond(far.hand, near.hand, 0.5), to: beyond(near.hand, far.hand, 0.5) }];
    case 'racket':
      return [{ shape: 'racket', at: near.hand, to: beyond(near.elbow, near.hand, 0.5) }];
    case 'wheel':
      return [{ shape: 'wheel', at: { x: hands.x, y: 0.1 } }];
    case 'rag':
      return [{ shape: 'rag', at: beyond(far.hand, near.hand, 0.12), to: beyond(near.hand, far.hand, 0.12) }];
    case 'rope':
      return [{ shape: 'rope', at: near.hand }];
    case 'rucksack':
      return [{ shape: 'bag', at: behind(skeleton.chest, skeleton.waist) }];
    case 'cushion':
      return near.knee.y > 0.2 ? [{ shape: 'cushion', at: middle(near.knee, far.knee) }] : [];
    default:
      return [];
  }
}

/** So far behind the back, metres, and so far down from the shoulders as a share of the way to the waist. */
function behind(chest: Point, waist: Point, byM = 0.16, down = 0.3): Point {
  const length = Math.hypot(chest.x - waist.x, chest.y - waist.y) || 1;
  const back = { x: -(chest.y - waist.y) / length, y: (chest.x - waist.x) / length };
  const at = lerp(chest, waist, down);
  return { x: at.x + back.x * byM, y: at.y + back.y * byM };
}

function weightsOf(body: PlacedBody, variant: Variant): Held[] {
  const { load } = variant;
  if (load?.source !== 'weight') return [];
  const { skeleton } = body;
  const bag = variant.needs.kit.some((any) => any[0] !== undefined && bags.has(any[0]));
  const shape = bag ? 'bag' : 'weight';
  switch (load.place) {
    case 'hands':
      return load.hands === 1 || bag
        ? [{ shape, at: middle(skeleton.near.hand, skeleton.far.hand) }]
        : [
            { shape, at: skeleton.far.hand },
            { shape, at: skeleton.near.hand },
          ];
    case 'near-hand':
      return [{ shape, at: skeleton.near.hand }];
    case 'far-hand':
      return [{ shape, at: skeleton.far.hand }];
    case 'back':
      // A bar is seen end on: its plates, across the upper back.
      if (variant.prop === 'bar') return [{ shape, at: behind(skeleton.chest, skeleton.waist, 0.09, 0) }];
      return variant.prop === 'rucksack' ? [] : [{ shape: 'bag', at: behind(skeleton.chest, skeleton.waist) }];
    case 'ankles':
      return [skeleton.far, skeleton.near].map(({ ankle }) => ({ shape, at: ankle }));
    case 'hips':
      return [{ shape, at: { x: skeleton.pelvis.x, y: skeleton.pelvis.y + 0.1 } }];
    default:
      return [{ shape, at: middle(skeleton.near.hand, skeleton.chest) }];
  }
}

const arrowM = 0.2;
const skinM = 0.06;

/** The arrow of a resisting hand: along its force, up to the skin. */
function pressOf({ from, to }: PlacedLine, resist: number): { from: Point; to: Point } {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [x, y] = [(Math.sign(resist) * (to.x - from.x)) / length, (Math.sign(resist) * (to.y - from.y)) / length];
  return {
    from: { x: from.x - x * (skinM + arrowM), y: from.y - y * (skinM + arrowM) },
    to: { x: from.x - x * skinM, y: from.y - y * skinM },
  };
}

/** Everything drawn of a placed body: figure, what it stands on, what it holds, what pulls at it. */
export function drawingOf(body: PlacedBody, variant: Variant, loaded: boolean): FigureFrame {
  const hung = body.touches.find((t) => t.contact.surface === 'bar');
  const lines = variant.line ? placedLines(body, variant.line) : [];
  const rope = variant.line?.resist === undefined || variant.prop === 'strap';
  return {
    view: body.view,
    capsules: figureOf(body),
    supports: supportsOf(body, variant),
    held: [...(loaded ? weightsOf(body, variant) : []), ...(variant.prop ? propOf(body, variant.prop) : [])],
    lines: rope ? lines.map(({ from, to }) => ({ from, to })) : [],
    presses: rope ? [] : lines.map((line) => pressOf(line, variant.line?.resist ?? 0)),
    joints: Object.fromEntries(
      loadedJoints.map((j) => [j, jointPoint(body.skeleton, 'near', j)]),
    ) as FigureFrame['joints'],
    ...(hung ? { bar: touchPoint(body.skeleton, hung) } : {}),
    ...(body.wallX === undefined ? {} : { wallX: body.wallX }),
  };
}

/** How far a held thing reaches beyond its middle, metres. */
const reachOf: Partial<Record<Held['shape'], number>> = { racket: 0.13, rope: 0.45, bag: 0.16, bar: 0.02 };

/** Box round everything that moves or stands in a set of frames, metres; bands may run out of it. */
export function extentOfFrames(frames: readonly FigureFrame[]): Extent {
  const extents = frames.map((f) => extentOf(f.capsules));
  const sides = frames.flatMap((f) => f.supports.flatMap((s) => [s.x - s.width / 2, s.x + s.width / 2]));
  const walls = frames.flatMap((f) => (f.wallX === undefined ? [] : [f.wallX - 0.02, f.wallX + 0.02]));
  const boxes = frames.flatMap((f) => [
    ...f.held.flatMap((h) => [h.at, ...(h.to ? [h.to] : [])].map((p) => ({ p, r: reachOf[h.shape] ?? 0.12 }))),
    ...f.presses.flatMap(({ from, to }) => [from, to].map((p) => ({ p, r: 0.04 }))),
  ]);
  const above = frames[0]?.view === 'above';
  return {
    minX: Math.min(...extents.map((e) => e.minX), ...sides, ...walls, ...boxes.map(({ p, r }) => p.x - r)),
    maxX: Math.max(...extents.map((e) => e.maxX), ...sides, ...walls, ...boxes.map(({ p, r }) => p.x + r)),
    minY: above ? Math.min(...extents.map((e) => e.minY), ...boxes.map(({ p, r }) => p.y - r)) : 0,
    maxY: Math.max(...extents.map((e) => e.maxY), ...boxes.map(({ p, r }) => p.y + r)),
  };
}
