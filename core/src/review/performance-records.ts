import type { LoggedSet } from '../athlete/logged-set';
import type { PerformanceRecord, RecordedSet } from '../athlete/performance-record';
import { type BlockKind, mainBlocks } from '../exercise/model/vocabulary';
import { loadingOf } from '../kit/loads';
import type { NextDose } from '../progress/decision-case';
import type { Move } from '../progress/proposal';
import type { Brief, RecentSession } from '../session/brief/brief';
import { type Plan, type PlanItem, plannedAmount } from '../session/plan/plan-types';
import type { Aim } from '../session-type/aims-and-phases';
import type { ReviewedSet } from './reviewed-session';

/** A logged set with its place among the others. */
export type NumberedSet = ReviewedSet & Pick<LoggedSet, 'setNumber'>;

/** Only main work is hard enough to tell anything. */
const mainWork = ({ blocks }: Plan) => blocks.filter((block) => mainBlocks.has(block.kind as BlockKind));

function setOf({ amount, reserve }: ReviewedSet, asked: number): RecordedSet {
  return {
    amount,
    ...(reserve === null || reserve === undefined ? {} : { reserve }),
    // Who says how much was left stopped for another reason.
    ...(amount < asked && (reserve === null || reserve === undefined) ? { cutShort: true } : {}),
  };
}

function showingsOf(item: PlanItem, on: string, kit: Brief['kit'], logs: readonly NumberedSet[]): PerformanceRecord[] {
  const counts = item.reps !== undefined ? 'repetitions' : item.holdSeconds !== undefined ? 'seconds' : undefined;
  const loading = loadingOf(item.load, kit);
  if (!counts || !loading) return [];
  const asked = plannedAmount(item);
  const own = logs.filter((log) => log.variant === item.variant && log.amount > 0);
  // Sets with another load than planned show something of their own.
  const loads = [...new Set(own.map(({ loadKg }) => loadKg ?? undefined))];
  return loads.flatMap((other) =>
    (['left', 'right', 'both'] as const).flatMap((side): PerformanceRecord[] => {
      const sets = own
        .filter((log) => log.side === side && (log.loadKg ?? undefined) === other)
        .sort((a, b) => a.setNumber - b.setNumber)
        .map((log) => setOf(log, asked));
      const { band } = loading;
      const loadKg = other ?? loading.loadKg;
      return sets.length
        ? [
            {
              ...{ on, variant: item.variant, side },
              ...(loadKg ? { loadKg } : {}),
              ...(band && typeof band === 'object' ? { band } : {}),
              ...{ counts, from: 'session' as const, sets },
            },
          ]
        : [];
    }),
  );
}

/**
 * What the logged sets of a session show of an athlete: one entry an exercise and side, with the load that was planned. Bands of unknown force
 * show nothing.
 */
export function recordsOf(
  plan: Plan,
  on: string,
  kit: Brief['kit'],
  logs: readonly NumberedSet[],
): PerformanceRecord[] {
  return mainWork(plan).flatMap((block) => block.items.flatMap((item) => showingsOf(item, on, kit, logs)));
}

/** A session that was done, as the brief of the next one has it: the exercises of its main work with the sets that were logged. */
export function recentOf(
  plan: Plan,
  on: string,
  report: { effort: number; minutes: number } | undefined,
  logs: readonly NumberedSet[],
  decisions: readonly { variant: string; decided: string; next?: NextDose | null }[] = [],
  aim?: Aim,
): RecentSession {
  const items = mainWork(plan)
    .flatMap((block) => block.items)
    .flatMap(({ variant }) => {
      const sets = new Set(logs.filter((l) => l.variant === variant && l.amount > 0).map((l) => l.setNumber)).size;
      const decision = decisions.find((d) => d.variant === variant);
      const next = decision?.next ?? undefined;
      return sets > 0 || decision
        ? [
            {
              ...{ variant, sets },
              ...(decision ? { decided: decision.decided as Move } : {}),
              ...(next ? { next } : {}),
            },
          ]
        : [];
    });
  return {
    date: on,
    ...(aim ? { aim } : {}),
    ...(report ? { minutes: report.minutes, rpe: report.effort } : {}),
    items,
  };
}
