import { scaledBody } from '@tropaeum/core/body/segments';
import { library, variantById } from '@tropaeum/core/exercise/library/library';
import { placedVariant } from '@tropaeum/core/exercise/mechanics/placed';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { describe, expect, it } from 'vitest';
import { drawingOf, extentOfFrames, type FigureFrame, furnished, standingThings } from './drawing';
import { figureFilm, weighedFilm } from './figure-frames';

const body = scaledBody({ heightCm: 175, massKg: 70 });
const variant = (id: string) => variantById(id) as Variant;
const drawn = (id: string, loaded = true) =>
  placedVariant(variant(id), body).map((b) => drawingOf(b, variant(id), loaded));

describe('what stands in the room', () => {
  it('is there through the whole movement: the step before it is jumped on, the chair before it is sat on', () => {
    for (const id of ['step-jump-up', 'squat-to-chair', 'drop-and-stick']) {
      const bare = drawn(id);
      expect(
        bare.some((f) => f.supports.length === 0),
        id,
      ).toBe(true);
      for (const frame of furnished(bare)) expect(frame.supports, id).toHaveLength(1);
    }
  });

  it('is one sofa where chest, hips and knees lie on it', () => {
    const frames = drawn('prone-head-hold');
    expect(frames[0]?.supports.length).toBeGreaterThan(2);
    const [sofa, ...more] = standingThings(frames);
    expect(more).toEqual([]);
    expect(sofa?.width).toBeGreaterThan(1);
  });

  it('does not hold on to what travels: a ball rolls, a towel slides', () => {
    const ball = furnished(drawn('ball-leg-curl')).map((f) => f.supports.find((s) => s.kind === 'round')?.x);
    expect(ball[0]).not.toBeCloseTo(ball[1] as number, 2);
    const towel = furnished(drawn('sliding-reverse-lunge')).map((f) => f.supports.find((s) => s.kind === 'cloth')?.x);
    expect(towel[0]).not.toBeCloseTo(towel[1] as number, 2);
  });

  it('hooks the feet under something where they are held', () => {
    expect(furnished(drawn('nordic-lowering'))[0]?.supports.map((s) => s.kind)).toEqual(['hold']);
  });
});

describe('hands that resist', () => {
  const toSkin = ({ from, to }: FigureFrame['presses'][number]) => ({ x: to.x - from.x, y: to.y - from.y });

  it('are arrows along their force: a partner pushes the head back, the knees apart', () => {
    const [head] = drawn('partner-neck-front')[1]?.presses ?? [];
    expect(head && toSkin(head).x).toBeLessThan(0);
    const knees = drawn('partner-knees-apart')[1]?.presses ?? [];
    expect(knees).toHaveLength(2);
    expect(Math.sign(toSkin(knees[0] as never).x)).toBe(-Math.sign(toSkin(knees[1] as never).x));
  });

  it('are not drawn for bands and straps, which are lines', () => {
    for (const id of ['band-row', 'strap-row', 'lying-hamstring-stretch']) {
      const [frame] = drawn(id);
      expect(frame?.presses, id).toEqual([]);
      expect(frame?.lines.length, id).toBeGreaterThan(0);
    }
  });

  it('the towel of a leg stretch runs from the hands to the foot', () => {
    const frame = drawn('lying-hamstring-stretch')[1] as FigureFrame;
    const foot = placedVariant(variant('lying-hamstring-stretch'), body)[1]?.skeleton.near.toe;
    for (const { to } of frame.lines) expect(to).toEqual(foot);
  });
});

describe('the box round a picture', () => {
  it('holds everything that is held, the wall and the arrows', () => {
    for (const v of library) {
      const frames = furnished(placedVariant(v, body).map((b) => drawingOf(b, v, true)));
      const { minX, maxX, maxY } = extentOfFrames(frames);
      for (const { held, wallX, presses } of frames) {
        for (const { x, y } of [...held.map((h) => h.at), ...presses.flatMap((p) => [p.from, p.to])]) {
          expect(x, v.id).toBeGreaterThan(minX);
          expect(x, v.id).toBeLessThan(maxX);
          expect(y, v.id).toBeLessThan(maxY);
        }
        if (wallX !== undefined) expect(wallX > minX && wallX < maxX, v.id).toBe(true);
      }
    }
  });
});

describe('joints drawn as they work', () => {
  const size = { heightCm: 175, massKg: 70 };
  const rings = (id: string, loadKg: number) => {
    const film = figureFilm(id, size, loadKg > 0);
    if (!film) throw new Error(id);
    return weighedFilm(film, { loadKg });
  };

  it('every frame of a film has one disc a joint, at the joint', () => {
    for (const { joints, rings: discs } of rings('squat', 0).frames) {
      expect(discs).toHaveLength(8);
      for (const disc of discs ?? []) expect(Object.values(joints)).toContainEqual(disc.at);
    }
  });

  it('a joint that works harder is drawn larger', () => {
    const largest = (loadKg: number) =>
      Math.max(...rings('hinge-lift', loadKg).frames.flatMap((f) => f.rings?.map((r) => r.share) ?? []));
    expect(largest(20)).toBeGreaterThan(largest(5));
  });

  it('in place of the tint', () => {
    expect(rings('squat', 0).tinted.size).toBe(0);
    expect(figureFilm('squat', size, false)?.tinted.size).toBeGreaterThan(0);
  });
});
