import type { Highs, Model } from 'highs';
import type { Programme } from './programme';
import type { Solved, SolveOptions, Solver } from './solver';

function modelData(highs: Highs, programme: Programme) {
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const row of programme.rows) {
    for (const [variable, coefficient] of row.entries) {
      indices.push(variable);
      values.push(coefficient);
    }
    starts.push(indices.length);
  }
  const { minimize } = highs.constants.objectiveSense;
  const { continuous, integer } = highs.constants.variableType;
  return {
    numCols: programme.cost.length,
    numRows: programme.rows.length,
    sense: minimize,
    colCost: Float64Array.from(programme.cost, (c) => -c),
    colLower: Float64Array.from(programme.lower),
    colUpper: Float64Array.from(programme.upper),
    rowLower: Float64Array.from(programme.rows, (r) => r.lower),
    rowUpper: Float64Array.from(programme.rows, (r) => r.upper),
    matrix: {
      format: 'csr' as const,
      numRows: programme.rows.length,
      numCols: programme.cost.length,
      starts: Int32Array.from(starts),
      indices: Int32Array.from(indices),
      values: Float64Array.from(values),
    },
    integrality: programme.integer.map((whole) => (whole ? integer : continuous)),
  };
}

/** A fixed seed and budgets counted in nodes keep answers the same from run to run. */
function configure(model: Model, { relaxed, gap = 0.01, mostNodes = 2000 }: SolveOptions) {
  model.options.set({ output_flag: false, random_seed: 1, mip_rel_gap: gap, mip_max_nodes: mostNodes });
  if (relaxed) model.options.set({ solve_relaxation: true });
}

/** The programme's solver on top of a loaded HiGHS module; every model is given back after use. */
export function highsSolver(highs: Highs): Solver {
  return {
    solve(programme, options = {}): Solved {
      return highs.withModel(modelData(highs, programme), (model): Solved => {
        configure(model, options);
        model.run();
        const status = model.getModelStatus();
        const { optimal, solutionLimit, iterationLimit, timeLimit } = highs.constants.modelStatus;
        const solution = model.getSolution();
        const found = status === optimal || ([solutionLimit, iterationLimit, timeLimit] as number[]).includes(status);
        if (!found || solution.colValue.length === 0) {
          return { status: 'infeasible', values: [], objective: -Infinity, bound: -Infinity, reducedCosts: [] };
        }
        const objective = -model.getObjectiveValue();
        const bound = options.relaxed ? objective : -Number(model.info.get('mip_dual_bound'));
        return {
          status: status === optimal ? 'optimal' : 'stopped',
          values: [...solution.colValue],
          objective,
          bound,
          reducedCosts: [...solution.colDual].map((d) => -d),
        };
      });
    },
  };
}
