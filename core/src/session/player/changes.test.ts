import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { playedContext, playedDraft, playedPlan } from '../../../test/played';
import type { PlanItem } from '../plan/plan-types';
import { changedSteps, changeWords, lighter, openSets, type SessionChange } from './changes';
import { otherWays } from './other-ways';
import { type PainNow, painToday } from './pain-today';
import { type ReadinessToday, readinessToday } from './readiness-today';
import { isWork, type Step, stepsOf } from './steps';

const plan = playedPlan();
const steps = stepsOf(plan);
const ways = otherWays(playedContext(), playedDraft);
const items = plan.blocks.flatMap((block) => block.items);
const item = (variant: string) => items.find((one) => one.variant === variant) as PlanItem;
const after = (change: SessionChange, done: readonly string[] = [], on: readonly Step[] = steps) =>
  changedSteps(on, [{ change, done: new Set(done) }]);
const told = (list: readonly Step[]) => list.map((s) => (s.kind === 'rest' ? `rest ${s.seconds}` : s.key));

describe('other ways', () => {
  it('are rungs of the ladder, dosed with the same sets, none of them in the session already', () => {
    expect(Object.keys(ways)).toContain('push-up');
    const easier = ways['push-up']?.easier as PlanItem;
    expect(easier.name).not.toBe('Push-up');
    expect(easier.sets).toBe(item('push-up').sets);
    for (const { easier: e, harder: h } of Object.values(ways))
      for (const one of [e, h]) if (one) expect(items.map(({ variant }) => variant)).not.toContain(one.variant);
  });
});

describe('changes on the way', () => {
  const easier = ways['push-up']?.easier as PlanItem;

  it('a swap keeps the name of the set and says whose place it takes; what is done stays', () => {
    const now = after({ kind: 'swap', slot: 'push-up', why: 'too hard', to: easier }, ['push-up#1#both']).filter(
      isWork,
    );
    const inPlace = now.filter((s) => s.key.startsWith('push-up'));
    expect(inPlace.map((s) => [s.key, s.item.variant, s.insteadOf])).toEqual([
      ['push-up#1#both', 'push-up', undefined],
      ['push-up#2#both', easier.variant, 'push-up'],
    ]);
  });

  it('a set of two sides for one of both, and the other way round; a set half done is finished as it was begun', () => {
    const two = after({ kind: 'swap', slot: 'split-squat', why: 'too hard', to: easier }, ['split-squat#1#left']);
    expect(told(two).filter((k) => k.startsWith('split'))).toEqual([
      ...['split-squat#1#left', 'split-squat#1#right', 'split-squat#2#both'],
    ]);
    const sided = { ...easier, perSide: true };
    expect(told(after({ kind: 'swap', slot: 'push-up', why: 'too easy', to: sided }))).toContain('push-up#2#right');
  });

  it('what is out takes its rest along, and the round is still rested after', () => {
    expect(told(after({ kind: 'out', slot: 'push-up', why: 'pain' })).slice(0, 5)).toEqual([
      ...['march-on-the-spot#1#both', 'split-squat#1#left', 'split-squat#1#right', 'rest 30', 'split-squat#2#left'],
    ]);
    expect(told(after({ kind: 'out', slot: 'side-plank', why: 'no time' })).at(-1)).toBe('split-squat#2#right');
  });

  it('fewer leaves so many whole sets, load is of what is still to come', () => {
    const fewer = after({ kind: 'fewer', slot: 'side-plank', why: 'readiness', sets: 1 });
    expect(openSets(fewer, 'side-plank', new Set())).toBe(1);
    const heavier = after({ kind: 'load', slot: 'push-up', why: 'too easy', kg: 5 }, ['push-up#1#both']).filter(isWork);
    expect(heavier.filter((s) => s.key.startsWith('push-up')).map((s) => s.item.load?.kg)).toEqual([undefined, 5]);
  });

  it('less of the same where there is no easier one: seven tenths, never nothing', () => {
    expect(lighter(item('side-plank')).holdSeconds).toBe(14);
    expect(lighter({ ...item('push-up'), reps: 1 }).reps).toBe(1);
    expect(changeWords({ kind: 'swap', slot: 'push-up', why: 'pain', to: lighter(item('push-up')) }, 'Push-up')).toBe(
      'Push-up: 2 a set',
    );
  });

  it('whatever is changed: names stay different, what is done stays, no rest stands last or beside another', () => {
    const slots = items.map(({ variant }) => variant);
    const change: fc.Arbitrary<SessionChange> = fc
      .tuple(fc.constantFrom(...slots), fc.constantFrom('out', 'fewer', 'easier', 'lighter', 'load'), fc.nat(3))
      .map(([slot, kind, n]): SessionChange => {
        const why = 'too hard';
        if (kind === 'out') return { kind, slot, why };
        if (kind === 'fewer') return { kind, slot, why, sets: n };
        if (kind === 'load') return { kind, slot, why, kg: n };
        const other = kind === 'easier' ? (ways[slot]?.easier ?? lighter(item(slot))) : lighter(item(slot));
        return { kind: 'swap', slot, why, to: other };
      });
    fc.assert(
      fc.property(fc.array(fc.tuple(change, fc.nat(steps.length)), { maxLength: 6 }), (list) => {
        let [now, done]: [Step[], string[]] = [steps, []];
        for (const [one, upTo] of list) {
          done = [
            ...new Set([
              ...done,
              ...now
                .filter(isWork)
                .slice(0, upTo % 5)
                .map((s) => s.key),
            ]),
          ];
          now = changedSteps(now, [{ change: one, done: new Set(done) }]);
          const keys = now.filter(isWork).map((s) => s.key);
          expect(new Set(keys).size).toBe(keys.length);
          for (const key of done) expect(keys).toContain(key);
          expect(now.at(-1)?.kind).not.toBe('rest');
          expect(now.some((s, i) => s.kind === 'rest' && now[i + 1]?.kind === 'rest')).toBe(false);
        }
      }),
      { numRuns: 300 },
    );
  });
});

const usual = { ceilingOf: () => undefined, isMinor: false, ways, before: [] as PainNow[] };

describe('pain in the middle', () => {
  it.each([
    [{ score: 2 }, {}, 'go on'],
    [{ score: 3 }, {}, 'easier'],
    [{ score: 5 }, {}, 'easier'],
    [{ score: 6 }, {}, 'region out'],
    [{ score: 3 }, { isMinor: true }, 'region out'],
    [{ score: 2 }, { isMinor: true }, 'go on'],
    [{ score: 2 }, { ceilingOf: (): number => 0 }, 'region out'],
    [{ score: 3 }, { ceilingOf: (): number => 3 }, 'easier'],
    [{ score: 7 }, { before: [{ region: 'shoulder', score: 6 }] }, 'end'],
    [{ score: 7 }, { before: [{ region: 'shoulder', score: 4 }] }, 'region out'],
  ] as const)('%j under %j: %s', (pain, setting, kind) => {
    expect(painToday({ region: 'shoulder', ...pain }, items, { ...usual, ...(setting as object) }).kind).toBe(kind);
  });

  it('takes out what loads the part, and nothing else', () => {
    const { changes } = painToday({ region: 'knee', side: 'left', score: 8 }, items, usual);
    const out = changes.map(({ slot }) => slot);
    expect(out).toContain('split-squat');
    for (const one of items) expect(out.includes(one.variant)).toBe(one.regions.includes('knee'));
  });

  it('never adds a set or an amount, whatever is told', () => {
    const regions = [...new Set(items.flatMap((one) => one.regions))];
    fc.assert(
      fc.property(
        fc.constantFrom(...regions),
        fc.integer({ min: 0, max: 10 }),
        fc.boolean(),
        (region, score, isMinor) => {
          const answer = painToday({ region: region as PainNow['region'], score }, items, { ...usual, isMinor });
          const now = changedSteps(
            steps,
            answer.changes.map((change) => ({ change, done: new Set<string>() })),
          );
          expect(now.filter(isWork).length).toBeLessThanOrEqual(steps.filter(isWork).length);
          if (score > 5) expect(now.filter(isWork).some((s) => s.item.regions.includes(region))).toBe(false);
        },
      ),
    );
  });
});

describe('readiness before', () => {
  it.each([
    [{}, 'as planned', 0],
    [{ sleep: 'long', sore: 'no', stress: 'low', ill: 'no' }, 'as planned', 0],
    [{ sleep: 'short' }, 'lighter', 3],
    [{ sleep: 'short', stress: 'high' }, 'lighter', 3],
    [{ ill: 'cold' }, 'lighter', 3],
    [{ ill: 'ill', sleep: 'long' }, 'rest', 0],
    [{ pain: [{ region: 'knee', score: 6 }] }, 'rest', 0],
    [{ pain: [{ region: 'knee', score: 4 }] }, 'lighter', undefined],
    [{ pain: [{ region: 'knee', score: 1 }] }, 'as planned', 0],
  ] as const)('%j: %s', (given, kind, changed) => {
    const advice = readinessToday(given as ReadinessToday, plan, usual);
    expect(advice.kind).toBe(kind);
    if (changed !== undefined) expect(advice.changes).toHaveLength(changed);
    if (kind !== 'as planned') expect(advice.say).not.toBe('');
  });

  it('takes jumps and finishers out on a hard day', () => {
    const jumps = { ...plan, blocks: [{ ...plan.blocks[1], kind: 'power' } as (typeof plan.blocks)[0]] };
    const { changes } = readinessToday({ sleep: 'short', sore: 'very' }, jumps, usual);
    expect(changes.map(({ kind }) => kind)).toEqual(['out', 'out']);
  });
});
