import { describe, expect, it } from 'vitest';
import { library, variantById } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { type MeasuredJoint, measured } from './measured';
import { forceAxes } from './profile';

const variant = (id: string): Variant => {
  const found = variantById(id);
  if (!found) throw new Error(id);
  return found;
};
const jointOf = (id: string, name: string): MeasuredJoint => {
  const found = measured(variant(id)).joints.find((j) => `${j.action.joint} ${j.action.action}` === name);
  if (!found) throw new Error(`${id} has no ${name}`);
  return found;
};

describe('an exercise measured by the body model', () => {
  it('keeps every figure within its range, for the whole library', () => {
    for (const v of library) {
      const { joints, force } = measured(v);
      expect(joints).toHaveLength(v.jointActions.length);
      for (const { load, part, deepness, travel } of joints) {
        expect(load, v.id).toBeGreaterThanOrEqual(0);
        expect(part, v.id).toBeGreaterThanOrEqual(0.3);
        for (const share of [part, deepness ?? 0, travel ?? 0]) {
          expect(share, v.id).toBeGreaterThanOrEqual(0);
          expect(share, v.id).toBeLessThanOrEqual(1);
        }
      }
      for (const axis of forceAxes) expect(force[axis], `${v.id} ${axis}`).toBeLessThanOrEqual(1);
      expect(Math.max(...forceAxes.map((axis) => force[axis])), v.id).toBeGreaterThan(0.3);
    }
  });

  it('is measured once and kept', () => {
    expect(measured(variant('squat'))).toBe(measured(variant('squat')));
  });

  // Where a joint works hardest, by the mechanics of a weight that hangs straight down.
  it.each<[string, string, 'deep' | 'end']>([
    ['squat', 'knee extension', 'deep'],
    ['split-squat', 'knee extension', 'deep'],
    ['hinge-lift', 'hip extension', 'deep'],
    ['single-leg-bridge', 'hip extension', 'end'],
    ['nordic-lowering', 'knee flexion', 'deep'],
    ['push-up', 'elbow extension', 'deep'],
    ['bent-row', 'shoulder extension', 'end'],
    ['wall-sit', 'knee extension', 'deep'],
  ])('%s: %s is hardest %s', (id, name, place) => {
    const { deepness } = jointOf(id, name);
    if (place === 'deep') expect(deepness).toBeGreaterThan(0.6);
    else expect(deepness).toBeLessThan(0.3);
  });

  it.each<[string, string, string, string]>([
    ['squat', 'knee extension', 'low-step-up', 'a deep squat bends the knee further than a low step'],
    ['countermovement-jump', 'knee extension', 'pogo-jump', 'ankle jumps keep the knee nearly straight'],
  ])('%s travels further at the %s than %s: %s', (id, name, other) => {
    const less = measured(variant(other)).joints.find((j) => `${j.action.joint} ${j.action.action}` === name);
    expect(jointOf(id, name).travel).toBeGreaterThan(less?.travel ?? 1);
  });

  it.each(['wall-sit', 'side-plank', 'forearm-plank'])('%s is held: hardly any travel', (id) => {
    for (const { travel } of measured(variant(id)).joints) expect(travel ?? 0).toBeLessThan(0.15);
  });

  it.each<[string, (typeof forceAxes)[number]]>([
    ['squat', 'along'],
    ['countermovement-jump', 'along'],
    ['hip-thrust', 'front-back'],
    ['push-up', 'front-back'],
    ['bridge', 'front-back'],
    ['side-plank', 'sideways'],
    ['band-press-out', 'turning'],
    ['sitting-turn', 'turning'],
  ])('%s: the force goes %s', (id, axis) => {
    const { force } = measured(variant(id));
    expect(force[axis]).toBe(Math.max(...forceAxes.map((a) => force[a])));
  });

  it('takes a band or a weight as well chosen, whatever a medium one would give', () => {
    // The hardest joint action works at some 55 % of its most.
    for (const id of ['band-row', 'bent-row', 'band-press-out', 'band-arm-brake'])
      expect(Math.max(...measured(variant(id)).joints.map((j) => j.load)), id).toBeGreaterThanOrEqual(0.55);
  });

  it('says nothing of what the drawn plane does not show', () => {
    const turn = jointOf('band-turn', 'trunk rotation');
    expect([turn.deepness, turn.travel]).toEqual([undefined, undefined]);
    // Turning of the upper arm has no angle in the side view.
    expect(jointOf('band-arm-brake', 'shoulder external-rotation').deepness).toBeUndefined();
  });

  it('a single-leg exercise loads the joint more than the same on two', () => {
    expect(jointOf('single-leg-bridge', 'hip extension').load).toBeGreaterThan(jointOf('bridge', 'hip extension').load);
    expect(jointOf('single-leg-calf-raise', 'ankle extension').load).toBeCloseTo(
      2 * jointOf('calf-raise', 'ankle extension').load,
      1,
    );
  });
});
