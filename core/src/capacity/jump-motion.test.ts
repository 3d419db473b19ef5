import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { flightsIn, type MotionSample } from './jump-motion';

const g = 9.81;
/** A phone at the breastbone: stands, dips, pushes off, flies, lands, stands; 60 samples a second, a little noise. */
function jump(flightSeconds: number, noise: readonly number[] = [0]): MotionSample[] {
  const parts: [number, number][] = [
    [0.5, g],
    [0.2, 7],
    [0.25, 20],
    [flightSeconds, 0.5],
    [0.1, 30],
    [0.4, g],
  ];
  let at = 0;
  return parts.flatMap(([seconds, size]) =>
    Array.from({ length: Math.round(seconds * 60) }, (_, i) => {
      at += 1 / 60;
      return { at, size: size + (noise[i % noise.length] ?? 0) };
    }),
  );
}

describe('jumps by the motion of a phone', () => {
  it('finds the time in the air to two samples, with noise', () => {
    const noise = fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 5, maxLength: 9 });
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 0.7, noNaN: true }), noise, (flight, n) => {
        const [found, ...more] = flightsIn(jump(flight, n));
        expect(more).toEqual([]);
        expect(Math.abs((found ?? 0) - flight)).toBeLessThanOrEqual(2.5 / 60);
      }),
    );
  });

  it('takes no walking, no drop of the phone and no lying still for a jump', () => {
    const walking = Array.from({ length: 300 }, (_, i) => ({ at: i / 60, size: g + 4 * Math.sin(i / 5) }));
    const dropped = [
      ...Array.from({ length: 60 }, (_, i) => ({ at: i / 60, size: g })),
      ...Array.from({ length: 30 }, (_, i) => ({ at: 1 + i / 60, size: 0 })),
      { at: 1.6, size: 60 },
    ];
    expect([flightsIn(walking), flightsIn(dropped), flightsIn([])]).toEqual([[], [], []]);
    expect(flightsIn([...jump(0.5), ...jump(0.4).map((s) => ({ ...s, at: s.at + 5 }))])).toHaveLength(2);
  });
});
