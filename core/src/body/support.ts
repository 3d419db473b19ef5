import { type ContactPart, contactHalfLength, type Touch } from './contact';
import type { OutsideForce } from './external-forces';
import type { PlacedBody } from './placing';
import { pressurePoint } from './placing-residuals';
import { lerp, type Point, type Skeleton } from './skeleton';
import { typicalMoment } from './typical-strength';

export interface Reaction {
  /** Name of the part: hands, feet, knees, back ... */
  contact: string;
  touch: Touch;
  at: Point;
  forceN: Point;
  /** Moment that the contact area itself takes up, N m. */
  momentNm: number;
}

/** Names that a coach would use: whatever part of the foot it is, it is the feet. */
const spokenNames: Partial<Record<ContactPart, string>> = {
  toes: 'feet',
  heels: 'feet',
  insteps: 'feet',
  grip: 'hands',
  fingertips: 'hands',
  palms: 'hands',
  elbows: 'forearms',
};

const spoken = ({ contact }: Touch): string => spokenNames[contact.part] ?? contact.part;

/** Contacts of both sides in one place are one name; apart they are told by "front" and "rear". */
function contactNames(touches: readonly Touch[], at: readonly Point[], apartM: number): string[] {
  return touches.map((touch, i) => {
    const name = spoken(touch);
    const twin = touches.findIndex((t) => spoken(t) === name && t.side !== touch.side);
    if (twin < 0) return name;
    const distance = (at[i] as Point).x - (at[twin] as Point).x;
    if (Math.abs(distance) < apartM) return name;
    return `${distance > 0 ? 'front' : 'rear'} ${name}`;
  });
}

/** How readily a contact takes force along its line, across it, and as a moment of its own: the last only when nothing else can. */
const alongFreedom = 1;
const acrossFreedom = 0.04;
/** Legs push part of the way towards the centre of mass: shear of a seventh of body weight in a split stance; common practice, no source. */
const legAcrossFreedom = 0.2;
const footFrictionFreedom = 1;
/** Heels alone slide before a whole sole does. */
const heelFrictionFreedom = 0.05;
/** A head that rests carries little more than itself. */
const headFreedom = 0.05;
/** Friction on a wall hangs on its pressure, so the pressure comes first. */
const wallFrictionFreedom = 0.05;
const momentFreedom = 1e-6;
/** Lines steeper than this from the surface's normal would slip; tangent of the angle, dry skin or rubber on a household floor, common practice, no source. */
const frictionTangent = 0.7;

/** What a leg ends in: somebody who stands on these alone stands on the legs. */
const legParts = new Set<ContactPart>(['feet', 'toes', 'heels', 'insteps', 'knees']);
const armParts = new Set<ContactPart>(['hands', 'fingertips', 'palms', 'forearms', 'elbows', 'grip']);

const handParts = new Set<ContactPart>(['hands', 'fingertips', 'palms', 'grip']);

/** Direction of a contact's force, how readily it takes force along it, and across it. */
interface SupportLine {
  along: Point;
  across: number;
  readily?: number;
}

/**
 * The line that a contact's force is taken to run along where equilibrium alone does not decide it, and how readily it leaves that line.
 * Arms push and pull so that elbow and shoulder share the work; who stands on the legs alone pushes part of the way
 * towards the centre of mass, as in walking and cutting (Maus and others 2010); everything else presses straight onto its surface.
 */
function lineOf(touch: Touch, at: Point, placedBody: PlacedBody, centre: Point): SupportLine {
  const { skeleton, touches, view } = placedBody;
  const { part, surface, held } = touch.contact;
  if (view === 'above') return { along: { x: 0, y: 1 }, across: alongFreedom };
  if (surface === 'wall') return { along: { x: -Math.sign(placedBody.wallX ?? 1), y: 0 }, across: wallFrictionFreedom };
  if (armParts.has(part)) return { along: tilted(at, armTarget(touch, skeleton), held), across: acrossFreedom };
  if (part === 'head') return { along: { x: 0, y: 1 }, across: acrossFreedom, readily: headFreedom };
  const feetAlone = touches.every((t) => legParts.has(t.contact.part) && t.contact.surface !== 'wall');
  if (feetAlone) return { along: tilted(at, centre, false), across: legAcrossFreedom };
  return { along: { x: 0, y: 1 }, across: part === 'heels' ? heelFrictionFreedom : footFrictionFreedom };
}

/** A hand's force passes the elbow and the shoulder on opposite sides; between them it is nearer to the elbow by the weaker joint's part. */
const elbowPart = typicalMoment.elbow / (typicalMoment.elbow + typicalMoment.shoulder);

/**
 * Where the force of an arm on what it rests on or holds points: to the shoulder from elbow and forearm; from the hand between elbow and shoulder, so
 * that both work at the same fraction of what they can (the least largest effort: An 1984, Crowninshield and Brand 1981).
 */
function armTarget({ contact, side }: Touch, skeleton: Skeleton): Point {
  const { elbow, shoulder } = skeleton[side];
  if (!handParts.has(contact.part)) return shoulder;
  return lerp(elbow, shoulder, elbowPart);
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
  centre: Point,
): { reactions: Reaction[]; tipM: number } {
  const { skeleton, touches, body, view } = placedBody;
  if (touches.length === 0) return { reactions: [], tipM: 0 };
  const points = touches.map((t) => pressurePoint(skeleton, t));
  const about = points[0] as Point;
  const [sumX, sumY, sumM] = sumOf(acting, about);
  const target = [-sumX, -sumY, -sumM] as const;
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

/** Sum of forces, N, and of their moments about a point, N m. */
export function sumOf(forces: readonly OutsideForce[], about: Point): [x: number, y: number, momentNm: number] {
  let [x, y, m] = [0, 0, 0];
  for (const { at, forceN, momentNm } of forces) {
    x += forceN.x;
    y += forceN.y;
    m += cross(at, about, forceN) + momentNm;
  }
  return [x, y, m];
}

interface SupportForce {
  forceN: Point;
  momentNm: number;
}

/**
 * Least forces along and across each support's line, and moments, that give the wanted sums: the normal equations of three unknown
 * multipliers, solved directly and once refined, which brings the residual down to rounding error.
 */
function shared(
  supports: readonly (SupportLine & { at: Point })[],
  about: Point,
  target: readonly [number, number, number],
): SupportForce[] {
  const found = supports.map((): SupportForce => ({ forceN: { x: 0, y: 0 }, momentNm: 0 }));
  let [left, middle, right] = target;
  for (let pass = 0; pass < 2; pass++) {
    const gram = [0, 0, 0, 0, 0, 0] as [number, number, number, number, number, number];
    const add = (x: number, y: number, m: number, freedom: number) => {
      gram[0] += freedom * x * x;
      gram[1] += freedom * x * y;
      gram[2] += freedom * x * m;
      gram[3] += freedom * y * y;
      gram[4] += freedom * y * m;
      gram[5] += freedom * m * m;
    };
    for (const { at, along, across, readily = alongFreedom } of supports) {
      add(along.x, along.y, cross(at, about, along), readily);
      add(along.y, -along.x, cross(at, about, { x: along.y, y: -along.x }), across);
      gram[5] += momentFreedom;
    }
    const [u, v, w] = symmetricSolution(gram, left, middle, right);
    supports.forEach(({ at, along, across, readily = alongFreedom }, k) => {
      const side = { x: along.y, y: -along.x };
      const a = readily * (along.x * u + along.y * v + cross(at, about, along) * w);
      const b = across * (side.x * u + side.y * v + cross(at, about, side) * w);
      const force = found[k] as SupportForce;
      force.forceN = { x: force.forceN.x + a * along.x + b * side.x, y: force.forceN.y + a * along.y + b * side.y };
      force.momentNm += momentFreedom * w;
    });
    [left, middle, right] = target;
    supports.forEach(({ at }, k) => {
      const { forceN, momentNm } = found[k] as SupportForce;
      left -= forceN.x;
      middle -= forceN.y;
      right -= cross(at, about, forceN) + momentNm;
    });
  }
  return found;
}

/** Solves a symmetric system of three, its upper triangle given row by row. */
function symmetricSolution(
  [a, b, c, d, e, f]: readonly [number, number, number, number, number, number],
  x: number,
  y: number,
  z: number,
): [number, number, number] {
  const [A, B, C] = [d * f - e * e, c * e - b * f, b * e - c * d];
  const [D, E, F] = [a * f - c * c, b * c - a * e, a * d - b * b];
  const determinant = a * A + b * B + c * C;
  return [
    (A * x + B * y + C * z) / determinant,
    (B * x + D * y + E * z) / determinant,
    (C * x + E * y + F * z) / determinant,
  ];
}
