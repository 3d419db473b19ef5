import { painLimits } from '../../athlete/pain-limits';
import { worstByPlace } from '../../athlete/worst-pain';
import { partWords } from '../../common/text';
import type { Plan, PlanItem } from '../plan/plan-types';
import type { SessionChange } from './changes';
import { type PainNow, type PainSetting, painToday } from './pain-today';

/** How somebody is before a session: a tap each. Left out is not asked, and never counts as well. */
export interface ReadinessToday {
  sleep?: 'long' | 'usual' | 'short';
  sore?: 'no' | 'some' | 'very';
  stress?: 'low' | 'usual' | 'high';
  ill?: 'no' | 'cold' | 'ill';
  pain?: readonly PainNow[];
  /** What has hurt in the middle of it so far, told at once: a session that hurts may never be finished. */
  meanwhile?: readonly PainNow[];
}

const toldWords = {
  sleep: { long: 'slept well', usual: 'slept as usual', short: 'slept badly' },
  sore: { no: 'not sore', some: 'a little sore', very: 'very sore' },
  stress: { low: 'little stress', usual: 'usual stress', high: 'much stress' },
  ill: { no: '', cold: 'a cold', ill: 'ill' },
} as const;

/** What was told before a session, in words. @example readinessWords({ sleep: 'short', sore: 'very' }) // 'slept badly, very sore' */
export function readinessWords({ sleep, sore, stress, ill, pain = [], meanwhile = [] }: ReadinessToday): string {
  return [
    sleep && toldWords.sleep[sleep],
    sore && toldWords.sore[sore],
    stress && toldWords.stress[stress],
    ill && toldWords.ill[ill],
    ...pain.map((one) => `${partWords(one)} ${one.score}`),
    ...worstByPlace(meanwhile).map((one) => `${partWords(one)} ${one.score} while training`),
  ]
    .filter(Boolean)
    .join(', ');
}

/** What hurts most before anything is done. */
export const worstOf = ({ pain = [] }: ReadinessToday): PainNow | undefined =>
  [...pain].sort((a, b) => b.score - a.score)[0];

/** Ill, or pain above 5 at rest: no session today. @example hasToRest({ ill: 'ill' }) // true */
export const hasToRest = (told: ReadinessToday): boolean =>
  told.ill === 'ill' || (worstOf(told)?.score ?? 0) > painLimits.stop;

/** Hours that a tap on sleep stands for, for the rules that read hours. */
export const sleepHoursOf = { long: 8.5, usual: 7.5, short: 5.5 } as const;

export interface ReadinessAdvice {
  kind: 'as planned' | 'lighter' | 'rest';
  say: string;
  changes: SessionChange[];
}

/** Work of a block that a tired day takes a set from; what prepares and what is easy stays. */
const taxing: ReadonlySet<string> = new Set(['power', 'strength', 'prevention', 'trunk', 'finisher']);
/** Landings and speed are the first to go when somebody is worn out. */
const fast: ReadonlySet<string> = new Set(['power', 'finisher']);

const fewer = (item: PlanItem, sets: number): SessionChange[] =>
  sets < item.sets && sets >= 1 ? [{ kind: 'fewer', slot: item.variant, why: 'readiness', sets }] : [];

/**
 * What a bad night, sore legs, a cold or pain make of today's session. Ill, or pain above 5 at rest: rest. A cold above the neck: half of it and
 * no hard work (Eichner 1993, from memory). One thing amiss: one set fewer of the hard work; two or more: jumps and finishers out as well
 * (common practice, no source). It never adds.
 *
 * @example readinessToday({ ill: 'ill' }, plan, painSetting).kind // 'rest'
 */
export function readinessToday(told: ReadinessToday, plan: Plan, setting: PainSetting): ReadinessAdvice {
  const worst = worstOf(told);
  if (told.ill === 'ill')
    return {
      kind: 'rest',
      say: 'Rest today. Fever, stomach, chest or aching all over: no session until a day without fever, then easy ones first. Nothing is made up later.',
      changes: [],
    };
  if (hasToRest(told))
    return {
      kind: 'rest',
      say: 'Pain above 5 before anything is done: rest today. If it wakes you, or is there tomorrow, have it looked at.',
      changes: [],
    };
  const items = plan.blocks.flatMap((block) => block.items.map((item) => ({ block: block.kind, item })));
  const all = items.map(({ item }) => item);
  const forPain = (told.pain ?? []).flatMap((one) => painToday(one, all, setting).changes);
  const amiss = [told.sleep === 'short', told.sore === 'very', told.stress === 'high'].filter(Boolean).length;
  const cold = told.ill === 'cold';
  const changes = items.flatMap(({ block, item }): SessionChange[] => {
    if (!taxing.has(block)) return [];
    if (cold) return fast.has(block) ? out(item) : fewer(item, Math.max(1, Math.floor(item.sets / 2)));
    if (amiss >= 2 && fast.has(block)) return out(item);
    return amiss > 0 ? fewer(item, item.sets - 1) : [];
  });
  const says = [
    cold
      ? 'A cold without fever: ten easy minutes first, then half of it and no hard work. Worse on the way: stop.'
      : '',
    !cold && amiss >= 2 ? 'A hard day: one set fewer, no jumps and no finisher.' : '',
    !cold && amiss === 1 ? 'One set fewer of the hard work today.' : '',
    forPain.length > 0 ? `Less for the ${worst?.region.replaceAll('-', ' ')}.` : '',
  ].filter(Boolean);
  const together = [...changes, ...forPain];
  return together.length > 0
    ? { kind: 'lighter', say: says.join(' '), changes: together }
    : { kind: 'as planned', say: 'As planned.', changes: [] };
}

const out = (item: PlanItem): SessionChange[] => [{ kind: 'out', slot: item.variant, why: 'readiness' }];
