import { standingsOn } from '../../athlete/athlete';
import { painLimits } from '../../athlete/pain-limits';
import { dayAfter } from '../../date/days';
import type { Brief } from '../brief/brief';
import { type Context, contextOf } from '../context/context';
import type { Draft } from '../draft/draft';
import type { Found } from '../search/found';
import { type Relaxation, relax } from '../search/relaxation';
import { sessionOf } from '../search/running-total';
import { firstSession, prove } from '../search/search';
import type { Solver } from '../search/solver';
import { assembled } from './assembly';
import { infeasibilityAfter, infeasibilityBefore } from './infeasibility';
import { type ProblemSetup, rulesOf, setUpProblem } from './problem-setup';
import type { Infeasibility } from './relaxed-rules';

/** How good a session is against the best there can be. */
export interface Proof {
  objective: number;
  /** No session for this brief is worth more. */
  bound: number;
  /** (bound - objective) / bound. */
  gap: number;
}

export interface Composed {
  draft: Draft;
  proof: Proof;
}
export type Composition = Composed | { refused: Infeasibility };

/** One way to lay the session out, with the best found in it so far. */
export interface Way {
  prepared: ProblemSetup;
  relaxation: Relaxation;
  best: Found;
  bound: number;
}

/** A first session, and what it takes to look further. */
export interface Begun {
  context: Context;
  ways: readonly Way[];
}

/** Rest rather than training: illness, or pain at rest above the limit (Thomee 1997). */
function restReason(brief: Brief): Infeasibility | undefined {
  const { readiness } = brief.athlete;
  const again = dayAfter(brief.date, 2);
  if (readiness?.ill)
    return {
      reason: `Ill today: rest. Check again on ${again}, then return gradually.`,
      relax: ['athlete.readiness.ill'],
    };
  const worst = [...(readiness?.pain ?? [])].sort((a, b) => b.score - a.score)[0];
  if (worst && worst.score > painLimits.stop) {
    return {
      reason: `Pain of ${worst.score} of 10 in the ${worst.region}: rest today, check again on ${again}; if it stays, see a clinician.`,
      relax: ['athlete.readiness.pain'],
    };
  }
  if (standingsOn(brief.athlete, brief.date).some((s) => s.cause === 'concussion' && s.severity === 'avoid')) {
    return {
      reason: 'Concussion: no session until a clinician has released the first step in writing.',
      relax: ['athlete.restrictions'],
    };
  }
  return undefined;
}

/**
 * A very good session at once, or a refusal that says what would have to give. What it returns can be looked at further with `refine`.
 */
export function begin(brief: Brief, solver: Solver): Begun | { refused: Infeasibility } {
  const rest = restReason(brief);
  if (rest) return { refused: rest };
  const context = contextOf(brief);
  const all = rulesOf(context).map((rule) => setUpProblem(context, rule));
  const refused = infeasibilityBefore(all[0] as ProblemSetup);
  if (refused) return { refused };
  const ways = all.flatMap((prepared): Way[] => {
    const relaxation = relax(prepared.problem, solver);
    const first = relaxation && firstSession(prepared.problem, solver, relaxation);
    return relaxation && first ? [{ prepared, relaxation, best: first.best, bound: first.bound }] : [];
  });
  if (ways.length > 0) return { context, ways };
  return onlyJust(context, all[0] as ProblemSetup, solver);
}

/** Where the search met nothing: what must give, or the one session that just fits after all. */
function onlyJust(context: Context, prepared: ProblemSetup, solver: Solver): Begun | { refused: Infeasibility } {
  const after = infeasibilityAfter(prepared, solver);
  if (!('chosen' in after)) return { refused: after };
  const relaxation = relax(prepared.problem, solver);
  const best = sessionOf(prepared.problem, after.chosen);
  if (!relaxation || !best) return { refused: { reason: 'These requirements barely fit.', relax: ['minutes'] } };
  return { context, ways: [{ prepared, relaxation, best, bound: relaxation.objective }] };
}

export const bestOf = (ways: readonly Way[]): Way =>
  ways.reduce((best, way) => (way.best.worth > best.best.worth ? way : best));

/** The best session so far, with how close it is proven to be to the best possible. */
export function composedOf({ ways }: Begun): Composed {
  const { prepared, best } = bestOf(ways);
  const bound = Math.max(...ways.map((way) => way.bound));
  return {
    draft: { groups: assembled(prepared, best.chosen) },
    proof: {
      objective: best.worth,
      bound,
      // A session may be worth nothing, or less, when hardly anything can be done.
      gap: bound > 1e-9 ? (bound - best.worth) / bound : 0,
    },
  };
}

export interface RefineOptions {
  /** Stop when proven to be this close to the best, share. */
  gap: number;
  mostNodes: number;
  /** Told how it stands, and the best session so far; true ends it. */
  watch?: (proof: Proof, best: () => Draft) => boolean;
}

/** Looks further: for something better, and for a proof that there is nothing better. */
export function refine(begun: Begun, solver: Solver, { gap, mostNodes, watch }: RefineOptions): Begun {
  const ways = [...begun.ways];
  for (const [w, way] of ways.entries()) {
    const others = Math.max(0, ...ways.filter((_, o) => o !== w).map((o) => o.bound));
    const best = bestOf(ways).best.worth;
    if (way.bound <= best) continue;
    const searched = prove(way.prepared.problem, solver, way.relaxation, way.best, {
      gap,
      mostNodes,
      ...(watch
        ? {
            watch: (found, bound) => {
              const objective = Math.max(best, found?.worth ?? 0);
              const highest = Math.max(objective, Math.min(bound, way.bound), others);
              const gap = highest > 1e-9 ? (highest - objective) / highest : 0;
              const draft = () =>
                composedOf({ ...begun, ways: ways.with(w, { ...way, best: found ?? way.best }) }).draft;
              return watch({ objective, bound: highest, gap }, draft);
            },
          }
        : {}),
    });
    ways[w] = { ...way, best: searched.best, bound: Math.min(way.bound, searched.bound) };
  }
  return { ...begun, ways };
}

/** How far `compose` looks on its own. */
const usual: RefineOptions = { gap: 0.0015, mostNodes: 250 };

/**
 * The best session for a brief, with the proof of how close to the best possible it is; or a refusal that says what to change.
 * The same brief gives the same session.
 */
export function compose(brief: Brief, solver: Solver, options: RefineOptions = usual): Composition {
  const begun = begin(brief, solver);
  return 'refused' in begun ? begun : composedOf(refine(begun, solver, options));
}
