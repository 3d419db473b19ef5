import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { variantById } from '../../exercise/library/library';
import type { Variant } from '../../exercise/model/variant';
import type { BlockKind } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';
import { rampFor, rampSeconds, rampWords } from './ramp-sets';
import { restFor } from './rest';
import { asRound, byReserve, byTime, roundSeconds } from './timed-dose';

const variant = (id: string) => variantById(id) as Variant;
const rest = (id: string, block: BlockKind, share: number | undefined, changes: Partial<Brief> = {}) =>
  restFor(variant(id), block, variant(id).dose, share, plainBrief({ minutes: 40, ...changes }));

describe('rest by the quality of a set', () => {
  // Common practice, no source; heavy sets: zones of the handbook.
  it.each<[string, BlockKind, number | undefined, Partial<Brief>, number, number]>([
    ['back-squat', 'strength', 0.87, { aim: 'strength' }, 120, 180],
    ['goblet-squat', 'strength', 0.78, { aim: 'strength' }, 90, 120],
    ['goblet-squat', 'strength', 0.78, {}, 60, 90],
    ['goblet-squat', 'strength', 0.4, {}, 30, 60],
    ['band-row', 'strength', undefined, {}, 30, 60],
    ['countermovement-jump', 'power', 0.3, { aim: 'power' }, 60, 120],
    ['countermovement-jump', 'power', 0.3, { aim: 'power', minutes: 20 }, 45, 60],
    ['nordic-lowering', 'prevention', 1.05, {}, 60, 90],
    ['band-arm-rotation', 'prevention', undefined, { sessionType: 'arm-care' }, 15, 30],
    ['side-plank', 'trunk', 0.5, {}, 20, 45],
  ])('%s as %s at %s with %j: %i to %i s', (id, block, share, changes, least, most) => {
    const seconds = rest(id, block, share, changes);
    expect(seconds).toBeGreaterThanOrEqual(least);
    expect(seconds).toBeLessThanOrEqual(most);
  });

  it('never falls with the load', () => {
    const by = [0.3, 0.5, 0.62, 0.7, 0.76, 0.84, 0.86, 0.95].map((share) => rest('goblet-squat', 'strength', share));
    expect([...by].sort((a, b) => a - b)).toEqual(by);
  });
});

describe('lighter sets', () => {
  const lift = (kg: number | undefined, reps = 6) => ({
    variant: 'hinge-lift',
    pinned: false,
    dose: { ...variant('hinge-lift').dose, work: { kind: 'reps' as const, reps } },
    ...(kg === undefined ? {} : { load: { kg, with: 'barbell' } }),
  });

  it.each([
    [undefined, undefined],
    [40, undefined],
    [60, 35],
    [100, 60],
  ])('before %s kg: %s kg', (kg, lighter) => {
    expect(rampFor(variant('hinge-lift'), lift(kg), 0.8)?.kg).toBe(lighter);
  });

  it('is one without the load before a hard loaded pull-up', () => {
    const ramp = rampFor(variant('loaded-pull-up'), lift(12), 0.75);
    expect(ramp).toEqual({ reps: 5 });
    expect(rampWords(ramp as { reps: number })).toBe('First a lighter set: 5 reps without the load');
    expect(rampSeconds({ reps: 5 })).toBeGreaterThan(60);
  });
});

describe('by the clock', () => {
  const { dose } = variant('split-squat');

  it('counted work becomes seconds, held work stays', () => {
    expect(byTime(dose).work).toEqual({ kind: 'work', seconds: 25 });
    expect(byTime({ ...dose, perSide: false }).work).toEqual({ kind: 'work', seconds: 40 });
    expect(byTime(dose, 'mobilise').work).toEqual({ kind: 'work', seconds: 20 });
    expect(byTime(variant('side-plank').dose)).toBe(variant('side-plank').dose);
    expect(byTime(dose).reserve).toBeUndefined();
  });

  it.each([
    ['advanced', '1998-01-01', 180],
    ['intermediate', '1998-01-01', 120],
    ['advanced', '2012-01-01', 90],
  ] as const)('a round of somebody %s born %s: %i s', (level, born, seconds) => {
    const brief = plainBrief({ athlete: { ...plainBrief().athlete, level, born } });
    expect(roundSeconds(brief)).toBe(seconds);
    expect(asRound(dose, brief).work).toEqual({ kind: 'work', seconds });
  });

  it('by reserve, what is counted says where to stop', () => {
    const { reserve: _, ...open } = dose;
    expect(byReserve(open, 'strength', 3).reserve).toBe(3);
    expect(byReserve(dose, 'strength', 3).reserve).toBe(dose.reserve);
    expect(byReserve(open, 'mobilise', 3).reserve).toBeUndefined();
  });
});
