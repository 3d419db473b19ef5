import type { Programme } from '../src/session/search/solver';

/** A variable times a number. */
export type Term = readonly [column: number, by: number];

/** Each of these once. */
export const each = (columns: readonly { column: number }[]): Term[] => columns.map(({ column }) => [column, 1]);

interface Column {
  cost: number;
  lower: number;
  upper: number;
  integer: boolean;
  entries: [number, number][];
}

/** A mixed-integer programme as it is written down: variables, then what holds between them. */
export class Writing {
  private readonly rows: Programme['rows'] = [];
  private readonly columns: Column[] = [];

  /** A variable with what it is worth. */
  variable(cost: number, lower: number, upper: number, integer: boolean): number {
    return this.columns.push({ cost, lower, upper, integer, entries: [] }) - 1;
  }

  /** Yes or no. */
  choice(cost = 0): number {
    return this.variable(cost, 0, 1, true);
  }

  /** What a row may miss its bound by, at a price; from below with 1, from above with -1. */
  private missing(price: number, by: 1 | -1): Term {
    return [this.variable(-price, 0, Number.POSITIVE_INFINITY, false), by];
  }

  atLeast(least: number, terms: readonly Term[], price?: number): void {
    this.row(least, Number.POSITIVE_INFINITY, price === undefined ? terms : [...terms, this.missing(price, 1)]);
  }

  atMost(most: number, terms: readonly Term[], price?: number): void {
    this.row(Number.NEGATIVE_INFINITY, most, price === undefined ? terms : [...terms, this.missing(price, -1)]);
  }

  /** As near to a number as it can be, what is short of it and over it at a price. */
  near(aim: number, terms: readonly Term[], short: number, over: number): void {
    this.row(aim, aim, [...terms, this.missing(short, 1), this.missing(over, -1)]);
  }

  row(lower: number, upper: number, terms: readonly Term[]): void {
    const at = this.rows.push({ lower, upper }) - 1;
    for (const [column, by] of terms) this.columns[column]?.entries.push([at, by]);
  }

  get programme(): Programme {
    return { rows: this.rows, columns: this.columns };
  }
}
