/** A variable with what it is worth and where it stands in the rows. */
export interface ProgrammeColumn {
  cost: number;
  lower: number;
  upper: number;
  integer: boolean;
  entries: readonly (readonly [row: number, coefficient: number])[];
}

/** A mixed-integer programme to be maximised: rows bound sums of coefficient times variable. */
export interface Programme {
  rows: { lower: number; upper: number }[];
  columns: ProgrammeColumn[];
}

/** The linear optimum: values, worth, and what one more of each row would be worth. */
export interface LinearSolution {
  objective: number;
  values: ArrayLike<number>;
  rowDuals: ArrayLike<number>;
}

/** A linear programme that is solved again and again, each time from where it stood. */
export interface LinearModel {
  /** The optimum; undefined when nothing satisfies all rows. */
  solve(): LinearSolution | undefined;
  add(columns: readonly ProgrammeColumn[]): void;
  bound(variable: number, lower: number, upper: number): void;
  boundRow(row: number, lower: number, upper: number): void;
  close(): void;
}

/** What a whole-number search found: the best and what nothing can exceed. */
export interface Solved {
  status: 'optimal' | 'stopped' | 'infeasible';
  values: readonly number[];
  objective: number;
  bound: number;
}

export interface SolveOptions {
  /** Stop when proven to be this close to the best, share. */
  gap?: number;
  /** Or this close, in worth. */
  absoluteGap?: number;
  mostNodes?: number;
  /** Seconds after which it stops; for comparisons only, since what it finds then differs from run to run. */
  mostSeconds?: number;
  /** A solution to begin with. */
  from?: readonly number[];
  /** Told about the bound as it falls; true ends the search. */
  watch?: (best: number, bound: number) => boolean;
}

/** The small interface behind which the optimiser stands. */
export interface Solver {
  open(programme: Programme): LinearModel;
  solve(programme: Programme, options?: SolveOptions): Solved;
}
