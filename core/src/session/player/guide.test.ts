import { describe, expect, it } from 'vitest';
import { playedPlan } from '../../../test/played';
import type { PlanItem } from '../plan/plan-types';
import { type Moment, type SpeechLevel, spokenBetween } from './guide';
import { type PlayerEvent, type PlayerState, playerAfter } from './player';
import { type Step, stepsOf } from './steps';

const steps = stepsOf(playedPlan());
const auto = { auto: true, pace: 1 };

/** Everything that is said of a session that leads itself: the synthesiser is a list. */
function recorded(on: readonly Step[], level: SpeechLevel, tickMs = 100): string[] {
  const lines: string[] = [];
  let before: Moment | undefined;
  let state: PlayerState = { kind: 'ready', index: 0 };
  const hear = (now: number) => {
    lines.push(...spokenBetween(on, before, { state, now }, level, auto).map(({ say }) => say));
    before = { state, now };
  };
  hear(0);
  for (let now = 0; state.kind !== 'finished' && now < 3_600_000; now += tickMs) {
    const event: PlayerEvent = now === 0 ? { kind: 'tap', now } : { kind: 'tick', now };
    state = playerAfter(on, state, event, auto).state;
    hear(now);
  }
  return lines;
}
const counted = ['3', '2', '1'];
const held = ['Get ready.', ...counted, 'Go.', 'Ten seconds.', ...counted];
const pushUps = [...counted, 'Go.', 'down', '1', 'down', '2', '3'];
const squats = [...counted, 'Go.', 'down', '1', 'down', '2'];

describe('what is said', () => {
  it('of a whole session that leads itself, line by line', () => {
    expect(recorded(steps, 'full')).toEqual([
      'Marching on the spot, 60 seconds. Knee up to the belt.',
      ...['Get ready.', ...counted, 'Go.', 'Halfway.', 'Ten seconds.', ...counted],
      'Push-up, set 1 of 2, 4 reps. Straight from heels to head.',
      ...pushUps,
      'Rest, 10 seconds.',
      'Next: Split squat, set 1 of 2, left side, 3 reps. Feet a long step apart.',
      ...squats,
      'Change sides, right side.',
      ...squats,
      'Rest, 30 seconds.',
      'Next: Push-up, set 2 of 2, 4 reps. Elbows about 45 degrees.',
      'Ten seconds.',
      ...pushUps,
      'Rest, 10 seconds.',
      'Next: Split squat, set 2 of 2, left side, 3 reps. Sink straight down like a lift.',
      ...squats,
      'Change sides, right side.',
      ...squats,
      'Rest, 30 seconds.',
      'Next: Side plank, set 1 of 2, left side, 20 seconds. Elbow under the shoulder.',
      'Ten seconds.',
      ...[...counted, 'Go.', 'Ten seconds.', ...counted],
      'Change sides, right side.',
      ...held,
      'Rest, 25 seconds.',
      'Next: Set 2 of 2, left side, 20 seconds. Hips high and forward.',
      'Ten seconds.',
      ...[...counted, 'Go.', 'Ten seconds.', ...counted],
      'Change sides, right side.',
      ...held,
      'That was all. Well done.',
    ]);
  });

  it('is the same however often the clock ticks, short without cues and tempo, nothing where it is turned off', () => {
    const full = recorded(steps, 'full');
    for (const tick of [40, 80, 200]) expect(recorded(steps, 'full', tick)).toEqual(full);
    const short = recorded(steps, 'short');
    expect(short).not.toContain('down');
    expect(short).toContain('Push-up, set 1 of 2, 4 reps.');
    expect(recorded(steps, 'off')).toEqual([]);
  });

  const oneOf = (change: Partial<PlanItem>): Step[] =>
    stepsOf(playedPlan())
      .filter((step) => step.key === 'push-up#1#both')
      .map((step) => {
        if (step.kind !== 'work') return step;
        const { tempo: _, reps: __, ...item } = step.item;
        return { ...step, item: { ...item, sets: 1, ...change } };
      });

  it('names what is to be taken, three left, and what happens inside a round', () => {
    expect(recorded(oneOf({ reps: 6, uses: ['dumbbell 5 kg', 'chair'] }), 'short')).toEqual([
      'Push-up, 6 reps. Take: dumbbell 5 kg, chair.',
      ...counted,
      ...['Go.', '1', '2', 'Three left.', '4', '5', 'That was all. Well done.'],
    ]);
    const inside = [
      { seconds: 8, say: 'Hands up' },
      { seconds: 4, say: 'Fast' },
    ];
    expect(recorded(oneOf({ workSeconds: 24, inside }), 'short').slice(5)).toEqual([
      ...['Go.', 'Hands up', 'Fast', 'Hands up', 'Ten seconds.', 'Fast', ...counted, 'That was all. Well done.'],
    ]);
    expect(recorded(oneOf({ breaths: 1 }), 'short')[0]).toBe('Push-up, 1 breath.');
    expect(recorded(oneOf({ contacts: 6 }), 'short').slice(5)).toEqual([
      '1',
      '2',
      'Three left.',
      '4',
      '5',
      'That was all. Well done.',
    ]);
  });

  it('says a pause once, and that it goes on', () => {
    const at = (state: PlayerState, now: number) => ({ state, now });
    const working = { kind: 'working', index: 0, since: 0 } as const;
    const paused = { kind: 'paused', was: working, at: 5 } as const;
    const said = (from: Moment, to: Moment) => spokenBetween(steps, from, to).map(({ say }) => say);
    expect(said(at(working, 4), at(paused, 5))).toEqual(['Paused.']);
    expect(said(at(paused, 5), at(paused, 900))).toEqual([]);
    expect(said(at(paused, 900), at(working, 900))).toEqual(['Going on.']);
  });
});
