import type { Brief } from '@tropaeum/core/session/brief/brief';
import { rulesOf, setUpProblem } from '@tropaeum/core/session/composer/problem-setup';
import { contextOf } from '@tropaeum/core/session/context/context';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { planOf } from '@tropaeum/core/session/plan/plan';
import { type Slot, slotsOf } from '@tropaeum/core/session/squad/slots';
import { type Adapted, adapted } from '@tropaeum/core/session/squad/squad';
import { expose } from 'comlink';
import { canonical } from './canonical';

/** A session for one athlete of a squad, as it crosses to the page. */
export interface AdaptedInWorker extends Adapted {
  minutes: number;
  /** Checks that are not fine, in words. */
  warnings: readonly string[];
}

const adapting = {
  /** What the items of a session are there for. */
  skeleton: (brief: Brief, draft: Draft): Slot[] => slotsOf(contextOf(canonical(brief)), draft),
  /** The same session for another athlete; what the coach has corrected is held to, by slot. */
  adapt(brief: Brief, slots: readonly Slot[], fixed: ReadonlyMap<number, string>): AdaptedInWorker {
    const context = contextOf(canonical(brief));
    const [rule] = rulesOf(context);
    const result = adapted(setUpProblem(context, rule as NonNullable<typeof rule>), slots, fixed);
    const plan = planOf(context, result.draft);
    return {
      ...result,
      minutes: plan.minutes.planned,
      warnings: plan.checks.filter((c) => c.status !== 'ok').map((c) => c.text),
    };
  },
};

export type Adapting = typeof adapting;

expose(adapting);
