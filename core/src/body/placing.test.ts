import { describe, expect, it } from 'vitest';
import { library } from '../exercise/library/library';
import { parseContact } from './contact';
import { capsulePath, extentOf, figureOf } from './figure';
import { spaceNeeded } from './footprint';
import { placedBetween, placedKeyframes } from './motion';
import { touchPoint } from './placing-residuals';
import { between, flattened, poseOf, unflattened } from './pose';
import { scaledBody } from './segments';

const body = scaledBody({ heightCm: 175, massKg: 70 });

describe('pose language', () => {
  it.each([
    ['near.foot', { part: 'feet', side: 'near', heightM: 0, held: false, slides: false }],
    ['hands@sofa', { part: 'hands', side: 'both', heightM: 0.42 }],
    ['insteps!', { part: 'insteps', held: true }],
    ['heels*', { part: 'heels', slides: true }],
    ['back@wall', { part: 'back', surface: 'wall' }],
  ])('reads %s', (text, expected) => {
    expect(parseContact(text)).toMatchObject(expected);
  });

  it.each(['ears', 'hands@moon', '', 'near.', 'feet@'])('refuses "%s"', (text) => {
    expect(() => parseContact(text)).toThrow(SyntaxError);
  });

  it('lets what is written for one side win over both', () => {
    const pose = poseOf('standing', { knee: 90, far: { knee: 10 } });
    expect([pose.near.knee, pose.far.knee]).toEqual([90, 10]);
  });

  it('flattens and unflattens without loss', () => {
    const pose = poseOf('plank', { near: { elbow: 33 }, neck: 4 });
    expect(unflattened(flattened(pose))).toEqual(pose);
  });

  it('is half-way between two poses at a half', () => {
    const middle = between(poseOf('standing', { lean: 0 }), poseOf('standing', { lean: 60 }), 0.5);
    expect(middle.lean).toBe(30);
  });
});

describe('placing', () => {
  it.each([140, 160, 190, 205])('every contact of every variant touches within 1 cm at %i cm', (heightCm) => {
    const sized = scaledBody({ heightCm, massKg: 70 });
    const floating = library.flatMap((v) =>
      placedKeyframes(v, sized).flatMap((f, i) =>
        f.missM > 0.01 ? [`${v.id}/${v.keyframes[i]?.name}: ${f.missM.toFixed(3)}`] : [],
      ),
    );
    expect(floating).toEqual([]);
  });

  it('keeps feet where they are from keyframe to keyframe', () => {
    const squat = library.find((v) => v.id === 'split-squat');
    if (!squat) throw new Error('no split squat');
    const frames = placedKeyframes(squat, body);
    const [first, last] = frames.map((f) => f.touches.map((t) => touchPoint(f.skeleton, t).x));
    first?.forEach((x, i) => {
      expect(last?.[i]).toBeCloseTo(x, 3);
    });
  });

  it('keeps common contacts in touch between keyframes', () => {
    const pushUp = library.find((v) => v.id === 'push-up');
    if (!pushUp) throw new Error('no push-up');
    const [top, bottom] = placedKeyframes(pushUp, body);
    if (!top || !bottom) throw new Error('no frames');
    for (const t of [0.2, 0.5, 0.8]) expect(placedBetween(top, bottom, t).missM).toBeLessThan(0.005);
  });
});

describe('space and figure', () => {
  it('needs a ceiling for pressing overhead and floor for lying', () => {
    const space = (id: string) => {
      const variant = library.find((v) => v.id === id);
      if (!variant) throw new Error(id);
      return spaceNeeded(body, placedKeyframes(variant, body));
    };
    expect(space('overhead-press').heightM).toBeGreaterThan(2);
    expect(space('bridge').heightM).toBeLessThan(0.9);
    expect(space('push-up').lengthM).toBeGreaterThan(1.4);
    expect(space('squat').lengthM).toBeLessThan(1.2);
  });

  it('grows with the athlete', () => {
    const variant = library.find((v) => v.id === 'push-up');
    if (!variant) throw new Error('no push-up');
    const tall = scaledBody({ heightCm: 200, massKg: 90 });
    expect(spaceNeeded(tall, placedKeyframes(variant, tall)).lengthM).toBeGreaterThan(
      spaceNeeded(body, placedKeyframes(variant, body)).lengthM,
    );
  });

  it('draws a disc as two arcs', () => {
    const head = {
      part: 'head',
      layer: 'middle',
      from: { x: 0, y: 0 },
      to: { x: 0, y: 0 },
      fromRadius: 1,
      toRadius: 1,
    } as const;
    expect(capsulePath(head, 1)).toBe('M-1 0A1 1 0 1 1 1 0A1 1 0 1 1 -1 0Z');
  });

  it('draws every part of the body, the standing one as tall as the athlete', () => {
    const [frame] = placedKeyframes(
      { view: 'side', keyframes: [{ name: 'stand', base: 'standing', on: ['feet'] }] },
      body,
    );
    if (!frame) throw new Error('no frame');
    const capsules = figureOf(frame);
    expect(new Set(capsules.map((c) => c.part)).size).toBe(10);
    expect(extentOf(capsules).maxY).toBeCloseTo(1.75, 1);
  });
});
