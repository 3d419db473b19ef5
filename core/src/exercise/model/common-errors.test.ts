import { describe, expect, it } from 'vitest';
import { scaledBody } from '../../body/segments';
import { library, variantById } from '../library/library';
import { faultFrame } from '../mechanics/fault-pose';

const body = scaledBody({ heightCm: 175, massKg: 70 });
const variant = (id: string) => variantById(id) as NonNullable<ReturnType<typeof variantById>>;
const seen = (id: string) => variant(id).faults.map((f) => f.see);

describe('faults shared by a kind of exercise', () => {
  it('are those a coach looks for in it', () => {
    expect(seen('squat').some((f) => /knees? fall/i.test(f))).toBe(true);
    expect(seen('split-squat')).toContain('Trunk falls over the leg');
    expect(seen('hinge-lift').some((f) => /round/i.test(f))).toBe(true);
    expect(seen('lying-chin-nod')).toContain('Breath is held');
  });

  it('never say the same twice beside a variant’s own words', () => {
    expect(seen('overhead-press').filter((f) => /arch|hollow/i.test(f))).toHaveLength(1);
    for (const { id, faults } of library) expect(new Set(faults.map((f) => f.see)).size, id).toBe(faults.length);
  });

  it('a landing that is meant to be stiff is not called stiff', () => {
    expect(seen('pogo-jump').some((f) => /stiff/i.test(f))).toBe(false);
    expect(seen('drop-to-single-leg').some((f) => /stiff|loud/i.test(f))).toBe(true);
  });

  it('what rounds off the floor is shown at the floor', () => {
    const fault = variant('bag-to-shoulder').faults.find((f) => /round/i.test(f.see));
    expect(fault?.shown?.at).toBe('floor');
  });

  it('are posed in more than half of the library, and differ from the right form to be seen', () => {
    const posed = library.filter((v) => v.faults.some((f) => f.shown));
    expect(posed.length).toBeGreaterThan(library.length / 2);
    for (const v of posed) {
      for (const { see, shown } of v.faults) {
        if (!shown) continue;
        const { pose } = faultFrame(v, shown, body);
        const right = faultFrame(v, { ...(shown.at ? { at: shown.at } : {}), change: {} }, body).pose;
        const apart = Math.max(
          ...(['lean', 'trunk', 'neck'] as const).map((a) => Math.abs(pose[a] - right[a])),
          ...(['hip', 'knee', 'ankle', 'shoulder', 'elbow'] as const).map((a) =>
            Math.abs(pose.near[a] - right.near[a]),
          ),
        );
        expect(apart, `${v.id}: ${see}`).toBeGreaterThan(5);
      }
    }
  });
});
