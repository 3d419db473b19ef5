import type { Problem } from './problem';
import type { Relaxation } from './relaxation';
import type { Lot } from './session-programme';
import type { LinearModel, Solver } from './solver';

/** A choice made on the way down the tree. */
export type Decision =
  | { kind: 'block'; block: number; least: number; most: number }
  | { kind: 'pattern'; pattern: number; least: number; most: number }
  | { kind: 'family'; family: number; used: boolean }
  | { kind: 'offer'; offer: number; used: boolean }
  | { kind: 'lot'; lot: number; used: boolean };

/** The linear optimum under some decisions. */
export interface NodeOptimum {
  objective: number;
  /** Lots with how much of them is taken, more than nothing. */
  taken: { lot: number; share: number }[];
}

/** Lots taken into the programme in one round, and what counts as a gain. */
const [lotsPerRound, negligible] = [100, 1e-7];

/**
 * The linear programme of a tree of decisions: it is moved from node to node, solved from where it stood, and takes in lots only as they pay.
 */
export class NodeProgramme {
  private readonly model: LinearModel;
  /** Lots in the programme, in the order of their variables, and the bounds they have now. */
  private readonly inModel: number[];
  private readonly isIn: Uint8Array;
  private readonly lower: number[];
  private readonly upper: number[];
  private readonly rowsSet = new Map<number, string>();
  private banned = new Uint8Array(0);
  private bannedLots = new Set<number>();

  constructor(
    private readonly problem: Problem,
    private readonly relaxation: Relaxation,
    readonly lots: readonly Lot[],
    solver: Solver,
  ) {
    const { session } = relaxation;
    this.inModel = lots.flatMap(({ offers }, l) => (offers.length === 1 ? [l] : []));
    this.isIn = new Uint8Array(lots.length);
    for (const l of this.inModel) this.isIn[l] = 1;
    this.lower = this.inModel.map(() => 0);
    this.upper = this.inModel.map(() => 1);
    this.banned = new Uint8Array(problem.offers.length);
    this.model = solver.open({
      rows: session.programme.rows,
      columns: [
        ...session.programme.columns,
        session.overTime,
        ...this.inModel.map((l) => session.columnOf(lots[l] as Lot)),
      ],
    });
  }

  close(): void {
    this.model.close();
  }

  /** Moves the programme to where these decisions hold. */
  move(decisions: readonly Decision[]): void {
    const { problem } = this;
    const { rows, programme } = this.relaxation.session;
    const wanted = new Map<number, [number, number]>();
    const forced = new Set<number>();
    this.bannedLots = new Set();
    this.banned = new Uint8Array(problem.offers.length);
    for (const d of decisions) {
      if (d.kind === 'block') {
        const row = rows.most + d.block;
        const [least, most] = wanted.get(row) ?? [0, problem.most[d.block] as number];
        wanted.set(row, [Math.max(least, d.least), Math.min(most, d.most)]);
      } else if (d.kind === 'pattern') {
        const row = rows.patterns + d.pattern;
        const [least, most] = wanted.get(row) ?? [0, Infinity];
        wanted.set(row, [Math.max(least, d.least), Math.min(most, d.most)]);
      } else if (d.kind === 'family') {
        wanted.set(rows.family + d.family, d.used ? [1, problem.mostOfFamily[d.family] as number] : [0, 0]);
      } else if (d.kind === 'lot') {
        if (d.used) forced.add(d.lot);
        else this.bannedLots.add(d.lot);
      } else if (d.used) this.force(d.offer, wanted);
      else this.banned[d.offer] = 1;
    }
    for (const row of [...this.rowsSet.keys()])
      if (!wanted.has(row)) {
        const { lower, upper } = programme.rows[row] as { lower: number; upper: number };
        this.model.boundRow(row, lower, upper);
        this.rowsSet.delete(row);
      }
    for (const [row, [lower, upper]] of wanted) {
      const key = `${lower} ${upper}`;
      if (this.rowsSet.get(row) === key) continue;
      this.model.boundRow(row, lower, upper);
      this.rowsSet.set(row, key);
    }
    this.inModel.forEach((lot, v) => {
      this.bound(v, forced.has(lot) ? 1 : 0, this.isOff(lot) ? 0 : 1);
    });
  }

  /** An offer that must be used: its family is, and nothing else of it where only one may be. */
  private force(offer: number, wanted: Map<number, [number, number]>): void {
    const { family, mostOfFamily } = this.problem;
    const own = family[offer] as number;
    const most = mostOfFamily[own] as number;
    wanted.set(this.relaxation.session.rows.family + own, [1, most]);
    if (most === 1)
      family.forEach((f, i) => {
        if (f === own && i !== offer) this.banned[i] = 1;
      });
  }

  private isOff(lot: number): boolean {
    return this.bannedLots.has(lot) || (this.lots[lot] as Lot).offers.some((i) => this.banned[i] === 1);
  }

  private bound(v: number, lower: number, upper: number): void {
    if (this.lower[v] === lower && this.upper[v] === upper) return;
    this.lower[v] = lower;
    this.upper[v] = upper;
    this.model.bound(this.relaxation.session.before + 1 + v, lower, upper);
  }

  /** The optimum here; undefined when nothing keeps these decisions. */
  solve(): NodeOptimum | undefined {
    const { session } = this.relaxation;
    for (;;) {
      const linear = this.model.solve();
      if (!linear) return undefined;
      const paying = this.paying(linear.rowDuals);
      if (paying.length > 0) {
        this.take(paying);
        continue;
      }
      if (!session.keepsTime(linear.values)) return undefined;
      const taken = this.inModel.flatMap((lot, v) => {
        const share = linear.values[session.before + 1 + v] as number;
        return share > 1e-9 ? [{ lot, share }] : [];
      });
      return { objective: linear.objective, taken };
    }
  }

  /** Lots left out that would gain at these prices, best first. */
  private paying(rowDuals: ArrayLike<number>): number[] {
    const { session } = this.relaxation;
    const gains = session.gains(rowDuals);
    const second = Math.max(0, rowDuals[session.rows.time] as number);
    const found: { lot: number; gain: number }[] = [];
    this.lots.forEach(({ offers, savedSeconds }, lot) => {
      if (this.isIn[lot]) return;
      let gain = second * savedSeconds;
      for (const i of offers) gain += gains[i] as number;
      if (gain > negligible && !this.isOff(lot)) found.push({ lot, gain });
    });
    return found
      .sort((a, b) => b.gain - a.gain || a.lot - b.lot)
      .slice(0, lotsPerRound)
      .map(({ lot }) => lot);
  }

  private take(lots: readonly number[]): void {
    for (const lot of lots) {
      this.isIn[lot] = 1;
      this.inModel.push(lot);
      this.lower.push(0);
      this.upper.push(1);
    }
    this.model.add(lots.map((l) => this.relaxation.session.columnOf(this.lots[l] as Lot)));
  }
}
