import { describe, expect, it } from 'vitest';
import { playedPlan } from '../../../test/played';
import { beatOf, countOf, secondsLeft, unitSeconds } from './counting';
import {
  type PlayerEvent,
  type PlayerLog,
  type PlayerState,
  passedSeconds,
  playerAfter,
  restOver,
  restStep,
  usualManner,
} from './player';
import { placeOf, resumed } from './resume';
import { nextStep, type Step, stepsOf } from './steps';

const plan = playedPlan();
const steps = stepsOf(plan);

const tap = (now: number) => ({ kind: 'tap' as const, now });
const tick = (now: number) => ({ kind: 'tick' as const, now });
const adjust = (by: number) => ({ kind: 'adjust' as const, by });
const last = (state: PlayerState) => ('last' in state ? state.last : undefined);

const told = (list: readonly Step[]) =>
  list.map((s) => (s.kind === 'rest' ? `rest ${s.seconds}` : `${s.item.variant} ${s.set} ${s.side}`));

describe('steps of a session', () => {
  it('go round pairs, finish straight items, and leave out the last rest', () => {
    expect(told(steps)).toEqual([
      'march-on-the-spot 1 both',
      'push-up 1 both',
      'rest 10',
      'split-squat 1 left',
      'split-squat 1 right',
      'rest 30',
      'push-up 2 both',
      'rest 10',
      'split-squat 2 left',
      'split-squat 2 right',
      'rest 30',
      'side-plank 1 left',
      'side-plank 1 right',
      'rest 25',
      'side-plank 2 left',
      'side-plank 2 right',
    ]);
  });

  it('start with the side that is asked first', () => {
    expect(told(stepsOf(plan, 'right')).filter((s) => s.startsWith('side-plank 1'))).toEqual([
      'side-plank 1 right',
      'side-plank 1 left',
    ]);
  });

  it('have a name each, and go on where the logs end', () => {
    const keys = steps.map((s) => s.key);
    expect(new Set(keys).size).toBe(keys.length);
    expect(nextStep(steps, new Set())).toBe(0);
    expect(nextStep(steps, new Set([keys[0] as string, keys[1] as string]))).toBe(3);
    expect(nextStep(steps, new Set(keys))).toBe(steps.length);
  });
});

describe('beat', () => {
  const item = (dose: string) => ({
    ...(plan.blocks[1]?.items[0] as (typeof plan.blocks)[0]['items'][0]),
    tempo: dose,
  });

  it.each([
    ['3-1-1', ['down 3', 'hold 1', 'up 1']],
    ['2-0-1-2', ['down 2', 'up 1', 'hold 2']],
    ['X', ['down 1', 'fast 1', 'set 1']],
  ])('%s is %j', (tempo, parts) => {
    expect(beatOf(item(tempo)).map((p) => `${p.name} ${p.seconds}`)).toEqual(parts);
  });

  it('counts repetitions by it, never more than asked', () => {
    const pushUp = item('2-0-1');
    expect(unitSeconds(pushUp)).toBe(3);
    expect([0, 2999, 3000, 8999, 60_000].map((ms) => countOf(pushUp, ms))).toEqual([0, 0, 1, 2, 4]);
  });
});

const begun: PlayerState = { kind: 'ready', index: 0 };
/** Plays a list of events, gathering what is logged. */
function play(events: readonly PlayerEvent[], start = begun, manner = usualManner, on: readonly Step[] = steps) {
  const [logs, skipped]: [PlayerLog[], string[]] = [[], []];
  const end = events.reduce((state, event) => {
    const result = playerAfter(on, state, event, manner);
    if (result.log) logs.push(result.log);
    if (result.skipped) skipped.push(result.skipped);
    return result.state;
  }, start);
  return { end, logs, skipped };
}
const resting: PlayerState = {
  ...{ kind: 'resting', index: 2, since: 0, seconds: 10, planned: 10 },
  last: { key: 'push-up#1#both', amount: 3 },
};

describe('the floor', () => {
  it('a tap counts in, longer before what the clock counts; one more starts at once; a tap ends with what is counted', () => {
    expect(play([{ kind: 'tap', now: 0 }]).end).toMatchObject({ kind: 'leading', seconds: 5 });
    expect(play([{ kind: 'tap', now: 0 }], { kind: 'ready', index: 1 }).end).toMatchObject({ seconds: 3 });
    expect(play([tap(0), tick(4_999)]).end.kind).toBe('leading');
    expect(play([tap(0), tick(5_000)]).end).toEqual({ kind: 'working', index: 0, since: 5_000 });
    const { end, logs } = play([tap(0), tap(1_000), tick(20_000), tap(42_500)]);
    expect(logs).toEqual([{ key: 'march-on-the-spot#1#both', amount: 41 }]);
    expect(end).toMatchObject({ kind: 'ready', index: 1, last: logs[0] });
  });

  it('a set ends by itself when all is counted, and rest begins; slower where that is wanted', () => {
    const working: PlayerState = { kind: 'working', index: 1, since: 0 };
    const { end, logs } = play([tick(11_900), tick(12_000)], working);
    expect(logs).toEqual([{ key: 'push-up#1#both', amount: 4 }]);
    expect(end).toMatchObject({ kind: 'resting', index: 2, seconds: 10, planned: 10 });
    expect(play([tick(14_900)], working, { auto: false, pace: 1.25 }).logs).toEqual([]);
    expect(play([tick(15_000)], working, { auto: false, pace: 1.25 }).logs).toHaveLength(1);
  });

  it('rest ends by time or by a tap; it is made longer, which is said, or shorter, never than what has passed', () => {
    expect(play([tick(9_999)], resting).end.kind).toBe('resting');
    expect(play([tick(10_000)], resting).end).toMatchObject({ kind: 'ready', index: 3 });
    expect(play([tap(100)], resting).end).toMatchObject({ kind: 'ready', index: 3 });
    const longer = play([{ kind: 'rest', by: restStep, now: 1_000 }], resting).end;
    expect(longer).toMatchObject({ seconds: 25 });
    expect(restOver(longer as never)).toBe(15);
    expect(play([{ kind: 'rest', by: -restStep, now: 4_200 }], resting).end).toMatchObject({ seconds: 5 });
  });

  it('an amount is put right until the next set runs, also where no rest follows', () => {
    const put = play([adjust(1), adjust(-9)], resting);
    expect(put.logs.map((l) => l.amount)).toEqual([4, 0]);
    const noRest = play([tap(0), tap(0), tap(41_000), adjust(-1)]);
    expect(noRest.logs.at(-1)).toEqual({ key: 'march-on-the-spot#1#both', amount: 40 });
    expect(play([{ kind: 'left', reserve: 2 }], resting).logs).toEqual([{ ...last(resting), reserve: 2 }]);
  });

  it('a pause stops the clock: what was counted goes on where it stood', () => {
    const working: PlayerState = { kind: 'working', index: 0, since: 0 };
    const held = play([{ kind: 'pause', now: 10_000 }, tick(900_000)], working).end;
    expect(held).toMatchObject({ kind: 'paused' });
    expect(passedSeconds(held, 900_000)).toBe(10);
    const { logs } = play([tap(900_000), tap(905_000)], held);
    expect(logs).toEqual([{ key: 'march-on-the-spot#1#both', amount: 15 }]);
  });

  it('back does the set before once more, a running one again; skip leaves one out, with no rest for it', () => {
    expect(play([{ kind: 'back' }], resting).end).toEqual({ kind: 'ready', index: 1 });
    expect(play([{ kind: 'back' }], { kind: 'working', index: 3, since: 0 }).end).toEqual({ kind: 'ready', index: 3 });
    expect(play([{ kind: 'back' }]).end).toEqual(begun);
    const skip = play([{ kind: 'skip' }], { kind: 'ready', index: 1 });
    expect(skip).toMatchObject({ end: { kind: 'ready', index: 3 }, skipped: ['push-up#1#both'], logs: [] });
  });

  it('by itself: the first set waits for a tap, the others are set up, counted in and begun', () => {
    const auto = { auto: true, pace: 1 };
    expect(play([tick(0), tick(99_000)], begun, auto).end).toEqual(begun);
    const second: PlayerState = { kind: 'ready', index: 1 };
    expect(play([tick(0), tick(14_900)], second, auto).end.kind).toBe('ready');
    expect(play([tick(0), tick(15_000)], second, auto).end.kind).toBe('leading');
    const otherSide: PlayerState = { kind: 'ready', index: 4 };
    expect(play([tick(0), tick(4_000)], otherSide, auto).end.kind).toBe('leading');
    expect(play([tick(10_000)], resting, auto).end).toEqual({ kind: 'working', index: 3, since: 10_000 });
  });

  it('ends after the last set, and stays ended', () => {
    const { end, logs } = play([tap(20_000), tick(21_000)], { kind: 'working', index: steps.length - 1, since: 0 });
    expect(end).toEqual({ kind: 'finished' });
    expect(logs).toHaveLength(1);
  });

  it('knows how long is left, less with every step', () => {
    const left = steps.map((_, i) => secondsLeft(steps, i));
    expect([...left].sort((a, b) => b - a)).toEqual(left);
    expect(secondsLeft(steps, steps.length)).toBe(0);
  });
});

describe('kept places', () => {
  const done = new Set(['march-on-the-spot#1#both']);
  const kept = (state: PlayerState, now = 8_000) => placeOf(steps, state, now);

  it('a paused set goes on, a set that ran on unseen is done again, a rest is over', () => {
    const paused = play([{ kind: 'pause', now: 6_000 }], { kind: 'working', index: 1, since: 0 }).end;
    const back = resumed(steps, kept(paused), done, 1_000_000);
    expect(back.kind).toBe('paused');
    expect(passedSeconds(back, 2_000_000)).toBe(6);
    expect(resumed(steps, kept({ kind: 'working', index: 1, since: 0 }), done, 50)).toEqual({
      kind: 'ready',
      index: 1,
    });
    const rested = new Set([...done, 'push-up#1#both']);
    expect(resumed(steps, kept(resting), rested, 50)).toEqual({ kind: 'ready', index: 3 });
  });

  it('what is logged comes first, and a place of another session counts for nothing', () => {
    const elsewhere = { key: 'no-such#1#both', kind: 'working', passed: 5, paused: true } as const;
    expect(resumed(steps, elsewhere, done, 0)).toEqual({ kind: 'ready', index: 1 });
    const logged = kept({ kind: 'working', index: 0, since: 0 });
    expect(resumed(steps, logged, done, 0)).toEqual({ kind: 'ready', index: 1 });
    expect(resumed(steps, logged, new Set(steps.map((s) => s.key)), 0)).toEqual({ kind: 'finished' });
  });
});
