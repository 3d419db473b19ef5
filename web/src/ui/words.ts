import type { PlanItem } from '@tropaeum/core/session/plan';

/** A word of the data as one reads it: `rear-foot` becomes `rear foot`. */
export const words = (id: string) => id.replaceAll('-', ' ');

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

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
