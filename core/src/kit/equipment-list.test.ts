import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { variantById } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { laidOut, thingsOf } from './equipment-list';

const variant = (id: string) => variantById(id) as Variant;
const { kit } = plainBrief();

describe('what an exercise takes', () => {
  it.each([
    ['squat', undefined, []],
    ['bent-row', '2 dumbbells 7.5 kg', ['2 dumbbells 7.5 kg']],
    ['rear-foot-raised-split-squat', '2 dumbbells 7.5 kg', ['2 dumbbells 7.5 kg', 'chair']],
    ['sliding-leg-curl', undefined, ['towel']],
    ['nordic-lowering', undefined, ['something heavy over the feet']],
    ['wall-sit', undefined, ['free wall']],
  ])('%s with %s takes %j', (id, load, things) => {
    expect(thingsOf(variant(id), kit, load)).toEqual(things);
  });

  it('is the thing at hand, not the one that was thought of first', () => {
    const items = [{ kind: 'sofa' as const }];
    expect(thingsOf(variant('rear-foot-raised-split-squat'), { ...kit, items })).toEqual(['sofa']);
    const stairs = { ...kit, items: [], room: { ...kit.room, stairs: true } };
    expect(thingsOf(variant('low-step-up'), stairs)).toEqual(['stairs']);
    expect(thingsOf(variant('partner-leg-curl'), { ...kit, partner: true })).toEqual(['a partner']);
  });
});

describe('what is laid out for a session', () => {
  it('names each thing once, and one dumbbell not beside two of the same', () => {
    const items = [['2 dumbbells 7.5 kg', 'chair'], ['dumbbell 7.5 kg'], ['chair', 'towel'], ['dumbbell 10 kg']];
    expect(laidOut(items)).toEqual(['2 dumbbells 7.5 kg', 'chair', 'towel', 'dumbbell 10 kg']);
  });
});
