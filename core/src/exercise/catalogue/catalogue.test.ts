import { describe, expect, it } from 'vitest';
import { library, variantById } from '../library/library';
import { type CustomExercise, copyAsCustom } from '../model/custom-exercise';
import type { Variant } from '../model/variant';
import { catalogueOf } from './catalogue';

const own: CustomExercise = {
  ...copyAsCustom(variantById('push-up') as Variant, 'quay-push-up', '2x5 4-1-1 r90'),
  name: 'Quay push-up',
};

describe('catalogue', () => {
  it('is the shipped library when a club has nothing of its own', () => {
    expect(catalogueOf().all).toBe(library);
    expect(catalogueOf([]).drawnAs('push-up')).toBe('push-up');
  });

  it("holds a club's own exercises beside the shipped ones, drawn as what they were copied from", () => {
    const catalogue = catalogueOf([own]);
    expect(catalogue.all).toHaveLength(library.length + 1);
    expect(catalogue.byId('quay-push-up')).toMatchObject({ name: 'Quay push-up', family: 'push-up' });
    expect(catalogue.byId('push-up')).toBe(variantById('push-up'));
    expect(catalogue.drawnAs('quay-push-up')).toBe('push-up');
  });

  it('leaves out what is copied from nothing that ships, and keeps what it has measured of the rest', () => {
    expect(catalogueOf([{ ...own, copyOf: 'handspring' }]).byId('quay-push-up')).toBeUndefined();
    expect(catalogueOf([own]).byId('quay-push-up')).toBe(catalogueOf([{ ...own }]).byId('quay-push-up'));
  });
});
