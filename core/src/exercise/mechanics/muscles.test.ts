import { describe, expect, it } from 'vitest';
import { scaledBody } from '../../body/segments';
import { library, variantById } from '../library/library';
import { musclesOf } from './muscles';

const body = scaledBody({ heightCm: 175, massKg: 70 });
const main = (id: string) =>
  musclesOf(variantById(id) as NonNullable<ReturnType<typeof variantById>>, body)
    .filter((m) => m.part === 'main')
    .map((m) => m.muscle);

describe('muscles', () => {
  // Anatomy handbooks (Gray's Anatomy, actions of muscles; values from memory).
  it.each([
    ['push-up', 'triceps'],
    ['nordic-lowering', 'hamstrings'],
    ['side-lying-arm-rotation', 'infraspinatus'],
    ['side-plank', 'quadratus lumborum'],
    ['adductor-side-raise', 'adductors'],
    ['wall-toe-raise', 'tibialis anterior'],
    ['scapular-push-up', 'serratus anterior'],
    ['bar-hang', 'finger flexors'],
  ])('%s works the %s', (id, muscle) => {
    expect(main(id)).toContain(muscle);
  });

  it('the bent knee leaves the calf raise to the soleus, the straight one asks for both', () => {
    expect(main('bent-knee-calf-raise')).toEqual(['soleus']);
    expect(main('calf-raise')).toEqual(['gastrocnemius', 'soleus']);
  });

  it('a bridge with heels under the knees is for the seat, a long one for the hamstrings too', () => {
    expect(main('bridge')).not.toContain('hamstrings');
    expect(main('long-lever-bridge-hold')).toContain('hamstrings');
  });

  it('every variant works at least one, none twice', () => {
    for (const variant of library) {
      const names = musclesOf(variant, body).map((m) => m.muscle);
      expect(names.length, variant.id).toBeGreaterThan(0);
      expect(new Set(names).size, variant.id).toBe(names.length);
    }
  });
});
