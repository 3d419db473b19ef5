import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { variantById } from '../exercise/library/library';
import { placedVariant } from '../exercise/mechanics/placed';
import { contactParts, parseContact } from './contact';
import { placedKeyframes } from './motion';
import { placed, touchesOf } from './placing';
import { poseOf } from './pose';
import { scaledBody } from './segments';
import { statics } from './statics';

const body = scaledBody({ heightCm: 175, massKg: 75 });

function handsShare(id: string, keyframe: 'top' | 'bottom'): number {
  const variant = variantById(id);
  if (!variant) throw new Error(`${id} is not in the library`);
  const index = variant.keyframes.findIndex((k) => k.name === keyframe);
  const frame = placedVariant(variant, body)[index];
  if (!frame) throw new Error(`${id} has no keyframe ${keyframe}`);
  return statics(frame).shares.find((s) => s.contact === 'hands')?.share ?? 0;
}

/** A push-up with the feet on a surface, for heights that the library does not ship. */
function raisedShare(surface: string): number {
  const [frame] = placedKeyframes(
    {
      view: 'side',
      keyframes: [
        {
          name: 'top',
          base: 'plank',
          change: { lean: 98, shoulder: 94 },
          on: [`toes@${surface}`, 'hands'],
          fix: ['hip', 'knee'],
        },
      ],
    },
    body,
  );
  if (!frame) throw new Error('no frame');
  return statics(frame).shares.find((s) => s.contact === 'hands')?.share ?? 0;
}

describe('share of body weight on the hands in a push-up', () => {
  // Suprak 2011, values from memory.
  it.each([
    ['push-up', 'top', 0.692, 0.06],
    ['push-up', 'bottom', 0.75, 0.06],
    ['push-up-knees', 'top', 0.536, 0.08],
    ['push-up-knees', 'bottom', 0.618, 0.08],
  ] as const)('%s at the %s is %f within %f (Suprak 2011)', (id, keyframe, share, tolerance) => {
    expect(Math.abs(handsShare(id, keyframe) - share)).toBeLessThan(tolerance);
  });

  // Ebben 2011, values from memory.
  it('with feet raised 30.5 cm is 0.70 within 0.05 (Ebben 2011)', () => {
    expect(Math.abs(handsShare('push-up-feet-raised', 'top') - 0.7)).toBeLessThan(0.05);
  });

  it('with feet raised 61 cm is 0.74 within 0.05 (Ebben 2011)', () => {
    expect(Math.abs(raisedShare('table') - 0.74)).toBeLessThan(0.05);
  });

  it('keeps the published order: hands raised, knees, floor, feet raised', () => {
    const ladder = ['push-up-knees', 'push-up', 'push-up-feet-raised'].map((id) => handsShare(id, 'top'));
    expect([...ladder].sort((a, b) => a - b)).toEqual(ladder);
    expect(handsShare('push-up-hands-raised', 'top')).toBeLessThan(handsShare('push-up', 'top'));
  });
});

describe('equilibrium', () => {
  const angle = (low: number, high: number) => fc.double({ min: low, max: high, noNaN: true });
  const limb = fc.record({
    shoulder: angle(-60, 180),
    elbow: angle(0, 140),
    wrist: angle(-60, 90),
    hip: angle(-30, 120),
    knee: angle(0, 140),
    ankle: angle(-60, 40),
  });
  const contacts = fc.uniqueArray(fc.constantFrom(...contactParts.filter((p) => !p.endsWith('-side'))), {
    minLength: 1,
    maxLength: 3,
  });

  it('holds within 1e-9 of body weight for random bodies, poses, contacts and loads', () => {
    fc.assert(
      fc.property(
        fc.record({ near: limb, far: limb, lean: angle(-90, 120), trunk: angle(-30, 60), neck: angle(-30, 30) }),
        contacts,
        fc.integer({ min: 140, max: 205 }),
        fc.integer({ min: 35, max: 130 }),
        fc.constantFrom(undefined, 'female' as const, 'male' as const),
        angle(0, 40),
        (pose, parts, heightCm, massKg, sex, loadKg) => {
          const random = scaledBody({ heightCm, massKg, ...(sex ? { sex } : {}) });
          const down = placed({
            body: random,
            pose: poseOf('standing', pose),
            view: 'side',
            touches: touchesOf(parts.map(parseContact)),
            inPassing: true,
          });
          const result = statics(down, [{ place: 'hands', massKg: loadKg }]);
          expect(result.residual).toBeLessThan(1e-9);
        },
      ),
      { numRuns: 150 },
    );
  });

  it('carries exactly body and load on floor contacts', () => {
    const [frame] = placedKeyframes(
      { view: 'side', keyframes: [{ name: 'stand', base: 'standing', on: ['feet'] }] },
      body,
    );
    if (!frame) throw new Error('no frame');
    const total = statics(frame, [{ place: 'chest', massKg: 15 }]).shares.reduce((s, c) => s + c.share, 0);
    expect(total).toBeCloseTo(90 / 75, 9);
  });

  it('makes a body in the air weightless', () => {
    const [frame] = placedKeyframes(
      { view: 'side', keyframes: [{ name: 'flight', base: 'standing', on: [], airborne: 0.2 }] },
      body,
    );
    if (!frame) throw new Error('no frame');
    const { reactions, momentsNm } = statics(frame, [{ place: 'hands', massKg: 10 }]);
    expect(reactions).toEqual([]);
    expect(Math.max(...Object.values(momentsNm))).toBe(0);
  });

  it('is mirrored: near and far side of a both-sided pose carry the same', () => {
    const variant = variantById('squat');
    if (!variant) throw new Error('no squat');
    for (const frame of placedVariant(variant, body)) {
      const { bySide } = statics(frame);
      for (const joint of ['hip', 'knee', 'ankle', 'shoulder'] as const) {
        expect(bySide.near[joint]).toBeCloseTo(bySide.far[joint], 6);
      }
    }
  });
});

describe('joint moments', () => {
  const peak = (id: string, joint: 'ankle' | 'knee' | 'hip' | 'trunk', loadKg = 0) => {
    const variant = variantById(id);
    if (!variant) throw new Error(`${id} is not in the library`);
    const loads = loadKg ? [{ place: 'hands' as const, massKg: loadKg }] : [];
    return Math.max(...placedVariant(variant, body).map((f) => statics(f, loads).momentsNm[joint]));
  };

  it('a one-legged calf raise about doubles the ankle moment', () => {
    expect(peak('single-leg-calf-raise', 'ankle') / peak('calf-raise', 'ankle')).toBeGreaterThan(1.75);
    expect(peak('single-leg-calf-raise', 'ankle') / peak('calf-raise', 'ankle')).toBeLessThan(2.25);
  });

  it('the hip moment of a hinge grows with the load', () => {
    expect(peak('hinge-lift', 'hip', 20)).toBeGreaterThan(peak('hinge-lift', 'hip', 10));
    expect(peak('hinge-lift', 'hip', 10)).toBeGreaterThan(peak('hinge-lift', 'hip'));
  });

  it('the hip moment of a hinge grows with reach: the further the trunk leans and the arms reach, the more', () => {
    const leaning = (lean: number, shoulder: number) =>
      statics(
        placed({
          body,
          view: 'side',
          pose: poseOf('standing', { lean, hip: lean + 6, knee: 12, shoulder, elbow: 4 }),
          touches: touchesOf([parseContact('feet')]),
          fixed: ['lean', 'trunk', 'hip', 'shoulder'],
        }),
        [{ place: 'hands', massKg: 10 }],
      ).momentsNm.hip;
    const byLean = [20, 40, 60, 80].map((lean) => leaning(lean, lean));
    expect([...byLean].sort((a, b) => a - b)).toEqual(byLean);
    const byReach = [40, 70, 100, 130].map((shoulder) => leaning(60, shoulder));
    expect([...byReach].sort((a, b) => a - b)).toEqual(byReach);
  });

  it('in a split stance the feet push towards each other, and front and rear are told apart', () => {
    const variant = variantById('rear-foot-raised-split-squat');
    if (!variant) throw new Error('no split squat');
    for (const frame of placedVariant(variant, body)) {
      const { reactions, shares } = statics(frame);
      const [front, rear] = ['front feet', 'rear feet'].map((name) => reactions.find((r) => r.contact === name));
      expect(front?.forceN.x).toBeLessThan(0);
      expect(rear?.forceN.x).toBeCloseTo(-(front?.forceN.x ?? 0), 6);
      // The front leg does most of it; common practice, no source.
      expect(shares.find((s) => s.contact === 'front feet')?.share).toBeGreaterThan(0.6);
    }
  });

  it('lowering on the knees asks more of the knee the further the lean', () => {
    const variant = variantById('nordic-lowering');
    if (!variant) throw new Error('no lowering');
    const knee = placedVariant(variant, body).map((f) => statics(f).momentsNm.knee);
    expect([...knee].sort((a, b) => a - b)).toEqual(knee);
  });

  it('a forearm plank on the toes asks more of the trunk than on the knees', () => {
    expect(peak('forearm-plank', 'trunk')).toBeGreaterThan(peak('forearm-plank-knees', 'trunk'));
  });
});
