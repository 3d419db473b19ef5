import { type Capsule, type Extent, extentOf, type FigurePart, figureOf } from '@tropaeum/core/body/figure';
import { placedLines } from '@tropaeum/core/body/line';
import { placedBetween, placedKeyframes } from '@tropaeum/core/body/motion';
import { type PlacedBody, touchPoint } from '@tropaeum/core/body/placing';
import { type AthleteSize, scaledBody } from '@tropaeum/core/body/segments';
import type { Point } from '@tropaeum/core/body/skeleton';
import { variantById } from '@tropaeum/core/exercise/library';
import type { Variant } from '@tropaeum/core/exercise/variant';
import type { Joint } from '@tropaeum/core/exercise/vocabulary';

/** One drawn moment of a movement. */
export interface FigureFrame {
  capsules: Capsule[];
  /** Things one rests on: boxes under contacts. */
  boxes: { x: number; width: number; height: number }[];
  bar?: Point;
  wallX?: number;
  weights: Point[];
  line?: { from: Point; to: Point };
}

export interface FigureFilm {
  frames: FigureFrame[];
  /** Frame shown when standing still. */
  still: number;
  extent: Extent;
  tinted: ReadonlySet<FigurePart>;
}

const stepsBetween = 7;

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

function frameOf(body: PlacedBody, variant: Variant, loaded: boolean): FigureFrame {
  const { skeleton, touches } = body;
  const raised = touches.filter((t) => t.contact.heightM > 0 && t.contact.surface !== 'bar');
  const hung = touches.find((t) => t.contact.surface === 'bar');
  const place = variant.load?.source === 'weight' && loaded ? variant.load.place : undefined;
  const weights =
    place === 'hands'
      ? [skeleton.far.hand, skeleton.near.hand]
      : place === 'near-hand'
        ? [skeleton.near.hand]
        : place
          ? [{ x: skeleton.chest.x + 0.1, y: skeleton.chest.y - 0.12 }]
          : [];
  const [line] = variant.line ? placedLines(body, variant.line) : [];
  return {
    capsules: figureOf(body),
    boxes: raised.map((t) => ({
      x: touchPoint(skeleton, t).x,
      width: t.contact.part === 'forearms' ? 0.4 : 0.3,
      height: t.contact.heightM,
    })),
    ...(hung ? { bar: touchPoint(skeleton, hung) } : {}),
    ...(body.wallX === undefined ? {} : { wallX: body.wallX }),
    weights,
    ...(line ? { line } : {}),
  };
}

function filmOf(variant: Variant, size: AthleteSize, loaded: boolean): FigureFilm {
  const keys = placedKeyframes(variant, scaledBody(size));
  const bodies = keys.flatMap((key, k) => {
    const next = keys[k + 1];
    return next ? Array.from({ length: stepsBetween }, (_, s) => placedBetween(key, next, s / stepsBetween)) : [key];
  });
  const frames = bodies.map((b) => frameOf(b, variant, loaded));
  const extents = frames.map((f) => extentOf(f.capsules));
  return {
    frames,
    still: Math.min(stepsBetween, frames.length - 1),
    extent: {
      minX: Math.min(...extents.map((e) => e.minX), ...frames.flatMap((f) => f.boxes.map((b) => b.x - b.width / 2))),
      maxX: Math.max(...extents.map((e) => e.maxX), ...frames.flatMap((f) => f.boxes.map((b) => b.x + b.width / 2))),
      minY: 0,
      maxY: Math.max(...extents.map((e) => e.maxY)),
    },
    tinted: new Set(partsOf[variant.jointActions[0]?.joint ?? 'trunk']),
  };
}

const films = new Map<string, FigureFilm>();

/** The film of a variant for a body, made once. Undefined for a variant that is not in the library. */
export function figureFilm(variantId: string, size: AthleteSize, loaded: boolean): FigureFilm | undefined {
  const variant = variantById(variantId);
  if (!variant) return undefined;
  const key = `${variantId}|${Math.round(size.heightCm / 5)}|${loaded}`;
  const known = films.get(key) ?? filmOf(variant, size, loaded);
  films.set(key, known);
  return known;
}
