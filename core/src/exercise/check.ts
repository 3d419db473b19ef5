import { placedKeyframes } from '../body/motion';
import { flattened, humanRange } from '../body/pose';
import type { ScaledBody } from '../body/segments';
import { pointsOf } from '../body/skeleton';
import type { Variant } from './variant';

/** What is wrong with a variant, where, and what would be right. */
export interface LibraryFault {
  variant: string;
  keyframe?: string;
  message: string;
}

const touchToleranceM = 0.01;
const sunkToleranceM = 0.03;
const rangeOrder = ['shoulder', 'elbow', 'wrist', 'hip', 'knee', 'ankle'] as const;

/**
 * Everything wrong with a set of variants, each fault naming variant and keyframe: doubled ids, one-sided or missing neighbours,
 * counts of cues and faults, contacts that float, joints beyond human range, bodies below the ground. Empty when all is well.
 */
export function libraryFaults(variants: readonly Variant[], body: ScaledBody): LibraryFault[] {
  const byId = new Map(variants.map((v) => [v.id, v]));
  return variants.flatMap((v) => [
    ...(variants.filter((o) => o.id === v.id).length > 1 ? [{ variant: v.id, message: 'id is used twice' }] : []),
    ...neighbourFaults(v, byId),
    ...wordFaults(v),
    ...poseFaults(v, body),
  ]);
}

function neighbourFaults(v: Variant, byId: ReadonlyMap<string, Variant>): LibraryFault[] {
  const ask = (id: string | undefined, back: 'easier' | 'harder', own: 'easier' | 'harder') => {
    if (!id) return [];
    const other = byId.get(id);
    if (!other) return [{ variant: v.id, message: `${own} names "${id}", which does not exist` }];
    if (other[back] === v.id) return [];
    return [{ variant: v.id, message: `${own} is "${id}", whose ${back} should then be "${v.id}"` }];
  };
  return [...ask(v.easier, 'harder', 'easier'), ...ask(v.harder, 'easier', 'harder')];
}

function wordFaults(v: Variant): LibraryFault[] {
  const faults: LibraryFault[] = [];
  const say = (message: string) => faults.push({ variant: v.id, message });
  if (v.cues.length < 2 || v.cues.length > 4) say(`two to four cues expected, got ${v.cues.length}`);
  if (v.faults.length < 1 || v.faults.length > 3) say(`one to three faults expected, got ${v.faults.length}`);
  if (v.keyframes.length < 2) say('at least two keyframes expected');
  if (v.load?.required && v.needs.kit.length === 0) say('a required load needs kit that gives it');
  if (v.impactContacts > 0 && v.quiet) say('a landing is not quiet');
  return faults;
}

function poseFaults(v: Variant, body: ScaledBody): LibraryFault[] {
  return placedKeyframes(v, body).flatMap((frame, i) => {
    const keyframe = v.keyframes[i]?.name ?? String(i);
    const faults: LibraryFault[] = [];
    const say = (message: string) => faults.push({ variant: v.id, keyframe, message });
    if (frame.missM > touchToleranceM)
      say(`a contact floats ${(frame.missM * 100).toFixed(1)} cm from what it should touch`);
    const lowest = Math.min(...pointsOf(frame.skeleton).map((p) => p.y));
    if (v.view !== 'above' && lowest < -sunkToleranceM)
      say(`the body sinks ${(-lowest * 100).toFixed(1)} cm below the ground`);
    if (v.view === 'side') {
      const [, trunk, neck, ...limbs] = flattened(frame.pose) as [number, number, number, ...number[]];
      const angles = [['trunk', trunk], ['neck', neck], ...limbs.map((a, k) => [rangeOrder[k % 6], a])] as [
        keyof typeof humanRange,
        number,
      ][];
      for (const [joint, angle] of angles) {
        const [low, high] = humanRange[joint];
        if (angle < low - 0.5 || angle > high + 0.5)
          say(`${joint} ${angle.toFixed(0)}° lies outside ${low} to ${high}°`);
      }
    }
    return faults;
  });
}
