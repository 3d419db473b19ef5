import type { Extent, FigurePart } from '@tropaeum/core/body/figure';
import { type LoadedJoint, loadedJoints } from '@tropaeum/core/body/loaded-joints';
import type { MomentName } from '@tropaeum/core/body/moment-names';
import type { Keyframe } from '@tropaeum/core/body/motion';
import type { PlacedBody } from '@tropaeum/core/body/placing';
import { type AthleteSize, type ScaledBody, scaledBody } from '@tropaeum/core/body/segments';
import { typicalMoment } from '@tropaeum/core/body/typical-strength';
import type { Tempo } from '@tropaeum/core/dose/dose';
import { variantById } from '@tropaeum/core/exercise/library/library';
import { faultFrame } from '@tropaeum/core/exercise/mechanics/fault-pose';
import type { Loading } from '@tropaeum/core/exercise/mechanics/loading';
import { momentsOverRange } from '@tropaeum/core/exercise/mechanics/moments';
import { type Pace, paceOf } from '@tropaeum/core/exercise/mechanics/pacing';
import { keptOf, placedAlong, placedVariant } from '@tropaeum/core/exercise/mechanics/placed';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { drawingOf, extentOfFrames, type FigureFrame, furnished, type Ring, workedParts } from './drawing';

/** One picture: what is drawn, the box it needs, what is tinted. */
export interface FigurePicture {
  frame: FigureFrame;
  extent: Extent;
  tinted: ReadonlySet<FigurePart>;
}

export interface FigureFilm {
  frames: FigureFrame[];
  /** Frames from one keyframe to the next. */
  steps: number;
  extent: Extent;
  tinted: ReadonlySet<FigurePart>;
  variant: Variant;
  body: ScaledBody;
}

const stepsBetween = 7;

/** Sizes to the next five centimetres look alike and share their films. */
function rounded(size: AthleteSize): AthleteSize {
  return { ...size, heightCm: Math.round(size.heightCm / 5) * 5, massKg: 70 };
}

function filmOf(variant: Variant, body: ScaledBody, loaded: boolean): FigureFilm {
  const keys = placedVariant(variant, body);
  const bodies = placedAlong(variant, body, stepsBetween, true);
  const drawn = (placed: readonly PlacedBody[]) => placed.map((b) => drawingOf(b, variant, loaded));
  const frames = furnished(drawn(bodies), drawn(keys));
  return { frames, steps: stepsBetween, extent: extentOfFrames(frames), tinted: workedParts(variant), variant, body };
}

/** Poses of an exercise where somebody does it otherwise than the library has it. */
export type OwnPoses = readonly Keyframe[] | undefined;

/** Variants with other poses; the same poses give the same one, so that it is placed once. */
const reposed = new Map<string, Variant>();

function shownVariant(id: string, poses: OwnPoses): Variant | undefined {
  const variant = variantById(id);
  if (!variant || !poses) return variant;
  const key = `${id}|${JSON.stringify(poses)}`;
  const known = reposed.get(key) ?? { ...variant, keyframes: poses };
  reposed.set(key, known);
  return known;
}

const films = new WeakMap<Variant, Map<string, FigureFilm>>();
const pictures = new WeakMap<Variant, Map<string, FigurePicture>>();

const keyOf = ({ heightCm, sex }: AthleteSize, loaded: boolean) => `${heightCm}|${sex ?? ''}|${loaded}`;

/** The film of a variant for a body, made once. Undefined for a variant that is not in the library. */
export function figureFilm(
  variantId: string,
  size: AthleteSize,
  loaded: boolean,
  poses?: OwnPoses,
): FigureFilm | undefined {
  const variant = shownVariant(variantId, poses);
  if (!variant) return undefined;
  const near = rounded(size);
  return keptOf(films, variant, keyOf(near, loaded), () => filmOf(variant, scaledBody(near), loaded));
}

const faintest = 0.05;

/** The same film with the joints drawn as large as they work, of a typical most for this mass. */
export function weighedFilm(film: FigureFilm, loading: Loading): FigureFilm {
  const { variant, body } = film;
  const range = momentsOverRange(variant, body, loading, film.steps);
  const frames = film.frames.map((frame, i) => {
    const moments = range[i]?.moments;
    if (!moments) return frame;
    const rings = loadedJoints.map((joint): Ring => {
      const share = Math.max(...momentsAt[joint].map((name) => moments[name] / (typicalMoment[name] * body.massKg)));
      return { at: frame.joints[joint], share: share < faintest ? 0 : share };
    });
    return { ...frame, rings };
  });
  return { ...film, frames, tinted: new Set() };
}

/** The moments that are felt at a joint of the drawing. */
const momentsAt: Record<LoadedJoint, readonly MomentName[]> = {
  neck: ['neck'],
  shoulder: ['shoulder', 'shoulder-turn'],
  elbow: ['elbow'],
  wrist: ['wrist', 'grip'],
  trunk: ['trunk', 'trunk-side', 'trunk-twist'],
  hip: ['hip', 'hip-side'],
  knee: ['knee'],
  ankle: ['ankle'],
};

/** One still picture of a variant: its second keyframe in the box of all of them. A grid of these is cheap. */
export function figureStill(
  variantId: string,
  size: AthleteSize,
  loaded: boolean,
  poses?: OwnPoses,
): FigurePicture | undefined {
  const variant = shownVariant(variantId, poses);
  if (!variant || variant.keyframes.length === 0) return undefined;
  const near = rounded(size);
  return keptOf(pictures, variant, keyOf(near, loaded), () => {
    const frames = furnished(placedVariant(variant, scaledBody(near)).map((b) => drawingOf(b, variant, loaded)));
    const frame = (frames[1] ?? frames[0]) as FigureFrame;
    return { frame, extent: extentOfFrames(frames), tinted: workedParts(variant) };
  });
}

/** A fault beside the right form, both in the same box; undefined when the fault is not posed. */
export function faultPictures(
  variant: Variant,
  fault: number,
  size: AthleteSize,
): { right: FigurePicture; wrong: FigurePicture } | undefined {
  const shown = variant.faults[fault]?.shown;
  if (!shown) return undefined;
  const body = scaledBody(rounded(size));
  const named = variant.keyframes.findIndex((k) => k.name === shown.at);
  const placed = placedVariant(variant, body);
  const form = placed[named < 0 ? placed.length - 1 : named];
  if (!form) return undefined;
  const [right, wrong] = furnished(
    [form, faultFrame(variant, shown, body)].map((b) => drawingOf(b, variant, false)),
  ) as [FigureFrame, FigureFrame];
  const extent = extentOfFrames([right, wrong]);
  const tinted = workedParts(variant);
  return { right: { frame: right, extent, tinted }, wrong: { frame: wrong, extent, tinted } };
}

/** When the film's keyframes are reached at a tempo. */
export function filmPace(film: FigureFilm, tempo?: Tempo): Pace {
  return paceOf(film.variant, placedVariant(film.variant, film.body), tempo);
}
