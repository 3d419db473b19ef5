import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { playedPlan } from '../../../test/played';
import { type PlayerEvent, type PlayerState, paces, playerAfter } from './player';
import { placeOf, resumed } from './resume';
import { stepsOf } from './steps';

const steps = stepsOf(playedPlan());
const begun: PlayerState = { kind: 'ready', index: 0 };

describe('random events', () => {
  const works = steps.flatMap((s) => (s.kind === 'work' ? [s.key] : []));
  const event = fc.oneof(
    { weight: 6, arbitrary: fc.record({ kind: fc.constant('tap' as const) }) },
    { weight: 8, arbitrary: fc.record({ kind: fc.constant('tick' as const) }) },
    fc.record({ kind: fc.constantFrom('pause' as const, 'back' as const, 'skip' as const) }),
    fc.record({ kind: fc.constantFrom('adjust' as const, 'rest' as const), by: fc.integer({ min: -30, max: 30 }) }),
    fc.record({ kind: fc.constant('left' as const), reserve: fc.integer({ min: 0, max: 5 }) }),
  );
  const run = fc.array(fc.record({ event, after: fc.integer({ min: 0, max: 40_000 }), killed: fc.boolean() }), {
    maxLength: 120,
  });

  it('lose no set, count no side twice, and the session ends', () => {
    fc.assert(
      fc.property(run, fc.boolean(), fc.constantFrom(...paces), (events, auto, pace) => {
        const manner = { auto, pace };
        const logs = new Map<string, number>();
        const skipped = new Set<string>();
        let [state, now]: [PlayerState, number] = [begun, 0];
        const give = (one: PlayerEvent) => {
          const before = state;
          const result = playerAfter(steps, state, one, manner);
          // A set that has run is kept in the moment it ends, and only then.
          const ended = before.kind === 'working' && result.state.kind !== 'working' && /tap|tick/.test(one.kind);
          if (ended) expect(result.log?.key).toBe(steps[before.index]?.key);
          if (result.log && !ended) expect(['adjust', 'left']).toContain(one.kind);
          if (result.log) {
            expect(works).toContain(result.log.key);
            expect(result.log.amount).toBeGreaterThanOrEqual(0);
            logs.set(result.log.key, result.log.amount);
          }
          if (result.skipped) skipped.add(result.skipped);
          state = result.state;
        };
        for (const { event: one, after, killed } of events) {
          now += after;
          give({ ...one, now } as PlayerEvent);
          if (!killed || state.kind === 'finished') continue;
          const done = new Set([...logs.keys(), ...skipped]);
          state = resumed(steps, JSON.parse(JSON.stringify(placeOf(steps, state, now) ?? null)) ?? undefined, done, 0);
          now = 0;
        }
        for (let i = 0; state.kind !== 'finished' && i < 20_000; i++) {
          now += 500;
          give(state.kind === 'ready' || state.kind === 'paused' ? { kind: 'tap', now } : { kind: 'tick', now });
        }
        expect(state).toEqual({ kind: 'finished' });
        // Every set is done or left out; a name stands for one side of one set.
        expect([...new Set([...logs.keys(), ...skipped])].sort()).toEqual([...works].sort());
      }),
      { numRuns: 300 },
    );
  });
});
