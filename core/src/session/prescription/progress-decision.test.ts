import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { variantById } from '../../exercise/library/library';
import type { Variant } from '../../exercise/model/variant';
import { type BlockKind, type Level, mainBlocks } from '../../exercise/model/vocabulary';
import type { Move } from '../../progress/proposal';
import { review } from '../../review/review';
import type { ReviewedSession } from '../../review/reviewed-session';
import type { Brief } from '../brief/brief';
import { begin, composedOf } from '../composer/compose';
import { contextOf } from '../context/context';
import { choicesOf } from '../draft/draft';
import { planOf } from '../plan/plan';
import { type Plan, type PlanItem, plannedAmount } from '../plan/plan-types';
import {
  asDecided,
  decidedAgainst,
  decidedDoseOf,
  decidedReserve,
  decidedWords,
  decidedWorth,
} from './progress-decision';

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

/** Main work of what is composed from a brief, as the plan has it. */
async function mainWorkOf(brief: Brief): Promise<PlanItem[]> {
  const begun = begin(brief, await solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  const { blocks } = planOf(contextOf(brief), composedOf(begun).draft);
  return blocks.filter(({ kind }) => mainBlocks.has(kind as BlockKind)).flatMap(({ items }) => items);
}

/** A session that was done in full with two left, every set as planned. */
const doneAsPlanned = (brief: Brief, plan: Plan): ReviewedSession => ({
  ...{ on: brief.date, plan, report: { effort: 6, pain: [] } },
  logs: plan.blocks.flatMap(({ items }) =>
    items.flatMap((item) =>
      Array.from({ length: item.sets }, () => (item.perSide ? (['left', 'right'] as const) : (['both'] as const)))
        .flat()
        .map((side) => ({ variant: item.variant, side, amount: plannedAmount(item), reserve: 2, note: null })),
    ),
  ),
});

describe('decisions with a dose, in the next session', () => {
  const moves = ['up', 'same', 'down', 'stop'] as const;
  it.each<[string, Partial<Brief>, Level]>([
    ['holding', { aim: 'hold', minutes: 40 }, 'intermediate'],
    ['strength', { aim: 'strength', minutes: 45 }, 'advanced'],
    ['endurance', { aim: 'endurance', minutes: 40 }, 'intermediate'],
    ['a beginner', { aim: 'hold', minutes: 35 }, 'beginner'],
  ])(
    '%s: what is in it is done as decided, no heavier, no longer, and what was stopped is not',
    async (_, given, level) => {
      const plain = plainBrief({ ...given, season: { phase: 'general-preparation' } });
      const brief: Brief = { ...plain, athlete: { ...plain.athlete, level } };
      const begun = begin(brief, await solver);
      if ('refused' in begun) throw new Error(begun.refused.reason);
      const plan = planOf(contextOf(brief), composedOf(begun).draft);
      const before = plan.blocks.filter(({ kind }) => mainBlocks.has(kind as BlockKind)).flatMap(({ items }) => items);
      const reviewed = review(doneAsPlanned(brief, plan), brief);
      const items = before.map((item, i) => {
        const decided = moves[i % moves.length] as Move;
        const next = reviewed.find((one) => one.item.variant === item.variant)?.next[decided];
        return { variant: item.variant, sets: item.sets, decided, ...(next ? { next } : {}) };
      });
      const recent = [{ date: brief.date, aim: brief.aim, items }];
      const now = await mainWorkOf({ ...brief, date: '2026-12-12', season: { ...brief.season, recent } });
      let followed = 0;
      for (const { variant, decided, next } of items) {
        const item = now.find((one) => one.variant === (next?.variant ?? variant));
        if (decided === 'stop') expect(now.map((one) => one.variant)).not.toContain(variant);
        if (!item || !next) continue;
        followed++;
        expect(item.sets).toBeLessThanOrEqual(next.sets as number);
        if (next.variant) continue;
        expect(item.load?.kg ?? 0).toBeLessThanOrEqual((next.kg ?? 0) + 0.01);
        if (item.load?.kg === next.kg) expect(plannedAmount(item)).toBe(next.amount);
      }
      const wanted = items.filter(({ decided }) => decided === 'up' || decided === 'same').length;
      expect(followed).toBeGreaterThanOrEqual(wanted - 1);
    },
  );

  it('more is asked only for the aim it was decided for; less holds whatever the day is for', () => {
    const decided = (aim: Brief['aim'], move: Move) =>
      plainBrief({
        aim,
        season: {
          phase: 'in-season',
          recent: [
            {
              ...{ date: '2026-12-07', aim: 'hold' as const },
              items: [
                { variant: 'push-up', sets: 3, decided: move, next: { sets: 3, amount: 12, counts: 'reps' as const } },
              ],
            },
          ],
        },
      });
    expect(decidedDoseOf(decided('hold', 'up'), { id: 'push-up' })?.amount).toBe(12);
    expect(decidedDoseOf(decided('strength', 'up'), { id: 'push-up' })).toBeUndefined();
    expect(decidedDoseOf(decided('strength', 'down'), { id: 'push-up' })?.amount).toBe(12);
  });
});

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

it('a rest that was decided is taken where it is shorter, never where it is longer', () => {
  const planned = { sets: 3, work: { kind: 'work', seconds: 30 }, perSide: false, restSeconds: 40 } as const;
  const rested = (restSeconds: number) =>
    asDecided(planned, { move: 'up', sameExercise: true, amount: 30, counts: 'work', restSeconds }).restSeconds;
  expect([rested(35), rested(60)]).toEqual([35, 40]);
  expect(asDecided(planned, { move: 'up', sameExercise: true, amount: 30, counts: 'work' }).restSeconds).toBe(40);
});
