import { doseAxes, kindFacts, sessionKinds } from './session-kind';
import { volumeOf, worthPieces } from './week-ask';
import { costOfASet, costOfTheSame, doseOf, type WeekProblem } from './week-problem';

/** Volume and worth of a week at one level, drawbacks of days left out. */
export interface Weighed {
  level: number;
  volume: number;
  worth: number;
}

/** Everything that a week can hold, whatever the days: how often each kind. */
export interface Holdings {
  count: number;
  counts: readonly (readonly number[])[];
  /** Which one comes of adding a kind to one of them, at `holding * kinds + kind`. */
  next: Int32Array;
}

const kinds = sessionKinds.length;
const known = new Map<number, Holdings>();

/** Holdings of up to so many sessions, nothing first; each is worked out once. */
export function holdingsUpTo(most: number): Holdings {
  const found = known.get(most);
  if (found) return found;
  const counts: number[][] = [sessionKinds.map(() => 0)];
  const places = new Map([[String(counts[0]), 0]]);
  const next: number[] = [];
  for (let at = 0; at < counts.length; at++) {
    const here = counts[at] as number[];
    const full = here.reduce((sum, n) => sum + n, 0) >= most;
    for (let k = 0; k < kinds; k++) {
      const more = here.map((n, i) => (i === k ? n + 1 : n));
      const place = full ? at : (places.get(String(more)) ?? counts.length);
      if (place === counts.length) {
        places.set(String(more), place);
        counts.push(more);
      }
      next.push(place);
    }
  }
  const holdings = { count: counts.length, counts, next: Int32Array.from(next) };
  known.set(most, holdings);
  return holdings;
}

/**
 * Weighs weeks by what they hold: for every level its volume and worth. Sessions that are fixed count at the whole of their volume,
 * and are no part of what the week is asked to hold here.
 */
export function weighing({ fixed, ask, levels }: WeekProblem): (counts: readonly number[]) => readonly Weighed[] {
  const done = doseOf(fixed, ask, 1);
  const fixedKinds = sessionKinds.map((_, k) => fixed.filter((code) => code === k + 1).length);
  const pieces = doseAxes.map((axis) => worthPieces(ask, axis));
  const gives = levels.map((level) =>
    sessionKinds.map((kind) =>
      doseAxes.map((axis) => {
        const given = kindFacts[kind].gives[axis] * (ask.minutes / 30) * level;
        return axis === 'contacts' ? Math.min(given, ask.mostContacts) : given;
      }),
    ),
  );
  return (counts) => {
    const again = counts.reduce((sum, count, k) => {
      const all = count + (fixedKinds[k] as number);
      return sum + Math.max(0, all - 1);
    }, 0);
    return levels.map((level, l): Weighed => {
      const dose = { ...done };
      let worth = ask.varied ? -costOfTheSame * again : 0;
      for (const [a, axis] of doseAxes.entries()) {
        let given = done[axis];
        for (let k = 0; k < counts.length; k++) given += (counts[k] as number) * (gives[l]?.[k]?.[a] ?? 0);
        dose[axis] = given;
        for (const { width, slope } of pieces[a] as { width: number; slope: number }[]) {
          const inPiece = given < width ? given : width;
          worth += slope * inPiece;
          given -= inPiece;
        }
      }
      const volume = volumeOf(dose);
      return { level, volume, worth: worth - costOfASet * volume };
    });
  };
}
