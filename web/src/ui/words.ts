import { capital, words } from '@tropaeum/core/common/text';
import type { PlanItem } from '@tropaeum/core/session/plan/plan-types';
import { shownInUnits } from './units';

const blockNames: Readonly<Record<string, string>> = {
  raise: 'Warm-up: pulse',
  mobilise: 'Warm-up: mobility',
  activate: 'Warm-up: activation',
  prevention: 'Injury prevention',
};

/** The name of a part of a session. @example blockWords('raise') // 'Warm-up: pulse' */
export const blockWords = (kind: string): string => blockNames[kind] ?? capital(words(kind));

export { capital, partWords, percent, words } from '@tropaeum/core/common/text';

/** @example clock(1750) // '29:10' */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** How far from failure a set ends, as the athlete is told; nothing where it is not counted. */
export function leftWords({ intensity, reps }: PlanItem): string {
  const left = reps === undefined ? undefined : intensity?.reserve;
  return left === undefined ? '' : left === 0 ? 'Last one you can do well' : `Stop with ${left} reps left`;
}

/** What an item takes: load, furniture, anchors; the body alone when nothing. Plans of before know their load only. */
export function takes({ uses, load }: PlanItem): string {
  const things = uses ?? (load ? [load.with] : []);
  return things.length ? shownInUnits(things.join(', ')) : 'body';
}
