import { library } from '@tropaeum/core/exercise/library';
import { describe, expect, it } from 'vitest';
import { figureFilm } from './figure-frames';

const size = { heightCm: 175, massKg: 70 };

describe('film of a movement', () => {
  it('every variant of the library can be drawn, inside its frame', () => {
    for (const { id } of library) {
      const film = figureFilm(id, size, true);
      if (!film) throw new Error(id);
      expect(film.frames.length, id).toBeGreaterThan(7);
      expect(film.still).toBeLessThan(film.frames.length);
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
    expect(figureFilm('bent-row', size, true)?.frames[0]?.weights).toHaveLength(2);
    expect(figureFilm('bent-row', size, false)?.frames[0]?.weights).toHaveLength(0);
    expect(figureFilm('band-row', size, true)?.frames[0]?.line).toBeDefined();
    expect(figureFilm('push-up-feet-raised', size, false)?.frames[0]?.boxes.length).toBeGreaterThan(0);
    expect(figureFilm('cartwheel', size, false)).toBeUndefined();
  });
});
