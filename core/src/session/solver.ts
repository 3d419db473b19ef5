import type { Programme } from './programme';

/** What a solver found: values of all variables, worth, a proven upper bound, reduced costs for linear programmes. */
export interface Solved {
  status: 'optimal' | 'stopped' | 'infeasible';
  values: readonly number[];
  objective: number;
  bound: number;
  /** Gain per unit of each variable at the linear optimum, never positive for variables left out. */
  reducedCosts: readonly number[];
}

export interface SolveOptions {
  /** Ignore that variables are whole. */
  relaxed?: boolean;
  /** Stop when proven to be this close to the best, share. */
  gap?: number;
  mostNodes?: number;
}

/** The small interface behind which the optimiser stands. */
export interface Solver {
  solve(programme: Programme, options?: SolveOptions): Solved;
}
