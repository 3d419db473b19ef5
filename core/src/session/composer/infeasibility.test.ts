import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import type { Brief } from '../brief/brief';
import { begin } from './compose';
import { given, type Infeasibility, type RelaxedRule } from './relaxed-rules';

async function refusedOf(brief: Brief): Promise<Infeasibility> {
  const begun = begin(brief, await solver);
  if (!('refused' in begun)) throw new Error('was not refused');
  return begun.refused;
}

const fits = async (brief: Brief) => !('refused' in begin(brief, await solver));

/** Every set of things that might give, smaller ones first; minutes by a lot. */
function subsets(brief: Brief): RelaxedRule[][] {
  const all: RelaxedRule[] = [
    { kind: 'minutes', to: 120 },
    ...brief.lock.include.map((variant): RelaxedRule => ({ kind: 'pin', variant })),
    ...(brief.lock.floors ?? []).map((_, at): RelaxedRule => ({ kind: 'floor', at })),
    ...brief.lock.exclude.map((variant): RelaxedRule => ({ kind: 'ban', variant })),
  ];
  const sets = Array.from({ length: 1 << all.length }, (_, mask) => all.filter((__, i) => mask & (1 << i)));
  return sets.sort((a, b) => a.length - b.length);
}

const pinned = (include: string[], changes: Partial<Brief> = {}, lock: Partial<Brief['lock']> = {}) =>
  plainBrief({ ...changes, lock: { include, exclude: [], ...lock } });

const cases: [string, Brief][] = [
  ['pins that do not fit into the minutes', pinned(['push-up', 'squat', 'hinge-lift', 'side-plank'], { minutes: 9 })],
  ['one pin too long for a very short session', pinned(['split-squat'], { minutes: 5 })],
  ['a floor that the minutes do not hold', pinned([], { minutes: 6 }, { floors: [{ block: 'prevention', least: 5 }] })],
  [
    'a floor far beyond what the type would hold',
    pinned([], { minutes: 15 }, { floors: [{ block: 'trunk', least: 9 }] }),
  ],
  ['a pin that is left out at the same time', pinned(['push-up'], {}, { exclude: ['push-up'] })],
  [
    'a floor and pins together',
    pinned(['push-up', 'squat', 'hinge-lift'], { minutes: 10 }, { floors: [{ block: 'power', least: 2 }] }),
  ],
];

describe('what must give', () => {
  it.each(cases)('%s: the set is enough, and no smaller one is', async (_, brief) => {
    const refused = await refusedOf(brief);
    const [way] = refused.ways ?? [];
    if (!way) throw new Error('no way out');
    expect(await fits(given(brief, way.gives)), way.words).toBe(true);
    for (const smaller of subsets(brief)) {
      if (smaller.length >= way.gives.length) break;
      expect(await fits(given(brief, smaller)), JSON.stringify(smaller)).toBe(false);
    }
  });

  it('every way that is offered is enough, and they differ', async () => {
    const brief = pinned(['push-up', 'squat', 'hinge-lift', 'side-plank'], { minutes: 9 });
    const ways = (await refusedOf(brief)).ways ?? [];
    expect(ways.length).toBeGreaterThan(1);
    for (const way of ways) expect(await fits(given(brief, way.gives)), way.words).toBe(true);
    expect(new Set(ways.map((w) => w.words)).size).toBe(ways.length);
  });

  it('minutes are no more than are needed', async () => {
    const brief = pinned(['split-squat'], { minutes: 5 });
    const minutes = (await refusedOf(brief)).ways?.flatMap((w) => w.gives).find((g) => g.kind === 'minutes');
    if (minutes?.kind !== 'minutes') throw new Error('minutes were not offered');
    expect(await fits({ ...brief, minutes: minutes.to })).toBe(true);
    expect(await fits({ ...brief, minutes: minutes.to - 2 })).toBe(false);
  });
});
