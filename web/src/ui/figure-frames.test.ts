import { library, variantById } from '@tropaeum/core/exercise/library/library';
import { describe, expect, it } from 'vitest';
import { faultPictures, figureFilm, figureStill } from './figure-frames';

const size = { heightCm: 175, massKg: 70 };

describe('film of a movement', () => {
  it('every variant of the library can be drawn, inside its frame', () => {
    for (const { id } of library) {
      const film = figureFilm(id, size, true);
      if (!film) throw new Error(id);
      expect(film.frames.length, id).toBeGreaterThan(7);
      expect(figureStill(id, size, true), id).toBeDefined();
      for (const { capsules } of film.frames) {
        for (const { from, to } of capsules) {
          for (const point of [from, to]) {
            expect(Number.isFinite(point.x) && Number.isFinite(point.y), id).toBe(true);
            expect(point.x).toBeGreaterThanOrEqual(film.extent.minX - 1e-9);
            expect(point.x).toBeLessThanOrEqual(film.extent.maxX + 1e-9);
          }
        }
      }
    }
  });

  it('moves smoothly: no part jumps further than a quarter of the body from frame to frame', () => {
    for (const { id, keyframes } of library) {
      if (keyframes.some((k) => k.on.length === 0)) continue;
      const frames = figureFilm(id, size, false)?.frames ?? [];
      for (let f = 1; f < frames.length; f++) {
        frames[f]?.capsules.forEach(({ to }, c) => {
          const before = frames[f - 1]?.capsules[c]?.to;
          if (before) expect(Math.hypot(to.x - before.x, to.y - before.y), `${id} frame ${f}`).toBeLessThan(0.45);
        });
      }
    }
  });

  it('draws weights only when something is carried, bands where they hang, and nothing for a stranger', () => {
    const first = (id: string, loaded = true) => figureFilm(id, size, loaded)?.frames[0];
    expect(first('bent-row')?.held).toHaveLength(2);
    expect(first('bent-row', false)?.held).toHaveLength(0);
    expect(first('band-row')?.lines).toHaveLength(2);
    expect(first('push-up-feet-raised')?.supports[0]?.kind).toBe('box');
    expect(first('stick-pass-over')?.held[0]?.shape).toBe('bar');
    expect(first('sliding-reverse-lunge')?.supports.some((s) => s.kind === 'cloth')).toBe(true);
    expect(figureFilm('cartwheel', size, false)).toBeUndefined();
    expect(figureStill('cartwheel', size, false)).toBeUndefined();
  });

  it('shows a posed fault beside the right form, and only where one is posed', () => {
    const leanBack = variantById('kneeling-lean-back');
    const pushUp = variantById('push-up');
    if (!leanBack || !pushUp) throw new Error('not in the library');
    const pictures = faultPictures(leanBack, 0, size);
    expect(pictures?.wrong.frame.capsules).not.toEqual(pictures?.right.frame.capsules);
    expect(pictures?.wrong.extent).toEqual(pictures?.right.extent);
    expect(faultPictures(pushUp, 1, size)).toBeUndefined();
  });
});
