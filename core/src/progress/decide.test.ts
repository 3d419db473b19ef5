import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { decisionCase } from '../../test/decision-cases';
import { decisionTable } from '../../test/decision-table';
import { library, variantById } from '../exercise/library/library';
import { decide } from './decide';
import { type DecisionCase, decisionMoves } from './decision-case';

describe('what is done with an item next', () => {
  it.each(decisionTable)('%s: %s', (_, move, changes, rule, how) => {
    const decision = decide(decisionCase(changes));
    expect([decision.move, decision.rule]).toEqual([move, rule]);
    expect(`${decision.how} ${decision.why}`).toContain(how);
    expect(decision.why).toMatch(/[.]$/);
  });
});

const anySet = fc.record({ done: fc.integer({ min: 0, max: 14 }), rir: fc.option(fc.integer({ min: 0, max: 6 })) });
const anyCase = fc
  .record({
    variant: fc.constantFrom(
      ...library.filter((v) => !['raise', 'cool-down'].includes(v.blocks[0] ?? '')).map((v) => v.id),
    ),
    age: fc.integer({ min: 10, max: 60 }),
    history: fc.array(
      fc.record({
        sets: fc.array(anySet, { minLength: 0, maxLength: 4 }),
        pain: fc.option(fc.integer({ min: 0, max: 9 })),
        tempo: fc.boolean(),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    morning: fc.option(fc.integer({ min: 0, max: 8 })),
    kg: fc.option(fc.integer({ min: 2, max: 30 }), { nil: undefined }),
    note: fc.constantFrom(
      '',
      'all good',
      'slept badly',
      'took ibuprofen',
      'sharp in the knee',
      'physio: stay at this',
      'grown 5 cm',
    ),
    phase: fc.constantFrom('general-preparation', 'in-season', 'taper', 'transition'),
    cause: fc.constantFrom(undefined, 'tendon', 'overuse', 'muscle-strain'),
  })
  .map(({ variant: id, age, history, morning, kg, note, phase, cause }): DecisionCase => {
    const variant = variantById(id);
    const region = variant?.regions[0]?.region ?? 'knee';
    const last = history.at(-1);
    return decisionCase({
      athlete: { age },
      item: {
        variant: id,
        block: variant?.blocks[0] ?? 'strength',
        load: kg === undefined ? { with: 'body weight' } : { kg, nextKg: kg + 2 },
      },
      history: history.map((one, i) => ({
        daysAgo: (history.length - 1 - i) * 3,
        sets: one.sets.map((set, s) => ({ side: 'both', set: s + 1, done: set.done, rir: set.rir ?? null })),
        painInRegion: one.pain ?? null,
        tempoKept: one.tempo,
      })),
      session: { note, pain: last?.pain == null ? [] : [{ region, score: last.pain, morningAfter: morning ?? null }] },
      phase,
      ...(cause ? { restriction: { region, severity: 'limit', reason: cause } } : {}),
    });
  });

describe('whatever came back', () => {
  it('nothing is added while it hurts more than 2, hurts more than 5 or nobody said', () => {
    fc.assert(
      fc.property(anyCase, (given) => {
        const { move } = decide(given);
        expect(decisionMoves).toContain(move);
        const pain = given.history.at(-1)?.painInRegion ?? null;
        if (pain === null || pain > 2) expect(move).not.toBe('progress');
        if (pain !== null && pain > 5) expect(['stop', 'refer']).toContain(move);
      }),
      { numRuns: 2000 },
    );
  });

  it('one thing moves at a time, by a step: never load with more repetitions, never more than a fifth', () => {
    fc.assert(
      fc.property(anyCase, (given) => {
        const { move, how } = decide(given);
        if (move !== 'progress') return;
        const kg = /([\d.]+) kg instead of ([\d.]+)/.exec(how);
        const reps = /× (\d+)(?: each side)? instead of (\d+)/.exec(how);
        if (kg && reps) expect(Number(reps[1])).toBeLessThanOrEqual(Number(reps[2]));
        if (given.athlete.age < 16 && kg) expect(Number(kg[1])).toBeLessThanOrEqual(12);
        const seconds = /× (\d+) s instead of (\d+) s/.exec(how);
        if (seconds) expect(Number(seconds[1])).toBeLessThanOrEqual(Number(seconds[2]) * 1.2 + 5);
      }),
      { numRuns: 1000 },
    );
  });

  it('a taper, a deload, a fixture tomorrow and weeks of rest add nothing', () => {
    fc.assert(
      fc.property(
        anyCase,
        fc.constantFrom({ deload: true }, { phase: 'taper' }, { daysToFixture: 1 }, { phase: 'transition' }),
        (given, when) => {
          expect(decide({ ...given, ...when }).move).not.toBe('progress');
        },
      ),
      { numRuns: 500 },
    );
  });
});
