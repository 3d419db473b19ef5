import { type ContactPart, contactHalfLength } from './contact';
import { leastStep } from './linear';
import type { OutsideForce } from './outside';
import { type PlacedBody, standingParts, type Touch, touchPoint } from './placing';
import type { Point } from './skeleton';
import { segmentWeights, weightedCentre } from './weights';

export interface Reaction {
  /** Name of the part: hands, feet, knees, back ... */
  contact: string;
  touch: Touch;
  at: Point;
  forceN: Point;
  /** Moment that the contact area itself takes up, N m. */
  momentNm: number;
}

/** Contacts of both sides in one place are one name; apart they are told by "front" and "rear". */
/** Names that a coach would use: whatever part of the foot it is, it is the feet. */
const spokenNames: Partial<Record<ContactPart, string>> = {
  toes: 'feet',
  heels: 'feet',
  insteps: 'feet',
  grip: 'hands',
  elbows: 'forearms',
};

function contactNames(touches: readonly Touch[], at: readonly Point[], apartM: number): string[] {
  return touches.map((touch, i) => {
    const twin = touches.findIndex((t) => t.contact.part === touch.contact.part && t.side !== touch.side);
    const name = spokenNames[touch.contact.part] ?? touch.contact.part;
    if (twin < 0) return name;
    const distance = (at[i] as Point).x - (at[twin] as Point).x;
    if (Math.abs(distance) < apartM) return name;
    return `${distance > 0 ? 'front' : 'rear'} ${name}`;
  });
}

/** How readily a contact takes force along its line, across it, and as a moment of its own: the last only when nothing else can. */
const alongFreedom = 1;
const acrossFreedom = 0.02;
const footFrictionFreedom = 1;
/** A head that rests carries little more than itself. */
const headFreedom = 0.05;
/** Friction on a wall hangs on its pressure, so the pressure comes first. */
const wallFrictionFreedom = 0.05;
const momentFreedom = 1e-6;
/** Lines steeper than this from the surface's normal would slip; tangent of the angle, dry skin or rubber on a household floor, common practice, no source. */
const frictionTangent = 0.7;

const armParts = new Set<ContactPart>(['hands', 'forearms', 'elbows', 'grip']);

/** Direction of a contact's force, how readily it takes force along it, and across it. */
interface SupportLine {
  along: Point;
  across: number;
  readily?: number;
}

/**
 * The line that a contact's force is taken to run along where equilibrium alone does not decide it, and how readily it leaves that line.
 * Arms push and pull along the line to their shoulder, which spares the shoulder; who stands on feet alone pushes towards the centre
 * of mass, as in walking and cutting (Maus and others 2010); everything else presses straight onto its surface.
 */
function lineOf(touch: Touch, at: Point, placedBody: PlacedBody, centre: Point): SupportLine {
  const { skeleton, touches, view } = placedBody;
  const { part, surface, held } = touch.contact;
  if (view === 'above') return { along: { x: 0, y: 1 }, across: alongFreedom };
  if (surface === 'wall') return { along: { x: -Math.sign(placedBody.wallX ?? 1), y: 0 }, across: wallFrictionFreedom };
  if (armParts.has(part)) {
    const { shoulder } = skeleton[touch.side];
    return { along: tilted(at, shoulder, held), across: acrossFreedom };
  }
  if (part === 'head') return { along: { x: 0, y: 1 }, across: acrossFreedom, readily: headFreedom };
  const feetAlone = touches.every((t) => standingParts.has(t.contact.part) && t.contact.surface !== 'wall');
  if (feetAlone) return { along: tilted(at, centre, false), across: footFrictionFreedom };
  return { along: { x: 0, y: 1 }, across: footFrictionFreedom };
}

/** Unit vector from a contact towards a point, no farther from upright than friction holds; held contacts need no friction. */
function tilted(from: Point, towards: Point, held: boolean): Point {
  const [dx, dy] = [towards.x - from.x, towards.y - from.y];
  if (held && dy < 0) return unit({ x: dx, y: dy });
  if (dy <= 0) return { x: 0, y: 1 };
  const slope = held ? dx / dy : Math.max(-frictionTangent, Math.min(frictionTangent, dx / dy));
  return unit({ x: slope, y: 1 });
}

function unit({ x, y }: Point): Point {
  const length = Math.hypot(x, y) || 1;
  return { x: x / length, y: y / length };
}

/**
 * Support reactions that balance the acting forces. Floors push, walls push sideways, held contacts pull too.
 * Where more supports than equations act, the smallest set of forces in the sense of squares is taken along the lines of `lineOf`,
 * pressure staying in the middle of each contact: equal contacts then share equally. Seen from above the feet hold by friction alone.
 */
export function supportReactions(
  placedBody: PlacedBody,
  acting: readonly OutsideForce[],
): { reactions: Reaction[]; tipM: number } {
  const { skeleton, touches, body, view } = placedBody;
  if (touches.length === 0) return { reactions: [], tipM: 0 };
  const points = touches.map((t) => touchPoint(skeleton, t));
  const about = points[0] as Point;
  const target = [
    -acting.reduce((s, f) => s + f.forceN.x, 0),
    -acting.reduce((s, f) => s + f.forceN.y, 0),
    -acting.reduce((s, f) => s + cross(f.at, about, f.forceN) + f.momentNm, 0),
  ];
  const centre = weightedCentre(segmentWeights(body, skeleton));
  const lines = touches.map((t, i) => lineOf(t, points[i] as Point, placedBody, centre));
  let active = touches.map((_, i) => i);
  let forces: SupportForce[] = [];
  for (;;) {
    forces = shared(
      active.map((i) => ({ at: points[i] as Point, ...(lines[i] as SupportLine) })),
      about,
      target,
    );
    const lifting = active
      .map((i, k) => ({ i, push: pushOf(touches[i] as Touch, placedBody, (forces[k] as SupportForce).forceN) }))
      .filter(({ i, push }) => view !== 'above' && !(touches[i] as Touch).contact.held && push < -1e-9)
      .sort((a, b) => a.push - b.push)[0];
    if (!lifting || active.length === 1) break;
    active = active.filter((i) => i !== lifting.i);
  }
  const names = contactNames(touches, points, 0.1 * body.heightM);
  const lengthShare = view === 'front' ? 0.6 : 1;
  let tipM = 0;
  const reactions = active.map((i, k) => {
    const touch = touches[i] as Touch;
    const { forceN, momentNm } = forces[k] as SupportForce;
    const half = contactHalfLength[touch.contact.part] * body.heightM * lengthShare;
    const size = Math.hypot(forceN.x, forceN.y);
    if (view !== 'above' && !touch.contact.held && size > 1) tipM = Math.max(tipM, Math.abs(momentNm) / size - half);
    return { contact: names[i] as string, touch, at: points[i] as Point, forceN, momentNm };
  });
  return { reactions, tipM: Math.max(0, tipM) };
}

function pushOf(touch: Touch, { wallX }: PlacedBody, { x, y }: Point): number {
  return touch.contact.surface === 'wall' ? -Math.sign(wallX ?? 1) * x : y;
}

export const cross = (at: Point, about: Point, f: Point) => (at.x - about.x) * f.y - (at.y - about.y) * f.x;

interface SupportForce {
  forceN: Point;
  momentNm: number;
}

/** Least forces along and across each support's line that give the wanted sum of forces and moments. */
function shared(
  supports: readonly (SupportLine & { at: Point })[],
  about: Point,
  target: readonly number[],
): SupportForce[] {
  const rows: number[][] = [[], [], []];
  for (const { at, along } of supports) {
    const side = { x: along.y, y: -along.x };
    for (const direction of [along, side]) {
      rows[0]?.push(direction.x);
      rows[1]?.push(direction.y);
      rows[2]?.push(cross(at, about, direction));
    }
    rows[0]?.push(0);
    rows[1]?.push(0);
    rows[2]?.push(1);
  }
  const freedom = supports.flatMap(({ across, readily = alongFreedom }) => [readily, across, momentFreedom]);
  const found = refined(rows, target, freedom);
  return supports.map(({ along }, k) => {
    const [a, b, momentNm] = found.slice(3 * k, 3 * k + 3) as [number, number, number];
    return { forceN: { x: a * along.x + b * along.y, y: a * along.y - b * along.x }, momentNm };
  });
}

/** One step of iterative refinement brings the equilibrium residual down to rounding error. */
function refined(rows: readonly number[][], target: readonly number[], freedom: readonly number[]): number[] {
  const first = leastStep(rows, target, freedom, 0);
  const left = target.map((t, i) => t - (rows[i] as number[]).reduce((s, a, k) => s + a * (first[k] as number), 0));
  const correction = leastStep(rows, left, freedom, 0);
  return first.map((f, k) => f + (correction[k] as number));
}
