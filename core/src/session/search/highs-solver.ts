import type { Highs, Model } from 'highs';
import type { LinearModel, Programme, ProgrammeColumn, Solved, SolveOptions, Solver } from './solver';

/** Columns as HiGHS takes them, column after column; it minimises, so that worth turns sign. */
function sparse(columns: readonly ProgrammeColumn[], numRows: number) {
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const { entries } of columns) {
    for (const [row, coefficient] of entries) {
      indices.push(row);
      values.push(coefficient);
    }
    starts.push(indices.length);
  }
  return {
    cost: Float64Array.from(columns, (c) => -c.cost),
    lower: Float64Array.from(columns, (c) => c.lower),
    upper: Float64Array.from(columns, (c) => c.upper),
    matrix: {
      format: 'csc' as const,
      numRows,
      numCols: columns.length,
      starts: Int32Array.from(starts),
      indices: Int32Array.from(indices),
      values: Float64Array.from(values),
    },
  };
}

function modelData(highs: Highs, { rows, columns }: Programme, whole: boolean) {
  const { cost, lower, upper, matrix } = sparse(columns, rows.length);
  const { continuous, integer } = highs.constants.variableType;
  return {
    numCols: columns.length,
    numRows: rows.length,
    sense: highs.constants.objectiveSense.minimize,
    colCost: cost,
    colLower: lower,
    colUpper: upper,
    rowLower: Float64Array.from(rows, (r) => r.lower),
    rowUpper: Float64Array.from(rows, (r) => r.upper),
    matrix,
    ...(whole ? { integrality: columns.map((c) => (c.integer ? integer : continuous)) } : {}),
  };
}

function linearModel(highs: Highs, programme: Programme): LinearModel {
  const model = highs.createModel(modelData(highs, programme, false));
  model.options.set({ output_flag: false, presolve: 'off', solver: 'simplex' });
  const numRows = programme.rows.length;
  return {
    solve() {
      model.run();
      if (model.getModelStatus() !== highs.constants.modelStatus.optimal) return undefined;
      const { colValue, rowDual } = model.getSolution();
      return { objective: -model.getObjectiveValue(), values: colValue, rowDuals: rowDual.map((d) => -d) };
    },
    add(columns) {
      if (columns.length) model.addCols(sparse(columns, numRows));
    },
    bound: (variable, lower, upper) => void model.changeColBounds(variable, lower, upper),
    boundRow: (row, lower, upper) => void model.changeRowBounds(row, lower, upper),
    close: () => model.dispose(),
  };
}

/** A fixed seed and budgets counted in nodes keep answers the same from run to run. */
function configure(model: Model, { gap = 0, absoluteGap = 1e-7, mostNodes, mostSeconds }: SolveOptions) {
  model.options.set({ output_flag: false, random_seed: 1, mip_rel_gap: gap, mip_abs_gap: absoluteGap });
  if (mostNodes !== undefined) model.options.set({ mip_max_nodes: mostNodes });
  if (mostSeconds !== undefined) model.options.set({ time_limit: mostSeconds });
}

/** The programme's solver on top of a loaded HiGHS module; whole-number models are given back after use, linear ones when they are closed. */
export function highsSolver(highs: Highs): Solver {
  return {
    open: (programme) => linearModel(highs, programme),
    solve(programme, options = {}): Solved {
      return highs.withModel(modelData(highs, programme, true), (model): Solved => {
        configure(model, options);
        if (options.from) model.setSolution({ colValue: Float64Array.from(options.from) });
        const { watch } = options;
        model.run(
          watch && {
            [highs.constants.callbackType.mipInterrupt](event) {
              const { mip_primal_bound: best = Infinity, mip_dual_bound: bound = -Infinity } = event.data;
              if (watch(-best, -bound)) event.interrupt();
            },
          },
        );
        const status = model.getModelStatus();
        const { optimal, infeasible } = highs.constants.modelStatus;
        const { colValue } = model.getSolution();
        const bound = -Number(model.info.get('mip_dual_bound'));
        if (status === infeasible || colValue.length === 0)
          return { status: 'infeasible', values: [], objective: -Infinity, bound: -Infinity };
        return {
          status: status === optimal ? 'optimal' : 'stopped',
          values: [...colValue],
          objective: -model.getObjectiveValue(),
          bound,
        };
      });
    },
  };
}
