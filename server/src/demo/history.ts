import type { LoggedSet } from '@tropaeum/core/athlete/logged-set';
import { capacityOf } from '@tropaeum/core/capacity/capacity-of';
import { dayAfter } from '@tropaeum/core/date/days';
import { variantById } from '@tropaeum/core/exercise/library/library';
import { loadingOf } from '@tropaeum/core/kit/loads';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { type Plan, type PlanItem, plannedAmount } from '@tropaeum/core/session/plan/plan-types';
import { asksWhatWasLeft } from '@tropaeum/core/session/player/counting';
import { v7 } from 'uuid';
import type { NewReport } from '../store/results';
import type { DemoPerson } from './people';

/** Days before today on which a person trained or should have: two or three a week for six weeks. */
export function trainingDays(person: DemoPerson): number[] {
  const rhythm = person.minutes >= 40 ? [1, 3, 5] : [2, 5];
  return [5, 4, 3, 2, 1, 0].flatMap((week) => rhythm.map((d) => week * 7 + d)).sort((a, b) => b - a);
}

/** Whether the session so many days ago came back. */
export function cameBack(person: DemoPerson, daysAgo: number, random: () => number): boolean {
  if (person.story === 'silent') return daysAgo > 12;
  // Only the silent one is silent: everybody else's latest session has come back.
  if (daysAgo === trainingDays(person).at(-1)) return true;
  if (person.story === 'patchy') return random() > 0.45;
  return random() > 0.08;
}

/** People of one guess differ: what this one can do over what is guessed, from the length of the name so that it stays the same. */
const truly = ({ name }: DemoPerson) => 0.8 + 0.06 * (name.length % 8);

/** What somebody says was left after a set; nobody says it every time. */
function saidLeft(item: PlanItem, amount: number, brief: Brief, person: DemoPerson, random: () => number) {
  const variant = variantById(item.variant);
  const loading = loadingOf(item.load, brief.kit);
  const able = variant && loading && capacityOf(brief.athlete, brief.date).toFailure(variant, loading)?.mid;
  if (able === undefined || random() < 0.2) return undefined;
  return Math.min(5, Math.max(0, Math.round(able * truly(person) - amount + random() - 0.5)));
}

/** What the phone would have sent for a session: nearly everything, a little less when it was hard. */
export function logsFor(
  plan: Plan,
  brief: Brief,
  person: DemoPerson,
  random: () => number,
  chance: () => number,
): LoggedSet[] {
  const on = brief.date;
  const logs: LoggedSet[] = [];
  let minute = 0;
  for (const { item, block } of plan.blocks.flatMap((b) => b.items.map((item) => ({ item, block: b.kind })))) {
    for (let set = 1; set <= item.sets; set++) {
      for (const side of item.perSide ? (['left', 'right'] as const) : (['both'] as const)) {
        const planned = plannedAmount(item);
        const short = random() < (person.story === 'patchy' ? 0.25 : 0.07);
        const amount = short ? Math.max(1, Math.round(planned * (0.6 + random() * 0.3))) : planned;
        minute += 0.7;
        const reserve = asksWhatWasLeft(block, item) ? saidLeft(item, amount, brief, person, chance) : undefined;
        logs.push({
          id: v7(),
          variant: item.variant,
          setNumber: set,
          side,
          amount,
          ...(reserve === undefined ? {} : { reserve }),
          doneAt: new Date(Date.parse(`${on}T17:30:00Z`) + minute * 60_000).toISOString(),
        });
      }
    }
  }
  return logs;
}

/** What the athlete said at the end. */
export function reportFor(
  sessionId: string,
  organisationId: string,
  plan: Plan,
  on: string,
  daysAgo: number,
  person: DemoPerson,
  random: () => number,
): NewReport {
  const pain: NewReport['pain'] = [];
  if (person.story === 'sore' && daysAgo < 15)
    pain.push({ region: 'shoulder', side: 'right', score: daysAgo < 6 ? 4 : 3 });
  if (person.story === 'returning' && random() < 0.4) pain.push({ region: 'knee', side: 'left', score: 2 });
  return {
    sessionId,
    organisationId,
    effort: Math.min(9, Math.max(3, Math.round(5 + random() * 3))),
    minutes: Math.round(plan.minutes.planned * (0.95 + random() * 0.25)),
    pain,
    note: person.story === 'sore' && daysAgo < 6 ? 'Shoulder pinches when I reach back.' : null,
    betterSide: null,
    finishedAt: `${on}T18:10:00Z`,
  };
}

/** The day so many days before another. */
export const daysBefore = (today: string, days: number) => dayAfter(today, -days);
