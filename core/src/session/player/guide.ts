import { capital } from '../../common/text';
import { partAt } from '../../sport/signature/rounds';
import { type PlanItem, plannedAmount } from '../plan/plan-types';
import { beatOf, countedIn, countOf, isTimed } from './counting';
import { type PlayerManner, type PlayerState, type RunningState, usualManner } from './player';
import { isNewItem, isWork, type Step, type WorkStep, workAt, workBefore } from './steps';

/** A moment of the floor. */
export interface Moment {
  state: PlayerState;
  now: number;
}

/** How much is said: everything, names and counts, or nothing. */
export const speechLevels = ['full', 'short', 'off'] as const;
export type SpeechLevel = (typeof speechLevels)[number];

/** One line that is spoken, with the tone that goes before it. */
export interface Spoken {
  say: string;
  tone?: 'start' | 'count' | 'end' | 'change';
}

/** Repetitions of which the tempo is said along, before counting is enough. */
const saidAlong = 2;
/** A part of a repetition that is shorter is not said: the word would be longer. */
const sayableSeconds = 1.5;
const nearlyOver = 10;
const countdown = 3;

const sideSaid = { left: 'left side', right: 'right side', both: '' };
const unitSaid = { reps: 'reps', seconds: 'seconds', breaths: 'breaths', contacts: 'contacts', metres: 'metres' };
const oneOf = { reps: 'rep', seconds: 'second', breaths: 'breath', contacts: 'contact', metres: 'metre' };

/** What a set asks for, as it is said: '8 reps'. */
function saidAmount(item: PlanItem): string {
  const amount = plannedAmount(item);
  const unit = countedIn(item);
  return `${amount} ${amount === 1 ? oneOf[unit] : unitSaid[unit]}`;
}

/** The cue of a set: each its own, in turn, so that one thing is thought of at a time. */
export const cueOf = ({ item, set }: WorkStep): string => item.cues[(set - 1) % Math.max(1, item.cues.length)] ?? '';

const joined = (...parts: (string | undefined)[]) => parts.filter(Boolean).join(', ');
const sentence = (text: string) => (/[.!?]$/.test(text) ? text : `${text}.`);

/** What is taken for a set that was not taken for the one before. */
export function newThings(steps: readonly Step[], index: number): string[] {
  const here = steps[index];
  if (!isWork(here) || !isNewItem(steps, index)) return [];
  const had = new Set(workBefore(steps, index)?.item.uses ?? []);
  return (here.item.uses ?? (here.item.load ? [here.item.load.with] : [])).filter((thing) => !had.has(thing));
}

/** A set as it is announced: what, which side, how much; another exercise also with what is taken and the cue. */
function announced(steps: readonly Step[], index: number, level: SpeechLevel): string {
  const step = steps[index];
  if (!isWork(step)) return '';
  const { item, side, set } = step;
  const isNew = isNewItem(steps, index);
  const before = workBefore(steps, index);
  if (!isNew && before?.set === set && side !== 'both') return sentence(`Change sides, ${sideSaid[side]}`);
  const things = newThings(steps, index);
  return [
    sentence(
      capital(
        joined(
          isNew ? item.name : '',
          item.sets > 1 ? `set ${set} of ${item.sets}` : '',
          sideSaid[side],
          saidAmount(item),
        ),
      ),
    ),
    things.length > 0 ? sentence(`Take: ${things.join(', ')}`) : '',
    level === 'full' && cueOf(step) ? sentence(cueOf(step)) : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Whole seconds from `from` down to now that were passed between two moments, for a span that ends. */
function secondsCrossed(lengthSeconds: number, before: number, after: number, most: number): number[] {
  const left = (passed: number) => lengthSeconds - passed;
  return Array.from({ length: most }, (_, i) => most - i).filter(
    (second) => left(before) > second && left(after) <= second && lengthSeconds > second,
  );
}

/** What is said towards the end of a span: ten seconds, then the last ones. */
const countedDown = (lengthSeconds: number, before: number, after: number): Spoken[] =>
  secondsCrossed(lengthSeconds, before, after, nearlyOver)
    .filter((second) => second === nearlyOver || second <= countdown)
    .map((second) => ({ say: second === nearlyOver ? 'Ten seconds.' : `${second}`, tone: 'count' }));

const passed = (state: RunningState, now: number) =>
  state.since === undefined ? 0 : Math.max(0, now - state.since) / 1000;

function ofTimed({ item }: WorkStep, before: number, after: number): Spoken[] {
  const whole = plannedAmount(item);
  const part = item.inside && partAt(item.inside, after).say;
  const changed = item.inside && (before < 0 || partAt(item.inside, before).say !== part);
  const half = whole >= 30 && !item.inside && before < whole / 2 && after >= whole / 2;
  return [
    ...(part && changed && after < whole ? [{ say: part, tone: 'change' as const }] : []),
    ...(half ? [{ say: 'Halfway.' }] : []),
    ...countedDown(whole, before, after),
  ];
}

/** Where in a repetition a moment is, as it is said. */
function beatAt(item: PlanItem, seconds: number, pace: number): string | undefined {
  const beat = beatOf(item);
  let left = seconds / pace;
  const whole = beat.reduce((sum, part) => sum + part.seconds, 0);
  if (beat.length < 2 || left >= whole * saidAlong) return undefined;
  left %= whole;
  for (const part of beat) {
    if (left < part.seconds) return part.seconds >= sayableSeconds || part.name === 'fast' ? part.name : undefined;
    left -= part.seconds;
  }
  return undefined;
}

function ofCounted(step: WorkStep, before: number, after: number, level: SpeechLevel, pace: number): Spoken[] {
  const { item } = step;
  const asked = plannedAmount(item);
  const [was, is] = [countOf(item, Math.max(0, before) * 1000, pace), countOf(item, after * 1000, pace)];
  const word = beatAt(item, after, pace);
  const isSpoken =
    level === 'full' && word !== undefined && (before < 0 || beatAt(item, before, pace) !== word || is > was);
  const counted = is > was && is < asked;
  const left = asked - is === countdown && asked > countdown + 1;
  return [
    ...(counted ? [{ say: left ? 'Three left.' : `${is}`, tone: 'count' as const }] : []),
    ...(isSpoken ? [{ say: word }] : []),
  ];
}

/** What is said while a state lasts, between two moments of it, seconds after it began; before it began is -1. */
function within(
  steps: readonly Step[],
  state: RunningState,
  [before, after]: readonly [number, number],
  level: SpeechLevel,
  pace: number,
): Spoken[] {
  if (state.kind === 'leading')
    return secondsCrossed(state.seconds, before, after, countdown).map((s) => ({ say: `${s}`, tone: 'count' }));
  if (state.kind === 'resting') return countedDown(state.seconds, before, after);
  const step = steps[state.index];
  if (state.kind !== 'working' || !isWork(step)) return [];
  return isTimed(step.item) ? ofTimed(step, before, after) : ofCounted(step, before, after, level, pace);
}

function entered(
  steps: readonly Step[],
  before: RunningState | undefined,
  { state, now }: Moment & { state: RunningState },
  level: SpeechLevel,
  pace: number,
): Spoken[] {
  const step = steps[state.index];
  switch (state.kind) {
    case 'ready':
      // What a rest has announced is not said again.
      return before?.kind === 'resting' && steps.indexOf(steps[state.index] as Step) === workAt(steps, before.index)
        ? [{ say: 'Ready when you are.', tone: 'end' }]
        : [{ say: announced(steps, state.index, level) }];
    case 'leading':
      return state.seconds > countdown ? [{ say: 'Get ready.' }] : [{ say: `${countdown}`, tone: 'count' }];
    case 'working':
      return [
        { say: 'Go.', tone: 'start' },
        ...(isWork(step) ? within(steps, state, [-1, passed(state, now)], level, pace) : []),
      ];
    case 'resting': {
      const next = workAt(steps, state.index);
      return [
        { say: `Rest, ${Math.round(state.seconds)} seconds.`, tone: 'end' },
        ...(next < steps.length ? [{ say: `Next: ${announced(steps, next, level)}` }] : []),
      ];
    }
  }
}

const isRunning = (state: PlayerState): state is RunningState => state.kind !== 'paused' && state.kind !== 'finished';

/**
 * What is said between two moments of the floor: names, sides, what to take, the cue of the set, counts, tempo, what is left, rests. Who listens
 * needs no look at the screen. Asked again for the same two moments it says the same; between two that are alike it says nothing.
 *
 * @example spokenBetween(steps, undefined, { state: { kind: 'ready', index: 0 }, now: 0 })[0].say // 'Marching on the spot, 60 seconds. Knee up to the belt.'
 */
export function spokenBetween(
  steps: readonly Step[],
  before: Moment | undefined,
  after: Moment,
  level: SpeechLevel = 'full',
  { pace }: PlayerManner = usualManner,
): Spoken[] {
  if (level === 'off') return [];
  const { state } = after;
  const was = before?.state;
  if (state.kind === 'finished')
    return was && was.kind !== 'finished' ? [{ say: 'That was all. Well done.', tone: 'end' }] : [];
  if (state.kind === 'paused') return was?.kind === 'paused' ? [] : [{ say: 'Paused.' }];
  const to = { state, now: after.now };
  if (was?.kind === 'paused') return [{ say: 'Going on.' }];
  const same = was !== undefined && isRunning(was) && was.kind === state.kind && was.index === state.index;
  const isAgain = same && state.kind === 'working' && (was as RunningState).since !== state.since;
  if (same && !isAgain)
    return within(
      steps,
      state,
      [passed(was as RunningState, before?.now ?? after.now), passed(state, after.now)],
      level,
      pace,
    );
  return entered(steps, was && isRunning(was) ? was : undefined, to, level, pace).filter(({ say }) => say !== '');
}
