import { describe, expect, it } from 'vitest';
import { bandForceN, bandLevels } from './band';
import { linePulls, placedLines } from './line';
import { placedKeyframes } from './motion';
import type { PoseChanges } from './pose';
import { GRAVITY, scaledBody } from './segments';
import { statics } from './statics';

const body = scaledBody({ heightCm: 175, massKg: 70 });

function held(change: PoseChanges, on: string[], base: 'standing' | 'all fours' = 'standing') {
  const [frame] = placedKeyframes({ view: 'side', keyframes: [{ name: 'held', base, change, on }] }, body);
  if (!frame) throw new Error('no frame');
  return frame;
}
const oneLeg = held({ near: { hip: 5, knee: 8 }, far: { hip: 30, knee: 70 } }, ['near.foot']);
const hipSide = (place?: 'near-hand' | 'far-hand') =>
  statics(oneLeg, place ? [{ place, massKg: 10 }] : []).momentsNm['hip-side'];

describe('moments across the drawn plane', () => {
  it('a hip that stands alone holds the body level: body less leg at half the width of the pelvis', () => {
    const leg = body.segmentMassKg.thigh + body.segmentMassKg.shank + body.segmentMassKg.foot;
    const lever = (70 - leg) * GRAVITY * body.hipHalfWidthM;
    expect(hipSide()).toBeGreaterThan(lever * 0.9);
    expect(hipSide()).toBeLessThan(lever * 1.25);
    const both = statics(held({}, ['feet'])).momentsNm['hip-side'];
    expect(both).toBeLessThan(1);
  });

  // Neumann 1996: a load in the opposite hand asks more of the hip, one in the same hand less (direction from memory).
  it('a load in the opposite hand raises it, one in the same hand lowers it', () => {
    expect(hipSide('far-hand')).toBeGreaterThan(hipSide() + 5);
    expect(hipSide('near-hand')).toBeLessThan(hipSide());
  });

  it('one bag bends the trunk to its side, two hold it straight', () => {
    const standing = held({}, ['feet']);
    const bend = (place: 'near-hand' | 'hands') => statics(standing, [{ place, massKg: 20 }]).momentsNm['trunk-side'];
    expect(bend('near-hand')).toBeGreaterThan(0.5 * 20 * GRAVITY * body.shoulderHalfWidthM);
    expect(bend('hands')).toBeLessThan(1e-6);
  });

  it('on all fours nothing turns the trunk until a hand and the opposite knee leave the floor', () => {
    const start = held({}, ['knees', 'insteps', 'hands'], 'all fours');
    const reach = held(
      { near: { hip: 2, knee: 2, ankle: -20 }, far: { shoulder: 172 } },
      ['far.knee', 'far.instep', 'near.hand'],
      'all fours',
    );
    expect(statics(start).momentsNm['trunk-twist']).toBeLessThan(1);
    expect(statics(reach).momentsNm['trunk-twist']).toBeGreaterThan(15);
  });
});

describe('seen from above', () => {
  const above = (trunk: number) =>
    placedKeyframes(
      {
        view: 'above',
        keyframes: [{ name: 'out', base: 'standing', change: { trunk, shoulder: 107, wrist: 90 }, on: ['feet'] }],
      },
      body,
    );

  it('gravity does nothing, a pull from the side turns the trunk by its lever', () => {
    const frames = above(0);
    const [frame] = frames;
    if (!frame) throw new Error('no frame');
    expect(statics(frame).momentsNm['trunk-twist']).toBe(0);
    const pulls = linePulls(frames, { from: 'hands', to: [0.4, -2], resist: 0.1 }, 'medium')[0];
    const { x, y } = frame.skeleton.near.hand;
    const turned = statics(frame, [], pulls).momentsNm['trunk-twist'];
    expect(turned).toBeGreaterThan(0.5 * 0.1 * 70 * GRAVITY * Math.hypot(x, y));
    expect(statics(frame, [], pulls).residual).toBeLessThan(1e-9);
  });
});

describe('bands', () => {
  it.each(bandLevels)('%s: slack does nothing, force grows with stretch', (level) => {
    expect(bandForceN(level, 0.9)).toBe(0);
    const forces = [1.1, 1.5, 2, 2.5, 3].map((s) => bandForceN(level, s));
    expect([...forces].sort((a, b) => a - b)).toEqual(forces);
  });

  it('a stronger band pulls harder at the same stretch', () => {
    const forces = bandLevels.map((level) => bandForceN(level, 2));
    expect([...forces].sort((a, b) => a - b)).toEqual(forces);
  });

  it('a band that is stretched by the pose loads the joint more, a loop pulls both limbs alike', () => {
    const frames = placedKeyframes(
      {
        view: 'side',
        keyframes: [
          { name: 'reach', base: 'standing', change: { shoulder: 84 }, on: ['feet'] },
          { name: 'pull', base: 'standing', change: { shoulder: -20, elbow: 100 }, on: ['feet'] },
        ],
      },
      body,
    );
    const [reach, pull] = linePulls(frames, { from: 'hands', to: [0.85, 0.62] }, 'medium');
    const size = (list: typeof reach) => Math.hypot(list?.[0]?.forceN.x ?? 0, list?.[0]?.forceN.y ?? 0);
    expect(size(pull)).toBeGreaterThan(size(reach) * 1.5);

    const loop = linePulls(
      placedKeyframes(
        {
          view: 'front',
          keyframes: [
            { name: 'wide', base: 'standing', change: { hip: 24 }, on: ['far.foot', 'near.foot'] },
            { name: 'narrow', base: 'standing', change: { hip: 8 }, on: ['far.foot*', 'near.foot*'] },
          ],
        },
        body,
      ),
      { from: 'knees', to: 'other' },
      'heavy',
    )[0];
    expect(loop?.[0]?.forceN.x).toBeCloseTo(-(loop?.[1]?.forceN.x ?? 0), 9);
    expect(placedLines(frames[0] as never, { from: 'chest', to: [1, 1] })).toHaveLength(1);
  });
});
