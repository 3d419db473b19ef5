import { capital, words } from '../../common/text';
import { inUnits, type Units } from '../../common/units';
import type { PlanItem } from './plan-types';

type Amounts = Pick<
  PlanItem,
  'sets' | 'reps' | 'holdSeconds' | 'workSeconds' | 'breaths' | 'contacts' | 'metres' | 'perSide' | 'side'
>;

/**
 * How much of an exercise, for somebody who reads no notation: sets, what each asks for, and the side.
 *
 * @example amountWords({ sets: 3, reps: 8, perSide: true }) // '3 × 8 each side'
 */
export function amountWords({ sets, perSide, side, ...item }: Amounts): string {
  const seconds = item.holdSeconds ?? item.workSeconds;
  const amount =
    item.reps !== undefined
      ? `${item.reps}`
      : item.breaths !== undefined
        ? `${item.breaths} breaths`
        : item.contacts !== undefined
          ? `${item.contacts} contacts`
          : seconds !== undefined
            ? `${seconds} s`
            : `${item.metres ?? 0} m`;
  return `${sets} × ${amount}${perSide ? ' each side' : side ? ` ${side}` : ''}`;
}

/**
 * How far from failure a set ends, as the athlete is told; nothing where it is not counted.
 *
 * @example leftWords({ reps: 8, intensity: { reserve: 2 } }) // 'Stop with 2 reps left'
 */
export function leftWords({ intensity, reps }: Pick<PlanItem, 'intensity' | 'reps'>): string {
  const left = reps === undefined ? undefined : intensity?.reserve;
  return left === undefined ? '' : left === 0 ? 'Last one you can do well' : `Stop with ${left} reps left`;
}

/**
 * What an item takes: load, furniture, anchors; the body alone when nothing. Plans of before know their load only.
 *
 * @example takenWords({ uses: ['a chair'] }, { mass: 'kg', length: 'cm' }) // 'a chair'
 */
export function takenWords({ uses, load }: Pick<PlanItem, 'uses' | 'load'>, units: Units): string {
  const things = uses ?? (load ? [load.with] : []);
  return things.length ? inUnits(things.join(', '), units) : 'body';
}

const blockNames: Readonly<Record<string, string>> = {
  raise: 'Warm-up: pulse',
  mobilise: 'Warm-up: mobility',
  activate: 'Warm-up: activation',
  prevention: 'Injury prevention',
};

/**
 * The name of a part of a session.
 *
 * @example blockWords('raise') // 'Warm-up: pulse'
 */
export const blockWords = (kind: string): string => blockNames[kind] ?? capital(words(kind));
