import GLPK from 'glpk.js/node';
import { describe, expect, it } from 'vitest';
import { randomBrief } from '../../../test/random-briefs';
import { solver } from '../../../test/solver';
import { wholeProgramme } from '../../../test/whole-programme';
import { seeded } from '../../common/seeded-random';
import { preparingBlocks } from '../../exercise/model/vocabulary';
import { offersOf } from '../composer/candidates';
import { blockBounds } from '../context/block-bounds';
import { contextOf } from '../context/context';
import { type Problem, problemOf, type Together } from './problem';
import { relax } from './relaxation';
import { firstSession, prove } from './search';
import type { Programme } from './solver';

const offersEach = 16;

/** A problem of few offers, so that any solver can run it to the end. */
function smallProblem(seed: number): Problem {
  const context = contextOf(randomBrief(seed, { minutes: 25 }));
  const random = seeded(seed);
  const all = offersOf(context, blockBounds(context.frame, context.brief), { format: 'pairs' });
  const work = all.filter((o) => !preparingBlocks.has(o.group.block));
  const offers = work
    .map((offer) => ({ offer, at: random() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, offersEach)
    .map(({ offer }) => offer);
  return problemOf(context, offers, {
    bounds: blockBounds(context.frame, context.brief),
    together: ((seed % 3) + 1) as Together,
    joints: () => 0,
    budget: () => 600 + 60 * (seed % 10),
  });
}

/** The optimum by a solver that has nothing in common with ours. */
async function optimumOf({ rows, columns }: Programme): Promise<number> {
  const glpk = await GLPK();
  const bounds = (lb: number, ub: number) => {
    if (lb === ub) return { type: glpk.GLP_FX, lb, ub };
    if (lb > -Infinity && ub < Infinity) return { type: glpk.GLP_DB, lb, ub };
    if (lb > -Infinity) return { type: glpk.GLP_LO, lb, ub: 0 };
    return ub < Infinity ? { type: glpk.GLP_UP, lb: 0, ub } : { type: glpk.GLP_FR, lb: 0, ub: 0 };
  };
  const inRow: { name: string; coef: number }[][] = rows.map(() => []);
  columns.forEach((column, c) => {
    for (const [row, coef] of column.entries) inRow[row]?.push({ name: `x${c}`, coef });
  });
  const result = await glpk.solve(
    {
      name: 'session',
      objective: {
        direction: glpk.GLP_MAX,
        name: 'worth',
        vars: columns.map((column, c) => ({ name: `x${c}`, coef: column.cost })),
      },
      subjectTo: rows.flatMap(({ lower, upper }, r) =>
        inRow[r]?.length && (lower > -Infinity || upper < Infinity)
          ? [{ name: `r${r}`, vars: inRow[r], bnds: bounds(lower, upper) }]
          : [],
      ),
      bounds: columns.map((column, c) => ({ name: `x${c}`, ...bounds(column.lower, column.upper) })),
      binaries: columns.flatMap((column, c) => (column.integer ? [`x${c}`] : [])),
    },
    { msglev: glpk.GLP_MSG_OFF, presol: true, mipgap: 0 },
  );
  return result.result.status === glpk.GLP_OPT ? result.result.z : Number.NaN;
}

describe('run to the end on small problems', () => {
  it('finds the optimum of a second solver, 40 times', async () => {
    const highs = await solver;
    let solved = 0;
    for (let seed = 1; solved < 40; seed++) {
      const problem = smallProblem(seed);
      const expected = await optimumOf(wholeProgramme(problem));
      const relaxation = relax(problem, highs);
      const first = relaxation && firstSession(problem, highs, relaxation);
      if (Number.isNaN(expected)) {
        expect(first, `seed ${seed}`).toBeUndefined();
        continue;
      }
      if (!relaxation || !first) throw new Error(`nothing found for seed ${seed}`);
      const proven = prove(problem, highs, relaxation, first.best, { gap: 0, mostNodes: Infinity });
      expect(proven.best.worth, `seed ${seed}`).toBeCloseTo(expected, 6);
      expect(proven.bound, `seed ${seed}`).toBeCloseTo(expected, 6);
      solved++;
    }
  }, 240_000);
});
