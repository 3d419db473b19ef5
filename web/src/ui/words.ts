import type { PlanItem } from '@tropaeum/core/session/plan';

export { capital, partWords, words } from '@tropaeum/core/words';

/** @example clock(1750) // '29:10' */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** What an item takes: load, furniture, anchors; the body alone when nothing. Plans of before know their load only. */
export function takes({ uses, load }: PlanItem): string {
  const things = uses ?? (load ? [load.with] : []);
  return things.length ? things.join(', ') : 'body';
}
