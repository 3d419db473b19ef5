import loadHighs from 'highs';
import type { Bench } from 'tinybench';
import type { Brief } from '../core/src/session/brief/brief';
import { begin, bestOf, composedOf, refine } from '../core/src/session/composer/compose';
import { setUpProblem } from '../core/src/session/composer/problem-setup';
import { contextOf } from '../core/src/session/context/context';
import { choicesOf } from '../core/src/session/draft/draft';
import { atOnce, whyNot } from '../core/src/session/editing/why-not';
import { highsSolver } from '../core/src/session/search/highs-solver';
import type { Problem } from '../core/src/session/search/problem';
import { relax } from '../core/src/session/search/relaxation';
import type { Solver } from '../core/src/session/search/solver';
import { slotsOf } from '../core/src/session/squad/slots';
import { adapted } from '../core/src/session/squad/squad';
import { plainBrief } from '../core/test/briefs';
import { wholeProgramme } from '../core/test/whole-programme';

const fullKit: Brief['kit'] = {
  items: [
    { kind: 'dumbbell', massKg: 7.5, count: 2 },
    { kind: 'kettlebell', massKg: 16 },
    { kind: 'barbell', massKg: 60 },
    { kind: 'band-long', level: 'medium' },
    { kind: 'band-loop', level: 'medium' },
    { kind: 'towel' },
    { kind: 'chair' },
    { kind: 'sofa' },
    { kind: 'bench' },
    { kind: 'step' },
    { kind: 'pull-up-bar' },
    { kind: 'exercise-ball' },
    { kind: 'cushion' },
    { kind: 'bottle', volumeL: 5, fill: 'water' },
  ],
  anchors: ['door-low', 'door-mid', 'door-high', 'feet'],
  partner: false,
  room: { lengthM: 3.5, widthM: 3, ceilingM: 2.6, wall: true, stairs: true, slidingFloor: true, quiet: false },
};
const strong: Brief['athlete'] = { heightCm: 184, massKg: 82, born: '2000-01-01', level: 'advanced', sex: 'male' };

/** Ten briefs of half an hour with 150 feasible variants and more. */
function tenBriefs(format: Brief['houseRules']['format']): Brief[] {
  const brief = (changes: Partial<Brief>) => {
    const made = plainBrief({ kit: fullKit, ...changes });
    return { ...made, houseRules: { ...made.houseRules, format } };
  };
  return [
    brief({}),
    brief({ kit: plainBrief().kit }),
    brief({ aim: 'strength' }),
    brief({ aim: 'power', athlete: strong }),
    brief({ aim: 'prevention' }),
    brief({ aim: 'endurance', athlete: strong }),
    brief({ sport: { id: 'sprint-canoe', role: 'kayak' } }),
    brief({ aim: 'strength', athlete: strong, sport: { id: 'sprint-canoe', role: 'kayak' } }),
    brief({ sport: { id: 'handball', role: 'goalkeeper' } }),
    brief({ aim: 'learn', athlete: { ...strong, level: 'beginner' } }),
  ];
}

/** Seconds in which the plain solver reaches a worth, at the most so many. */
function plainSeconds(problem: Problem, solver: Solver, worth: number, most: number): number {
  const programme = wholeProgramme(problem);
  const since = performance.now();
  const seconds = () => (performance.now() - since) / 1000;
  let reached: number | undefined;
  solver.solve(programme, {
    mostSeconds: most,
    watch: (best) => {
      if (best >= worth - 1e-9) reached ??= seconds();
      return reached !== undefined || seconds() > most;
    },
  });
  return reached ?? seconds();
}

const median = (values: number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] as number;
const maxPlainSeconds = 20;

interface Measured {
  brief: number;
  variants: number;
  firstSeconds: number;
  /** Worth after one second against the best known, and what was proven by then. */
  afterOne: number;
  provenAfterOne: number;
  provenAfterEight: number;
  /** How many times longer the plain solver took to reach the worth after one second; a lower bound where it was stopped. */
  plainTimes: number;
  stopped: boolean;
}

function measure(brief: Brief, number: number, solver: Solver, seconds: number): Measured {
  begin(brief, solver);
  const since = performance.now();
  const elapsed = () => (performance.now() - since) / 1000;
  const begun = begin(brief, solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  const firstSeconds = elapsed();
  let at = composedOf(begun).proof;
  const still = refine(begun, solver, {
    gap: 0.001,
    mostNodes: Number.POSITIVE_INFINITY,
    watch(proof) {
      if (elapsed() <= 1) at = proof;
      return elapsed() > seconds;
    },
  });
  const end = composedOf(still).proof;
  const reachedIn = Math.max(firstSeconds, 1);
  const { problem } = bestOf(begun.ways).prepared;
  const plain = plainSeconds(problem, solver, at.objective, maxPlainSeconds);
  return {
    brief: number,
    variants: contextOf(brief)
      .feasible.all()
      .filter((f) => f.reasons.length === 0).length,
    firstSeconds: Number(firstSeconds.toFixed(2)),
    afterOne: Number((at.objective / end.objective).toFixed(4)),
    provenAfterOne: Number((1 - at.gap).toFixed(4)),
    provenAfterEight: Number((1 - end.gap).toFixed(4)),
    plainTimes: Number((plain / reachedIn).toFixed(1)),
    stopped: plain >= maxPlainSeconds,
  };
}

/** Ten briefs with pairs and without: how soon, how good, how far proven, and how much longer the plain solver takes. Printed brief by brief. */
export async function composeTable(): Promise<void> {
  const solver = highsSolver(await loadHighs());
  for (const format of ['pairs', 'straight'] as const) {
    console.info(`composing half an hour, ${format}`);
    const rows = tenBriefs(format).map((brief, b) => {
      const row = measure(brief, b + 1, solver, 8);
      console.info(JSON.stringify(row));
      return row;
    });
    console.table(rows);
    console.info(
      `first session ${median(rows.map((r) => r.firstSeconds))} s in the median, ` +
        `plain solver at least ${median(rows.map((r) => r.plainTimes))} times as long, ` +
        `0.99 proven after a second in ${rows.filter((r) => r.provenAfterOne >= 0.99).length} of ${rows.length}`,
    );
  }
}

/** Composing, explaining and adapting, warm, against the linear bound of the same programme. */
export async function addTo(bench: Bench): Promise<void> {
  const solver = highsSolver(await loadHighs());
  const brief = plainBrief({ kit: fullKit });
  const begun = begin(brief, solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  const { prepared, relaxation } = bestOf(begun.ways);
  const { draft } = composedOf(begun);
  const there = new Set(choicesOf(draft).map((c) => c.variant));
  const others = [...new Set(prepared.problem.offers.map((o) => o.variants[0]?.id as string))].filter(
    (id) => !there.has(id),
  );
  const slots = slotsOf(begun.context, draft);
  let asked = 0;
  bench.add('linear bound of the same programme', () => void relax(prepared.problem, solver));
  bench.add('first session, 30 minutes, pairs on', () => void begin(brief, solver));
  bench.add(
    'why not, answered at once',
    () => void whyNot(prepared, relaxation, draft, others[asked++ % others.length] as string, atOnce),
  );
  bench.add('adapting to one of a squad', () => {
    const context = contextOf(plainBrief());
    adapted(setUpProblem(context, { format: 'pairs' }), slots);
  });
}
