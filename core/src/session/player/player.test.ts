import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { parseDose } from '../../dose/notation';
import { contextOf } from '../context/context';
import type { Draft } from '../draft/draft';
import { planOf } from '../plan/plan';
import { beatOf, countOf, type PlayerLog, type PlayerState, playerAfter, secondsLeft, unitSeconds } from './player';
import { nextStep, type Step, stepsOf } from './steps';

const choice = (variant: string, dose: string) => ({ variant, dose: parseDose(dose), pinned: false });
const draft: Draft = {
  groups: [
    { block: 'raise', format: 'straight', roundRestSeconds: 0, choices: [choice('march-on-the-spot', '1x60s!')] },
    {
      block: 'strength',
      format: 'pairs',
      roundRestSeconds: 30,
      choices: [choice('push-up', '2x4 2-0-1 r10'), choice('split-squat', '2x3/side 3-1-1')],
    },
    { block: 'trunk', format: 'straight', roundRestSeconds: 0, choices: [choice('side-plank', '2x20s/side r25')] },
  ],
};
const plan = planOf(contextOf(plainBrief()), draft);
const steps = stepsOf(plan);

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

describe('the floor', () => {
  /** Plays a list of events, gathering what is logged. */
  function play(events: Parameters<typeof playerAfter>[2][], start: PlayerState = { kind: 'ready', index: 0 }) {
    const logs: PlayerLog[] = [];
    const end = events.reduce((state, event) => {
      const result = playerAfter(steps, state, event);
      if (result.log) logs.push(result.log);
      return result.state;
    }, start);
    return { end, logs };
  }

  it('a tap starts, a tap ends with what is counted', () => {
    const { end, logs } = play([
      { kind: 'tap', now: 0 },
      { kind: 'tick', now: 20_000 },
      { kind: 'tap', now: 41_500 },
    ]);
    expect(logs).toEqual([{ key: 'march-on-the-spot#1#both', amount: 41 }]);
    expect(end).toEqual({ kind: 'ready', index: 1 });
  });

  it('a set ends by itself when all is counted, and rest begins', () => {
    const { end, logs } = play(
      [
        { kind: 'tap', now: 0 },
        { kind: 'tick', now: 11_900 },
        { kind: 'tick', now: 12_000 },
      ],
      { kind: 'ready', index: 1 },
    );
    expect(logs).toEqual([{ key: 'push-up#1#both', amount: 4 }]);
    expect(end).toMatchObject({ kind: 'resting', index: 2, seconds: 10 });
  });

  it('rest ends by time or by a tap, and an amount can be put right meanwhile', () => {
    const resting: PlayerState = {
      kind: 'resting',
      index: 2,
      since: 0,
      seconds: 10,
      lastKey: 'push-up#1#both',
      lastAmount: 3,
    };
    expect(play([{ kind: 'tick', now: 9_999 }], resting).end.kind).toBe('resting');
    expect(play([{ kind: 'tick', now: 10_000 }], resting).end).toEqual({ kind: 'ready', index: 3 });
    expect(play([{ kind: 'tap', now: 100 }], resting).end).toEqual({ kind: 'ready', index: 3 });
    const put = play(
      [
        { kind: 'adjust', by: 1 },
        { kind: 'adjust', by: -9 },
      ],
      resting,
    );
    expect(put.logs.map((l) => l.amount)).toEqual([4, 0]);
  });

  it('ends after the last set, and stays ended', () => {
    const last: PlayerState = { kind: 'working', index: steps.length - 1, since: 0 };
    const { end, logs } = play(
      [
        { kind: 'tap', now: 20_000 },
        { kind: 'tap', now: 21_000 },
      ],
      last,
    );
    expect(end).toEqual({ kind: 'finished' });
    expect(logs).toHaveLength(1);
  });

  it('played to the end logs every set once', () => {
    let state: PlayerState = { kind: 'ready', index: 0 };
    const logs = new Map<string, number>();
    for (let now = 0; now < 3_600_000 && state.kind !== 'finished'; now += 500) {
      const result = playerAfter(steps, state, state.kind === 'ready' ? { kind: 'tap', now } : { kind: 'tick', now });
      if (result.log) {
        expect(logs.has(result.log.key)).toBe(false);
        logs.set(result.log.key, result.log.amount);
      }
      state = result.state;
    }
    expect([...logs.keys()]).toEqual(steps.filter((s) => s.kind === 'work').map((s) => s.key));
  });

  it('knows how long is left, less with every step', () => {
    const left = steps.map((_, i) => secondsLeft(steps, i));
    expect([...left].sort((a, b) => b - a)).toEqual(left);
    expect(secondsLeft(steps, steps.length)).toBe(0);
  });
});
