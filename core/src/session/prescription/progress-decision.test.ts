import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { variantById } from '../../exercise/library/library';
import type { Variant } from '../../exercise/model/variant';
import type { Move } from '../../progress/proposal';
import type { Brief } from '../brief/brief';
import { begin, composedOf } from '../composer/compose';
import { choicesOf } from '../draft/draft';
import { decidedAgainst, decidedReserve, decidedWords, decidedWorth } from './progress-decision';

const variant = (id: string) => variantById(id) as Variant;
const after = (id: string, decided: Move, more: Partial<Brief> = {}) =>
  plainBrief({
    season: { phase: 'in-season', recent: [{ date: '2026-12-07', items: [{ variant: id, sets: 3, decided }] }] },
    ...more,
  });

async function composed(brief: Brief): Promise<string[]> {
  const begun = begin(brief, await solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  return choicesOf(composedOf(begun).draft).map((c) => c.variant);
}

describe('what was decided of the last session', () => {
  const harder = variant('push-up').harder as string;
  const easier = variant('push-up').easier as string;

  it('progress prefers the next rung, and is nearer failure where there is none', () => {
    const brief = after('push-up', 'up');
    expect(decidedWorth(brief, variant(harder))).toBeGreaterThan(decidedWorth(brief, variant('push-up')));
    expect(decidedReserve(brief, variant('push-up'))).toBe(-1);
    expect(decidedWords(brief, variant(harder))).toContain('progress');
  });

  it('a step back prefers the easier rung, further from failure', () => {
    const brief = after('push-up', 'down');
    expect(decidedWorth(brief, variant('push-up'))).toBeLessThan(0);
    expect(decidedWorth(brief, variant(easier))).toBeGreaterThan(0);
    expect(decidedReserve(brief, variant('push-up'))).toBe(2);
  });

  it('the latest decision counts', () => {
    const brief = after('push-up', 'up');
    const later = { date: '2026-12-08', items: [{ variant: 'push-up', sets: 3, decided: 'same' as const }] };
    const both: Brief = { ...brief, season: { ...brief.season, recent: [...(brief.season.recent ?? []), later] } };
    expect(decidedWords(both, variant('push-up'))).toContain('unchanged');
    expect(decidedWorth(both, variant(harder))).toBe(0);
  });

  it('what was stopped is not chosen again, unless it is pinned', async () => {
    const usual = await composed(plainBrief());
    const gone = usual.find((id) => variant(id).blocks.includes('strength')) as string;
    const brief = after(gone, 'stop');
    expect(decidedAgainst(brief, variant(gone))).toContain('stopped');
    expect(await composed(brief)).not.toContain(gone);
    expect(await composed({ ...brief, lock: { include: [gone], exclude: [] } })).toContain(gone);
  });
});
