import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contactParts, touchingChains, touchingPoints } from './contact';
import { addGradient, coordinates } from './gradient';
import { flattened, type Pose, unflattened, type View } from './pose';
import { scaledBody } from './segments';
import { skeletonOf } from './skeleton';

const body = scaledBody({ heightCm: 175, massKg: 70 });
const degree = Math.PI / 180;
const limb = fc.record({
  shoulder: fc.integer({ min: -60, max: 180 }),
  elbow: fc.integer({ min: 0, max: 140 }),
  wrist: fc.integer({ min: -60, max: 90 }),
  hip: fc.integer({ min: -30, max: 120 }),
  knee: fc.integer({ min: 0, max: 140 }),
  ankle: fc.integer({ min: -60, max: 40 }),
});
const poses = fc.record({
  near: limb,
  far: limb,
  lean: fc.integer({ min: -90, max: 120 }),
  trunk: fc.integer({ min: -30, max: 60 }),
  neck: fc.integer({ min: -30, max: 30 }),
});

describe('how a touching point moves with the joints', () => {
  it('is what a small change of each joint shows, in both upright views and on both sides', () => {
    fc.assert(
      fc.property(
        poses,
        fc.constantFrom<View>('side', 'front'),
        fc.constantFrom('near' as const, 'far' as const),
        fc.constantFrom(...contactParts),
        fc.constantFrom('x' as const, 'y' as const),
        (pose: Pose, view, side, part, axis) => {
          const at = (state: readonly number[]) =>
            skeletonOf(body, unflattened(state.slice(2).map((a) => a / degree)), view, {
              x: state[0] as number,
              y: state[1] as number,
            });
          const state = [0.1, 0.9, ...flattened(pose).map((a) => a * degree)];
          const value = (s: readonly number[]) => touchingPoints(at(s), part, side)[0]?.[axis] as number;
          const gradient = new Array<number>(coordinates).fill(0);
          const point = touchingPoints(at(state), part, side)[0];
          if (!point) throw new Error('no point');
          addGradient(gradient, at(state), view, point, side, touchingChains(part)[0] ?? [], axis, 1);
          const small = 1e-6;
          state.forEach((_, k) => {
            const moved = value(state.map((v, i) => (i === k ? v + small : v)));
            expect(gradient[k], `${part} ${axis} coordinate ${k}`).toBeCloseTo((moved - value(state)) / small, 3);
          });
        },
      ),
      { numRuns: 120 },
    );
  });
});
