import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { randomBrief } from '../../../test/random-briefs';
import { solver } from '../../../test/solver';
import type { Athlete } from '../../athlete/athlete';
import { effortOf } from '../../capacity/capacity-of';
import { variantById } from '../../exercise/library/library';
import type { Variant } from '../../exercise/model/variant';
import { begin, composedOf } from '../composer/compose';
import { contextOf } from '../context/context';
import { choicesOf } from '../draft/draft';
import { planOf } from '../plan/plan';
import { hardestPlanned, nearMaximumReason, tooHardReason } from './too-hard';

const variant = (id: string) => variantById(id) as Variant;
const contextFor = (athlete: Pick<Athlete, 'level'> & Partial<Athlete>) =>
  contextOf(plainBrief({ athlete: { heightCm: 172, massKg: 68, born: '2000-01-01', ...athlete } }));
const novice = contextFor({ sex: 'female', level: 'new' });
const trained = contextFor({ sex: 'male', level: 'intermediate' });
const strong = contextFor({ sex: 'male', level: 'advanced' });

describe('what is too hard today', () => {
  it('is said with its easier progression, and is not said of who can do it', () => {
    expect(tooHardReason(novice, variant('pull-up'))).toMatch(/^Pull-up is too hard today; easier: .+\.$/);
    expect(tooHardReason(strong, variant('pull-up'))).toBeUndefined();
    expect(tooHardReason(novice, variant('squat'))).toBeUndefined();
  });

  it('is not a lowering that the hands catch, until far over what is held', () => {
    const nordic = variant('nordic-lowering');
    expect(hardestPlanned(nordic)).toBeGreaterThan(1);
    expect(effortOf(trained.capacity, nordic).share).toBeGreaterThan(1);
    expect([tooHardReason(trained, nordic), nearMaximumReason(trained, nordic)]).toEqual([undefined, undefined]);
    expect(tooHardReason(novice, nordic)).toContain('too hard');
  });

  it('what takes nearly all there is, is not called impossible, but not written as sets either', () => {
    const heavier = contextFor({ sex: 'female', level: 'advanced', massKg: 86, heightCm: 182 });
    expect(tooHardReason(heavier, variant('single-leg-squat'))).toBeUndefined();
    expect(nearMaximumReason(heavier, variant('single-leg-squat'))).toMatch(/9\d % of max today: one repetition/);
    expect(nearMaximumReason(strong, variant('squat'))).toBeUndefined();
  });

  it('is never in a composed session, nor is more than the most written beside anything', async () => {
    for (let seed = 1; seed <= 12; seed++) {
      const begun = begin(randomBrief(seed), await solver);
      if ('refused' in begun) continue;
      const { draft } = composedOf(begun);
      for (const choice of choicesOf(draft))
        expect(tooHardReason(begun.context, variant(choice.variant), choice.load), choice.variant).toBeUndefined();
      for (const item of planOf(begun.context, draft).blocks.flatMap((block) => block.items))
        expect(item.intensity?.percentOfMax ?? 0, item.variant).toBeLessThanOrEqual(1);
    }
  });
});
