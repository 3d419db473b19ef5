/// <reference types="node" />
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { arcMinutes, contrast, leastArcMinutes, sixInchPhone } from './legibility';

const css = ['web/src/styles.css', 'web/src/athlete/player/player.css']
  .map((file) => readFileSync(file, 'utf8'))
  .join('\n');

/** Colours that hold on the floor in a light: those of the application, and what the floor has of its own. */
function colours(theme: string): Record<string, string> {
  const blocks = [...css.matchAll(/([^{}]+)\{([^{}]*)\}/g)].filter(([, selector = '']) =>
    selector.includes(`[data-theme="${theme}"]`),
  );
  return Object.fromEntries(
    blocks.flatMap(([, , body = '']) =>
      [...body.matchAll(/--([\w-]+): (#[0-9a-f]{6})/g)].map(([, k = '', v = '']) => [k, v]),
    ),
  );
}

describe('what is read from the floor', () => {
  it('letters of the far size are twenty arc minutes high at three metres on a six-inch phone', () => {
    const size = Number(/--far: (\d+)px/.exec(css)?.[1]);
    const capital = 0.686;
    expect(arcMinutes(106.5, sixInchPhone, 3)).toBeCloseTo(20, 1);
    expect(arcMinutes(size * capital, sixInchPhone, 3)).toBeGreaterThanOrEqual(leastArcMinutes);
    expect(arcMinutes(90, sixInchPhone, 3)).toBeLessThan(leastArcMinutes);
  });

  it.each(['dark', 'light'])('in the %s every word stands out at seven to one and more', (theme) => {
    const { paper = '', lit = '', ...all } = colours(theme);
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
    for (const name of ['ink', 'quiet', 'bronze', 'laurel', 'oxide'])
      expect([name, contrast(all[name] ?? '', paper) >= 7]).toEqual([name, true]);
    expect(contrast(all.ink ?? '', lit)).toBeGreaterThanOrEqual(7);
    expect(contrast(paper, all.bronze ?? '')).toBeGreaterThanOrEqual(7);
  });
});
