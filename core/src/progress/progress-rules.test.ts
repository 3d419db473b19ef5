import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { decisionCase, session, sets } from '../../test/decision-cases';
import { decide, decideWithDoses } from './decide';
import { estimated1rm } from './percent-of-1rm';
import { asksMore, mayStand, offeredRules, type PastDecision, ruleValue } from './progress-rules';
import { decidedMoves, pressed } from './proposal';
import { isGuarded, ruleBook, ruleValues } from './rule-book';

const easy = decisionCase({ history: [session(3, sets([10, 10, 10], 4)), session(0, sets([10, 10, 10], 4))] });

describe('the book of rules', () => {
  it('holds every rule that decides, each with what it says and where it is from', () => {
    const folder = new URL('.', import.meta.url);
    const written = readdirSync(folder)
      .filter((file) => /-rules\.ts$|next-step\.ts$|decide\.ts$/.test(file) && file !== 'progress-rules.ts')
      .flatMap((file) => [
        ...readFileSync(new URL(file, folder), 'utf8').matchAll(/rule: (?:[^'\n]*\? )?'([a-z0-9-]+)'/g),
      ])
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

describe('by percent of 1RM, where a club goes by it', () => {
  /** Twice in full with so much left, of so many repetitions with a load, with its neighbours in the kit. */
  const lifted = (reps: number, rir: number | null, kg: number, nextKg: number, lighterKg: number | null = kg - 2) =>
    decisionCase({
      item: {
        dose: { sets: 3, reps, perSide: false, rir: 2, restSeconds: 120 },
        load: { kg, with: 'dumbbells', nextKg, lighterKg },
      },
      history: [session(3, sets([reps, reps, reps], rir)), session(0, sets([reps, reps, reps], rir))],
    });
  const at = (share: number) => ({ values: { share1rm: share } });

  it.each([
    // 5 done and 3 left with 20 kg: a 1RM of 20 x (1 + 8 / 30) = 25.3 kg.
    [5, 3, 20, 25.3],
    [8, 2, 16, 21.3],
    [1, 0, 60, 62],
  ])('%i repetitions with %i left at %i kg show a 1RM of %f kg', (reps, rir, kg, oneRm) => {
    expect(estimated1rm({ sets: sets([reps], rir) as never }, kg)).toBeCloseTo(oneRm, 1);
  });

  it('is not told from long sets, nor where nobody said what was left', () => {
    expect(estimated1rm({ sets: sets([15], 2) as never }, 20)).toBeUndefined();
    expect(estimated1rm({ sets: sets([8], null) as never }, 20)).toBeUndefined();
  });

  it('moves the load to the set share, a weight at a time', () => {
    const case20 = lifted(5, 3, 20, 22);
    expect(decide(case20, at(90))).toMatchObject({ move: 'progress', rule: 'percent-of-1rm', next: { kg: 22 } });
    expect(decide(case20, at(80))).toMatchObject({ move: 'hold', rule: 'percent-of-1rm' });
    expect(decide(case20, at(70))).toMatchObject({ move: 'regress', rule: 'percent-of-1rm', next: { kg: 18 } });
    expect(decide(case20, at(90)).why).toMatch(/90 % of an estimated 1RM of 25 kg is 23 kg: more/);
    expect(decide(case20).rule).not.toBe('percent-of-1rm');
  });

  it('leaves alone who learns, the young, and what shows no 1RM', () => {
    const heavy = lifted(5, 3, 20, 22);
    for (const given of [
      decisionCase({ ...heavy, athlete: { level: 'beginner' } }),
      decisionCase({ ...heavy, athlete: { age: 16 } }),
      lifted(15, 3, 20, 22),
      lifted(8, null, 20, 22),
    ])
      expect(decide(given, at(90)).rule).not.toBe('percent-of-1rm');
  });

  it('goes before nothing that can hurt: pain, a missing score, a step that is too big', () => {
    const kneePain = (score: number) => ({ session: { pain: [{ region: 'knee' as const, score }] } });
    for (const score of [3, 6, 9]) {
      const given = decisionCase({ ...lifted(5, 3, 20, 22), ...kneePain(score) });
      const sore = { ...given, history: given.history.map((one) => ({ ...one, painInRegion: score })) };
      expect(decide(sore, at(90)).move).not.toBe('progress');
    }
    expect(decide(lifted(5, 5, 10, 20, null), at(90)).next?.kg ?? 10).toBe(10);
  });
});

describe('by density, where a club goes by it', () => {
  const timed = (restSeconds: number, block: 'finisher' | 'power' = 'finisher', change: object = {}) =>
    decisionCase({
      item: {
        variant: 'march-on-the-spot',
        block,
        dose: { sets: 4, workSeconds: 30, perSide: false, restSeconds, ...change },
        load: {},
      },
      history: [session(3, sets([30, 30, 30, 30])), session(0, sets([30, 30, 30, 30]))],
    });
  const dense = { values: { restStep: 5 } };

  it('less rest for the same work, and the shorter rest stays', () => {
    expect(decide(timed(30), dense)).toMatchObject({ move: 'progress', rule: 'density', next: { restSeconds: 25 } });
    expect(decide(timed(30), dense).how).toBe('25 s rest instead of 30 s, the same work');
    expect(decideWithDoses(timed(25), dense).next.same).toMatchObject({ restSeconds: 25, amount: 30 });
    expect(decideWithDoses(timed(25), dense).next.up).toMatchObject({ restSeconds: 20, amount: 30 });
  });

  it('longer work where no club says so, where rest is short, in power, and of holds', () => {
    expect(decide(timed(30)).next).toEqual({ amount: 35 });
    expect(decideWithDoses(timed(30)).next.up).not.toHaveProperty('restSeconds');
    expect(decide(timed(12), dense).rule).not.toBe('density');
    expect(decide(timed(30, 'power'), dense).rule).not.toBe('density');
    expect(decide(timed(30, 'finisher', { workSeconds: undefined, holdSeconds: 30 }), dense).rule).not.toBe('density');
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
