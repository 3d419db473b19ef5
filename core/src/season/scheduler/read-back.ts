import type { DaysProblem, ProblemWeek } from './problem';
import type { Choice } from './units';
import { amountsAt } from './week-bag';
import type { WeekWay, WeekWays } from './week-options';

/** One way to come to the end of a week. */
export interface Reached {
  worth: number;
  way: WeekWay | undefined;
  volume: number;
  before: number;
  from: Reached | undefined;
}

/** A choice on a day with how much of each axis it holds, in units. */
export interface ChosenDay {
  day: number;
  choice: Choice;
  amounts: number[];
}

/** The choices of the way that was found, with what each holds. */
export function readBack({ days, weeks }: DaysProblem, laid: readonly WeekWays[], end: Reached): ChosenDay[] {
  const ends: Reached[] = [];
  for (let r: Reached | undefined = end; r?.way; r = r.from) ends.unshift(r);
  return ends.flatMap(({ way, volume }, w) => {
    const { worth, by } = way as WeekWay;
    const pattern = (laid[w] as WeekWays).patternAt(by[volume] as number);
    const choices = Array.from(pattern, (i, d) => (i < 0 ? undefined : days[7 * w + d]?.choices[i]));
    const totals = amountsAt(choices, weeks[w] as ProblemWeek, worth.length > 1 ? volume : undefined);
    return spreadOver(choices, totals).flatMap((amounts, d): ChosenDay[] => {
      const choice = choices[d];
      return choice ? [{ day: 7 * w + d, choice, amounts }] : [];
    });
  });
}

/** Amounts of a week given to its days, evenly within what each may hold. */
function spreadOver(choices: readonly (Choice | undefined)[], totals: readonly number[]): number[][] {
  const given = choices.map((choice) => [...(choice?.least ?? [0, 0, 0, 0])]);
  for (const [a, total] of totals.entries()) {
    let left = total - given.reduce((sum, amounts) => sum + (amounts[a] as number), 0);
    for (; left > 0; left--) {
      let lowest: number[] | undefined;
      for (const [d, amounts] of given.entries())
        if (
          (amounts[a] as number) < (choices[d]?.most[a] ?? 0) &&
          (!lowest || (amounts[a] as number) < (lowest[a] as number))
        )
          lowest = amounts;
      if (!lowest) break;
      lowest[a] = (lowest[a] as number) + 1;
    }
  }
  return given;
}
