import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import type { Brief } from '../brief/brief';
import { begin, composedOf } from '../composer/compose';
import { given } from '../composer/relaxed-rules';
import { planOf } from './plan';

async function checksFor(changes: Partial<Brief>): Promise<string[]> {
  const begun = begin(plainBrief(changes), await solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  return planOf(begun.context, composedOf(begun).draft).checks.map(({ text }) => text);
}

const nothing: Brief['kit'] = { ...plainBrief().kit, items: [], anchors: [] };

describe('what the frame says', () => {
  it('names what of the type is not there, and why', async () => {
    const athlete = {
      ...plainBrief().athlete,
      restrictions: [{ region: 'shoulder' as const, severity: 'avoid' as const }],
    };
    const texts = await checksFor({ athlete });
    expect(texts).toContain('No push: nothing fits the equipment, room, restrictions and day');
  });

  it('names the one thing that would serve the sport', async () => {
    const texts = await checksFor({ kit: nothing, sport: { id: 'swimming', role: 'sprint' } });
    expect(texts.join(' ')).toMatch(/Pull from above: a [a-z -]+ would allow this/);
  });

  it('weighs opposites and planes only where the whole body is trained', async () => {
    const care = await checksFor({ aim: 'prevention', minutes: 15 });
    expect(care.join(' ')).not.toMatch(/push sets|plane/);
    expect((await checksFor({})).join(' ')).toMatch(/push sets/);
  });
});

describe('a type that cannot be had', () => {
  // A kayaker strokes with a stick or a band; with neither there is no drill to make rounds of.
  const rounds = plainBrief({
    sport: { id: 'sprint-canoe', role: 'kayak' },
    sessionType: 'rounds',
    kit: { ...plainBrief().kit, items: [] },
  });

  it('is refused with what would have to give', async () => {
    const begun = begin(rounds, await solver);
    if (!('refused' in begun)) throw new Error('composed all the same');
    expect(begun.refused.reason).toMatch(/^Timed rounds is about technique/);
    expect(begun.refused.relax).toEqual(['sessionType']);
    const way = begun.refused.ways?.[0];
    expect(way?.words).toBe('Choose the session type automatically.');
    const eased = given(rounds, way?.gives ?? []);
    expect(eased.sessionType).toBeUndefined();
    expect('refused' in begin(eased, await solver)).toBe(false);
  });
});
