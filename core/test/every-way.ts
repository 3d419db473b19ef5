import {
  type DaysProblem,
  hardInARow,
  longestGap,
  maxAfter,
  mayNeighbour,
  notLarge,
  onceAWeek,
  over,
  prices,
  short,
} from '../src/season/scheduler/problem';
import { type Choice, halfSets, marks } from '../src/season/scheduler/units';
import { costAxes } from '../src/session-type/cost';
import type { SessionType } from '../src/session-type/session-type';

interface Taken {
  choice: Choice;
  amounts: number[];
}
type Plan = (Taken | undefined)[];

/** Worth of the best plan, found by going through every one; for calendars with few choices on few days. */
export function everyWay(problem: DaysProblem): number {
  let best = Number.NEGATIVE_INFINITY;
  const plan: Plan = problem.days.map(() => undefined);
  const visit = (d: number) => {
    const day = problem.days[d];
    if (!day) {
      const worth = scoreOf(problem, plan);
      if (worth !== undefined && worth > best) best = worth;
      return;
    }
    if (!day.pinned) visit(d + 1);
    for (const choice of day.choices)
      for (const amounts of amountsWithin(choice)) {
        plan[d] = { choice, amounts };
        visit(d + 1);
      }
    plan[d] = undefined;
  };
  visit(0);
  return best;
}

function amountsWithin({ least, most }: Choice): number[][] {
  return costAxes.reduce<number[][]>(
    (all, _, a) =>
      all.flatMap((before) =>
        Array.from({ length: (most[a] as number) - (least[a] as number) + 1 }, (_, i) => [
          ...before,
          (least[a] as number) + i,
        ]),
      ),
    [[]],
  );
}

/** Worth of a plan; undefined where it breaks what is never broken. */
function scoreOf(problem: DaysProblem, plan: Plan): number | undefined {
  const { days, weeks, volumesBefore } = problem;
  if (!keepsApart(problem, plan)) return undefined;
  let worth = plan.reduce((sum, taken) => sum + (taken?.choice.worth ?? 0), 0);
  const volumes = [volumesBefore[1], volumesBefore[0]];
  for (const [w, week] of weeks.entries()) {
    const own = plan.slice(7 * w, 7 * w + 7);
    const ofWeek = days.slice(7 * w, 7 * w + 7);
    const sessions = own.flatMap((taken) => (taken ? [taken] : []));
    const count = (...types: SessionType[]) => sessions.filter((s) => types.includes(s.choice.offer.type)).length;
    const has = (type: SessionType) => ofWeek.some((d) => d.choices.some((c) => c.offer.type === type));
    const main = sessions.filter((s) => s.choice.main).length;
    if (main > week.sessions.max) return undefined;
    for (const type of onceAWeek)
      if (own.filter((s, d) => s?.choice.offer.type === type && !ofWeek[d]?.pinned).length > 1) return undefined;
    const open = ofWeek.filter((d) => d.open).length;
    const taken = own.filter((s, d) => s && ofWeek[d]?.open && s.choice.offer.type !== 'flexibility').length;
    if (taken > open - week.leastRest) return undefined;
    let volume = 0;
    for (const a of costAxes.keys()) {
      const sum = sessions.reduce((all, s) => all + (s.amounts[a] as number), 0);
      if (sum > (week.most[a] as number)) return undefined;
      volume += sum * (halfSets[a] as number);
      const aim = week.aim[a] as number;
      worth -= Math.max(0, aim - sum) * (short[a] as number) + Math.max(0, sum - aim) * (over[a] as number);
      if (a < 2)
        worth -= prices.large * sessions.reduce((all, s) => all + Math.max(0, (s.amounts[a] as number) - notLarge), 0);
    }
    if (volume > week.mostVolume) return undefined;
    if (volume > maxAfter(week, volumes.at(-1) as number, volumes.at(-2) as number)) return undefined;
    volumes.push(volume);
    worth -= prices.session * Math.max(0, week.sessions.min - main);
    worth -= prices.restDay * Math.max(0, taken - (open - week.restDays));
    if (week.wantsLegs && count('whole-body', 'lower-body') === 0) worth -= prices.legs;
    if (week.wantsSpeed && has('power') && count('power') === 0) worth -= prices.type;
    if (has('arm-care') && count('arm-care') === 0) worth -= prices.type;
    if (week.varied) {
      worth -= prices.same * Math.max(0, count('whole-body') - 1);
      for (const part of ['lower-body', 'upper-body'] as const)
        worth -= prices.type * Math.max(0, 2 - count(part, 'whole-body'));
    }
  }
  for (let d = 0; d + longestGap <= days.length; d++) {
    const window = Array.from({ length: longestGap }, (_, k) => d + k);
    if (window.some((k) => days[k]?.noGap) || window.every((k) => days[k]?.choices.length === 0)) continue;
    if (window.every((k) => !plan[k])) worth -= prices.gap;
  }
  return worth;
}

function keepsApart({ days, legDays, entry }: DaysProblem, plan: Plan): boolean {
  const marksOn = (d: number) => (d < 0 ? (entry[d + 2] ?? 0) : (plan[d]?.choice.marks ?? 0));
  const pinned = (d: number) => d < 0 || (days[d]?.pinned ?? false);
  for (let d = 0; d < days.length; d++)
    for (const k of [1, 2])
      if (d - k >= -2 && !(pinned(d) && pinned(d - k)) && !mayNeighbour(marksOn(d), marksOn(d - k), k, legDays))
        return false;
  const fixed = (d: number) => d >= 0 && (days[d]?.hard ?? false);
  for (let d = -2; d + hardInARow < days.length; d++) {
    const run = Array.from({ length: hardInARow + 1 }, (_, k) => d + k);
    const hard = run.every((k) => fixed(k) || (marksOn(k) & marks.hard) > 0);
    if (hard && run.some((k) => !pinned(k) && !fixed(k))) return false;
  }
  return true;
}
