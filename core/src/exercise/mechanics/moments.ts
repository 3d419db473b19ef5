import { type MomentName, type Moments, momentNames } from '../../body/moment-names';
import type { ScaledBody } from '../../body/segments';
import type { Statics } from '../../body/statics';
import type { Variant } from '../model/variant';
import type { Joint, JointAction, Motion } from '../model/vocabulary';
import { type Loading, loadedStatics, loadingKey } from './loading';
import { placedForPeaks } from './peaks';
import { bodyKey, keptOf, placedAlong, placedVariant } from './placed';

/** What a moment is called in a sentence: "hardest on the ...". */
export const momentWords: Record<MomentName, string> = {
  neck: 'neck',
  shoulder: 'shoulder',
  elbow: 'elbow',
  wrist: 'wrist',
  trunk: 'trunk',
  hip: 'hip',
  knee: 'knee',
  ankle: 'ankle',
  'trunk-side': 'side of the trunk',
  'trunk-twist': 'turn of the trunk',
  'hip-side': 'side of the hip',
  'shoulder-turn': 'turn of the upper arm',
  grip: 'grip',
};

const acrossMotion: Partial<Record<Joint, Partial<Record<Motion, MomentName>>>> = {
  trunk: { 'lateral-flexion': 'trunk-side', rotation: 'trunk-twist' },
  hip: { abduction: 'hip-side', adduction: 'hip-side' },
  shoulder: { 'external-rotation': 'shoulder-turn', 'internal-rotation': 'shoulder-turn' },
  wrist: { grip: 'grip' },
};

/** The moment of the body model that a joint action answers; the shoulder blade is moved from the shoulder. */
export function momentOf({ joint, action }: JointAction): MomentName {
  return acrossMotion[joint]?.[action] ?? (joint === 'scapula' ? 'shoulder' : joint);
}

/**
 * Statics of every keyframe of a variant for a body, N and N m. A band without a known strength is taken as medium.
 *
 * @example staticsOf(pushUp, scaledBody({ heightCm: 175, massKg: 75 }))[0].momentsNm.elbow
 */
export function staticsOf(variant: Variant, body: ScaledBody, loading: Loading = {}): Statics[] {
  return loadedStatics(variant, placedVariant(variant, body), loading);
}

const kept = new WeakMap<Variant, Map<string, Moments>>();

/**
 * Largest moment of each kind over the whole way of a variant, N m, one limb: its keyframes, and between them wherever a joint works harder there.
 * Kept, since composing asks again and again.
 *
 * @example peakMoments(overheadPress, body, { loadKg: 40 }).shoulder // with the arm level, half-way up
 */
export function peakMoments(variant: Variant, body: ScaledBody, loading: Loading = {}): Moments {
  const key = `${bodyKey(body)}|${loadingKey(loading)}`;
  return keptOf(kept, variant, key, () => largestMoments(variant, body, loading));
}

function largestMoments(variant: Variant, body: ScaledBody, loading: Loading): Moments {
  const frames = loadedStatics(variant, placedForPeaks(variant, body), loading);
  return Object.fromEntries(momentNames.map((j) => [j, Math.max(...frames.map((f) => f.momentsNm[j]))])) as Moments;
}

/** Moments at one point of the way from the first keyframe to the last. */
export interface MomentsAt {
  /** Share of the way, 0 to 1. */
  share: number;
  moments: Moments;
}

/**
 * Joint moments along a repetition, N m, one limb: keyframes and `between` bodies between each two of them.
 *
 * @example momentsOverRange(squat, body).at(-1).share // 1
 */
export function momentsOverRange(variant: Variant, body: ScaledBody, loading: Loading = {}, between = 6): MomentsAt[] {
  const frames = placedAlong(variant, body, between);
  return loadedStatics(variant, frames, loading).map(({ momentsNm }, i) => ({
    share: frames.length > 1 ? i / (frames.length - 1) : 0,
    moments: momentsNm,
  }));
}
