import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { decisionCase, session, sets } from '../../test/decision-cases';
import { decide, decideWithDoses } from './decide';
import { asksMore, mayStand, offeredRules, type PastDecision, ruleValue } from './progress-rules';
import { decidedMoves, pressed } from './proposal';
import { isGuarded, ruleBook, ruleValues } from './rule-book';

const easy = decisionCase({ history: [session(3, sets([10, 10, 10], 4)), session(0, sets([10, 10, 10], 4))] });

describe('the book of rules', () => {
  it('holds every rule that decides, each with what it says and where it is from', () => {
    const folder = new URL('.', import.meta.url);
    const written = readdirSync(folder)
      .filter((file) => /-rules\.ts$|next-step\.ts$|decide\.ts$/.test(file) && file !== 'progress-rules.ts')
      .flatMap((file) => [...readFileSync(new URL(file, folder), 'utf8').matchAll(/rule: (?:[^'\n]*\? )?'([a-z-]+)'/g)])
      .map(([, name]) => name as string);
    expect(written.length).toBeGreaterThan(40);
    expect(written.filter((name) => !(name in ruleBook))).toEqual([]);
    for (const { title, says, source } of Object.values(ruleBook))
      expect([title, says, source].every(Boolean)).toBe(true);
  });

  it('values stay within their limits, and their usual ones too', () => {
    for (const [name, { usual, range }] of Object.entries(ruleValues)) {
      expect(usual).toBeGreaterThanOrEqual(range[0]);
      expect(usual).toBeLessThanOrEqual(range[1]);
      expect(ruleValue({ values: { [name]: 1e6 } }, name as keyof typeof ruleValues)).toBe(range[1]);
      expect(ruleValue({}, name as keyof typeof ruleValues)).toBe(usual);
    }
  });
});

describe('what a club has set', () => {
  it('changes what a rule asks for', () => {
    expect(decide(easy).rule).toBe('rir-high');
    expect(decide(easy, { values: { muchInReserve: 3 } }).rule).not.toBe('rir-high');
    const tooFar = decisionCase({ ...easy, item: { load: { kg: 16, with: 'dumbbells', nextKg: 24 } } });
    expect(decide(tooFar).rule).toBe(decide(tooFar, { values: { loadStep: 15 } }).rule);
  });

  it('a preference is followed where its rule proposes just that, and named', () => {
    const rules = { instead: { 'rir-high': { proposed: 'up', decided: 'same' } } } as const;
    expect(decide(easy, rules)).toMatchObject({ move: 'hold', rule: 'rir-high' });
    expect(decide(easy, rules).why).toContain('House rule');
    expect(decide(easy, {}).move).toBe('progress');
    expect(decideWithDoses(easy, rules).next.same).toEqual({ kg: 16, sets: 3, amount: 10, counts: 'reps' });
  });

  it('never asks for more than a rule of safety, pain or form, nor while it hurts', () => {
    expect(mayStand('pain-stop', { proposed: 'stop', decided: 'same' })).toBe(false);
    expect(mayStand('pain-stop', { proposed: 'same', decided: 'stop' })).toBe(true);
    expect(mayStand('nothing-of-that-name', { proposed: 'same', decided: 'up' })).toBe(false);
    expect(mayStand('rir-high', { proposed: 'up', decided: 'up' })).toBe(false);
    const move = fc.constantFrom(...decidedMoves);
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(ruleBook)),
        move,
        move,
        fc.integer({ min: 0, max: 10 }),
        fc.integer({ min: 0, max: 6 }),
        (rule, proposed, decided, pain, rir) => {
          const given = decisionCase({
            history: [session(3, sets([10, 10, 10], rir)), session(0, sets([10, 10, 10], rir), { painInRegion: pain })],
            session: { pain: [{ region: 'knee', score: pain }] },
          });
          const usual = decide(given);
          const preferred = decide(given, { instead: { [rule]: { proposed, decided } } });
          if (pain > 2) expect(preferred.move).not.toBe('progress');
          if (isGuarded(usual.rule)) expect(asksMore(pressed[preferred.move], pressed[usual.move])).toBe(false);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

describe('what a coach keeps overruling', () => {
  const past = (...decided: ('up' | 'same' | 'down')[]): PastDecision[] =>
    decided.map((one) => ({ rule: 'rir-high', proposed: 'up', decided: one }));

  it.each<[string, PastDecision[], number]>([
    ['three alike', past('same', 'same', 'same'), 1],
    ['two alike', past('same', 'same'), 0],
    ['three of which the latest agreed', past('up', 'same', 'same', 'same'), 0],
    ['three alike after an agreement', past('same', 'same', 'same', 'up'), 1],
    ['agreeing', past('up', 'up', 'up'), 0],
    ['two ways', past('same', 'down', 'same'), 0],
    ['without a rule', past('same', 'same', 'same').map((one) => ({ ...one, rule: null })), 0],
    [
      'a rule of pain made more daring',
      past('same', 'same', 'same').map((one) => ({ ...one, rule: 'pain-stop', proposed: 'stop' as const })),
      0,
    ],
  ])('%s', (_, decisions, offered) => {
    expect(offeredRules(decisions, {})).toHaveLength(offered);
  });

  it('is not offered again once it is a rule', () => {
    const rules = { instead: { 'rir-high': { proposed: 'up', decided: 'same' } } } as const;
    expect(offeredRules(past('same', 'same', 'same'), rules)).toEqual([]);
    expect(offeredRules(past('same', 'same', 'same', 'up'), {})).toMatchObject([{ times: 3, of: 4 }]);
  });
});
