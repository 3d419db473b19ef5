import { painLimits } from '../../athlete/pain-limits';
import { partWords } from '../../common/text';
import type { Region } from '../../exercise/model/vocabulary';
import type { PlanItem } from '../plan/plan-types';
import { lighter, type OtherWays, type SessionChange } from './changes';

/** Pain that is told in the middle of a session. */
export interface PainNow {
  region: Region;
  side?: 'left' | 'right';
  score: number;
}

/** What is known beside the score. */
export interface PainSetting {
  /** Pain up to which a part may go on: the ceiling of a restriction, where one holds. */
  ceilingOf: (region: Region) => number | undefined;
  /** Growing athletes have the stricter line. */
  isMinor: boolean;
  ways: Readonly<Record<string, OtherWays>>;
  /** What was told before in this session. */
  before: readonly PainNow[];
}

export interface PainAnswer {
  kind: 'go on' | 'easier' | 'region out' | 'end';
  say: string;
  changes: SessionChange[];
}

/** Two parts above the limit, or one twice: no more today. */
const isToEnd = (now: PainNow, before: readonly PainNow[]) =>
  now.score > painLimits.stop && before.some((one) => one.score > painLimits.stop);

/**
 * What pain in the middle of a session does to the rest of it (Thomee 1997, Silbernagel 2007, both from memory): up to 2 goes on; 3 to 5 goes on
 * easier and with about half of the sets of what loads the part, for the growing and above the ceiling of a restriction without it; above 5
 * everything on that part is out; a second time above 5 ends the session. It only ever takes away.
 *
 * @example painToday({ region: 'knee', score: 7 }, [planItem], painSetting).kind // 'region out'
 */
export function painToday(now: PainNow, items: readonly PlanItem[], setting: PainSetting): PainAnswer {
  const loading = items.filter(({ regions }) => regions.includes(now.region));
  const part = partWords(now);
  const ceiling = setting.ceilingOf(now.region);
  const out = loading.map(({ variant }): SessionChange => ({ kind: 'out', slot: variant, why: 'pain' }));
  if (isToEnd(now, setting.before))
    return {
      kind: 'end',
      say: 'That is the second time above 5. Stop for today and have it looked at before the next session.',
      changes: [],
    };
  if (now.score > painLimits.stop)
    return {
      kind: 'region out',
      say: `Nothing more on the ${part} today. Do the rest only if it does not hurt. If it is still above 5 tomorrow, have it looked at.`,
      changes: out,
    };
  if (ceiling !== undefined && now.score > ceiling)
    return {
      kind: 'region out',
      say: `More than the ${ceiling} of 10 that is agreed for the ${part}. Nothing more on it today; the rest goes on.`,
      changes: out,
    };
  if (now.score <= painLimits.safe)
    return { kind: 'go on', say: 'Up to 2 is fine. Go on, and say so if it grows.', changes: [] };
  if (setting.isMinor)
    return {
      kind: 'region out',
      say: `While you are growing, 3 and more is a reason to stop: nothing more on the ${part} today. Tell an adult at home.`,
      changes: out,
    };
  const easier = loading.flatMap((item): SessionChange[] => [
    { kind: 'swap', slot: item.variant, why: 'pain', to: painless(item, now.region, setting.ways) },
    { kind: 'fewer', slot: item.variant, why: 'pain', sets: Math.max(1, Math.floor(item.sets / 2)) },
  ]);
  return {
    kind: 'easier',
    say: `Easier and fewer sets for the ${part} from here. It should be back to usual tomorrow morning; you are asked then.`,
    changes: easier,
  };
}

/** The easier way where it asks nothing new of the part; else less of the same. */
function painless(item: PlanItem, region: Region, ways: PainSetting['ways']): PlanItem {
  const easier = ways[item.variant]?.easier;
  return easier?.regions.includes(region) === false || easier?.family === item.family ? easier : lighter(item);
}
