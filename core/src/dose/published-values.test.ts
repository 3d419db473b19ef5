import { describe, expect, it } from 'vitest';
import {
  brzyckiMostKg,
  epleyMostKg,
  epleyRepetitions,
  epleyShare,
  handbookRepetitions,
  reserveOfRating,
} from './repetitions';
import { contactRange, zoneOf, zones } from './zone';

describe('Epley 1985 (values from memory)', () => {
  it.each([
    [100, 10, 133.3],
    [100, 5, 116.7],
    [100, 1, 103.3],
    [90, 10, 120],
    [60, 30, 120],
  ])('%f kg for %i is %f kg at most', (massKg, repetitions, most) => {
    expect(epleyMostKg(massKg, repetitions)).toBeCloseTo(most, 1);
  });

  it('turns round without loss', () => {
    for (const repetitions of [1, 5, 12, 30])
      expect(epleyRepetitions(epleyShare(repetitions))).toBeCloseTo(repetitions, 9);
    expect(epleyRepetitions(1.2)).toBe(0);
  });
});

describe('Brzycki 1993 (values from memory)', () => {
  it.each([
    [100, 10, 133.3],
    [100, 1, 100],
    [100, 5, 112.5],
    [90, 10, 120],
  ])('%f kg for %i is %f kg at most', (massKg, repetitions, most) => {
    expect(brzyckiMostKg(massKg, repetitions)).toBeCloseTo(most, 1);
  });

  it('meets Epley at ten repetitions and refuses what it cannot tell', () => {
    expect(brzyckiMostKg(100, 10)).toBeCloseTo(epleyMostKg(100, 10), 9);
    expect(() => brzyckiMostKg(100, 37)).toThrow(RangeError);
  });
});

describe('repetitions by percent, handbook of the National Strength and Conditioning Association (values from memory)', () => {
  it('is the table as published', () => {
    expect(handbookRepetitions).toEqual([
      [100, 1],
      [95, 2],
      [93, 3],
      [90, 4],
      [87, 5],
      [85, 6],
      [83, 7],
      [80, 8],
      [77, 9],
      [75, 10],
      [70, 11],
      [67, 12],
      [65, 15],
    ]);
  });

  // The worst is 0.044, at twelve repetitions.
  it.each(handbookRepetitions)(
    '%i %% is %i repetitions; Epley comes within five percent of the most',
    (percent, repetitions) => {
      expect(Math.abs(epleyShare(repetitions) - percent / 100)).toBeLessThan(0.05);
    },
  );
});

describe('zones, the same handbook (values from memory)', () => {
  it.each([
    ['strength', 0.85, 1, 1, 6, 120, 300],
    ['power', 0.75, 0.9, 1, 5, 120, 300],
    ['hypertrophy', 0.67, 0.85, 6, 12, 30, 90],
    ['muscular-endurance', 0, 0.67, 12, 100, 0, 30],
  ] as const)(
    '%s: %f to %f of the most, %i to %i repetitions, %i to %i s rest',
    (zone, low, high, fewest, most, shortest, longest) => {
      expect(zones[zone]).toEqual({
        share: [low, high],
        repetitions: [fewest, most],
        restSeconds: [shortest, longest],
      });
    },
  );

  it.each([
    [1, false, 'strength'],
    [0.85, false, 'strength'],
    [0.849, false, 'hypertrophy'],
    [0.67, false, 'muscular-endurance'],
    [0.9, true, 'power'],
    [0.749, true, 'speed-strength'],
  ] as const)('%f, fast %s, is %s', (share, fast, zone) => {
    expect(zoneOf(share, fast)).toBe(zone);
  });
});

describe('repetitions in reserve, Zourdos 2016 (values from memory)', () => {
  it.each([
    [10, 0],
    [9, 1],
    [8, 2],
    [7, 3],
  ])('a rating of %i is %i left', (rating, reserve) => {
    expect(reserveOfRating(rating)).toBe(reserve);
  });

  it('tells nothing under five', () => {
    expect(() => reserveOfRating(4)).toThrow(RangeError);
  });
});

describe('jump contacts a session, the same handbook (values from memory)', () => {
  it.each([
    ['beginner', 80, 100],
    ['intermediate', 100, 120],
    ['advanced', 120, 140],
  ] as const)('%s: %i to %i', (level, fewest, most) => {
    expect(contactRange[level]).toEqual([fewest, most]);
  });
});
