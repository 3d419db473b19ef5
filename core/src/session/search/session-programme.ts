import { coverageBreaks, coverageSlopes } from '../context/demands';
import { opposites, prices } from '../scoring/rules';
import type { Problem } from './problem';
import type { Programme, ProgrammeColumn } from './solver';

/** Offers done together: one alone, or two or three in turn. */
export interface Lot {
  offers: readonly number[];
  savedSeconds: number;
}

/** Where the rows of the programme begin. */
interface Rows {
  time: number;
  family: number;
  most: number;
  least: number;
  patterns: number;
  regions: number;
  contacts: number;
  balance: number;
  planes: number;
  heavy: number;
  needs: number;
  pins: number;
  insisted: number;
  wishes: number;
  count: number;
}

const regionRows = 13;
const planeRows = 3;
/** What a second over the minutes costs; no second is worth so much. */
const overPrice = 10;

function rowsOf(problem: Problem): Rows {
  const { families, most, balance, needs, pins, insisted, wishes } = problem;
  let next = 0;
  const take = (count: number) => {
    const at = next;
    next += count;
    return at;
  };
  const rows = {
    time: take(1),
    family: take(families),
    most: take(most.length),
    least: take(most.length),
    patterns: take(problem.patterns),
    regions: take(regionRows),
    contacts: take(1),
    balance: take(2 * balance.length),
    planes: take(planeRows),
    heavy: take(1),
    needs: take(needs),
    pins: take(pins.length),
    insisted: take(insisted.length),
    wishes: take(wishes.length),
  };
  return { ...rows, count: next };
}

function flat(columns: readonly ProgrammeColumn[]) {
  const starts = new Int32Array(columns.length + 1);
  for (const [i, { entries }] of columns.entries()) starts[i + 1] = (starts[i] as number) + entries.length;
  const all = columns.flatMap(({ entries }) => entries);
  return {
    starts,
    rows: Int32Array.from(all, ([row]) => row),
    values: Float64Array.from(all, ([, value]) => value),
  };
}

/**
 * The session as a mixed-integer programme, to be maximised: a yes-or-no variable for every lot, the pieces of each need's coverage, and the
 * prices of broken wishes. Lots are added to it as they are wanted.
 */
export class SessionProgramme {
  readonly rows: Rows;
  /** Variables that are no lots come first. */
  readonly before: number;
  readonly programme: Programme;
  /** The variable of each offer alone. */
  readonly alone: readonly ProgrammeColumn[];

  /**
   * Seconds over the minutes, so dear that none is used where there is another way: with it the linear programme can be solved while what would save
   * the seconds is not in it yet. It comes after the variables that are no lots.
   */
  readonly overTime: ProgrammeColumn;
  /** The same entries, offer after offer in three arrays: they are priced again and again. */
  private readonly entries: ReturnType<typeof flat>;
  /** A column under way, row by row, and the rows that are in it. */
  private readonly scratch: Float64Array;
  private readonly touched: number[] = [];

  constructor(readonly problem: Problem) {
    this.rows = rowsOf(problem);
    this.alone = problem.offers.map((_, i) => this.aloneOf(i));
    this.entries = flat(this.alone);
    this.overTime = {
      cost: -overPrice,
      lower: 0,
      upper: Infinity,
      integer: false,
      entries: [[this.rows.time, -1]],
    };
    this.scratch = new Float64Array(this.rows.count);
    const columns = this.otherColumns();
    this.before = columns.length;
    this.programme = { rows: this.bounds(), columns };
  }

  private bounds(): Programme['rows'] {
    const { problem, rows } = this;
    const bounds = Array.from({ length: rows.count }, () => ({ lower: -Infinity, upper: Infinity }));
    const set = (row: number, lower: number, upper: number) => {
      bounds[row] = { lower, upper };
    };
    set(rows.time, -Infinity, problem.budgetSeconds);
    for (let f = 0; f < problem.families; f++) set(rows.family + f, -Infinity, problem.mostOfFamily[f] as number);
    for (const [b, most] of problem.most.entries()) set(rows.most + b, -Infinity, most);
    for (const [b, least] of problem.least.entries()) set(rows.least + b, least, Infinity);
    for (let r = 0; r < regionRows; r++) set(rows.regions + r, -Infinity, problem.mostHighSets);
    set(rows.contacts, -Infinity, problem.mostContacts);
    problem.balance.forEach((_, o) => {
      const tolerance = opposites[o]?.tolerance as number;
      set(rows.balance + 2 * o, -Infinity, tolerance);
      set(rows.balance + 2 * o + 1, -tolerance, Infinity);
    });
    for (let p = 0; p < planeRows; p++) set(rows.planes + p, 1, Infinity);
    set(rows.heavy, problem.wantedHeavy, Infinity);
    for (let d = 0; d < problem.needs; d++) set(rows.needs + d, -Infinity, 0);
    for (const p of problem.pins.keys()) set(rows.pins + p, 1, Infinity);
    for (const [i, { least }] of problem.insisted.entries()) set(rows.insisted + i, least, Infinity);
    for (const [k, { least, most }] of problem.wishes.entries()) set(rows.wishes + k, least, most);
    return bounds;
  }

  private otherColumns(): ProgrammeColumn[] {
    const { problem, rows } = this;
    const columns: ProgrammeColumn[] = [];
    const add = (cost: number, upper: number, entries: [number, number][]) => {
      columns.push({ cost, lower: 0, upper, integer: false, entries });
    };
    for (let d = 0; d < problem.needs; d++)
      for (const [k, end] of coverageBreaks.entries()) {
        const gain = (problem.weights[d] as number) * (coverageSlopes[k] as number);
        add(gain, end - (coverageBreaks[k - 1] ?? 0), [[rows.needs + d, 1]]);
      }
    for (const [b, least] of problem.least.entries())
      if (least > 0) add(-prices.blockItem, least, [[rows.least + b, 1]]);
    for (const o of problem.balance.keys())
      add(-problem.prices.opposite, Infinity, [
        [rows.balance + 2 * o, -1],
        [rows.balance + 2 * o + 1, 1],
      ]);
    for (let p = 0; p < planeRows; p++) add(-problem.prices.plane, 1, [[rows.planes + p, 1]]);
    for (const [k, { least, most, price }] of problem.wishes.entries()) {
      if (least > -Infinity) add(-price, Infinity, [[rows.wishes + k, 1]]);
      if (most < Infinity) add(-price, Infinity, [[rows.wishes + k, -1]]);
    }
    if (problem.wantedHeavy > 0) add(-prices.heavySet, problem.wantedHeavy, [[rows.heavy, 1]]);
    return columns;
  }

  /** What one more of each offer gains, alone, at these prices of the rows. */
  gains(rowDuals: ArrayLike<number>): Float64Array {
    const { starts, rows, values } = this.entries;
    return Float64Array.from(this.alone, ({ cost }, i) => {
      let gain = cost;
      for (let e = starts[i] as number; e < (starts[i + 1] as number); e++)
        gain -= (rowDuals[rows[e] as number] as number) * (values[e] as number);
      return gain;
    });
  }

  /** Whether a linear optimum keeps the minutes. */
  keepsTime(values: ArrayLike<number>): boolean {
    return (values[this.before] as number) < 1e-7;
  }

  /** The variable of a lot: what its offers come to together, with the seconds saved; a plane is covered once. */
  columnOf({ offers, savedSeconds }: Lot): ProgrammeColumn {
    const { scratch, touched } = this;
    let cost = 0;
    for (const i of offers) {
      const { cost: own, entries } = this.alone[i] as ProgrammeColumn;
      cost += own;
      for (const [row, value] of entries) {
        // What cancels out comes by again.
        if (scratch[row] === 0 && !touched.includes(row)) touched.push(row);
        scratch[row] = (scratch[row] as number) + value;
      }
    }
    scratch[this.rows.time] = (scratch[this.rows.time] as number) - savedSeconds;
    const isPlane = (row: number) => row >= this.rows.planes && row < this.rows.planes + planeRows;
    const entries = touched.map((row): [number, number] => [row, isPlane(row) ? 1 : (scratch[row] as number)]);
    for (const row of touched) scratch[row] = 0;
    touched.length = 0;
    return { cost, lower: 0, upper: 1, integer: true, entries };
  }

  /** The variable of one offer alone. */
  private aloneOf(i: number): ProgrammeColumn {
    const { problem, rows } = this;
    const entries: [number, number][] = [];
    this.addOffer(i, (row, value) => {
      if (value !== 0) entries.push([row, value]);
    });
    for (let p = 0; p < planeRows; p++)
      if ((problem.planes[i] as number) & (1 << p)) entries.push([rows.planes + p, 1]);
    return { cost: problem.worth[i] as number, lower: 0, upper: 1, integer: true, entries };
  }

  private addOffer(i: number, add: (row: number, value: number) => void): void {
    const { problem, rows } = this;
    add(rows.time, problem.seconds[i] as number);
    add(rows.family + (problem.family[i] as number), 1);
    add(rows.most + (problem.block[i] as number), 1);
    add(rows.least + (problem.block[i] as number), 1);
    add(rows.patterns + (problem.pattern[i] as number), 1);
    for (let mask = problem.regions[i] as number, r = 0; mask; mask >>= 1, r++)
      if (mask & 1) add(rows.regions + r, problem.sets[i] as number);
    add(rows.contacts, problem.contacts[i] as number);
    problem.balance.forEach((signed, o) => {
      add(rows.balance + 2 * o, signed[i] as number);
      add(rows.balance + 2 * o + 1, signed[i] as number);
    });
    add(rows.heavy, problem.heavy[i] as number);
    for (let d = 0; d < problem.needs; d++) add(rows.needs + d, -(problem.gives[i * problem.needs + d] as number));
    problem.pins.forEach((pin, p) => {
      if (pin.includes(i)) add(rows.pins + p, 1);
    });
    problem.insisted.forEach(({ counts }, k) => {
      add(rows.insisted + k, counts[i] as number);
    });
    problem.wishes.forEach(({ counts }, k) => {
      add(rows.wishes + k, counts[i] as number);
    });
  }
}
