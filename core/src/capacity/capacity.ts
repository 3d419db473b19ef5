import type { Athlete } from '../athlete/athlete';
import type { PerformanceRecord, RecordedSide } from '../athlete/performance-record';
import { type ScaledBody, scaledBody } from '../body/segments';
import { daysBetween } from '../date/days';
import type { Catalogue } from '../exercise/catalogue/catalogue';
import { type Loading, loadingKey } from '../exercise/mechanics/loading';
import { momentOf } from '../exercise/mechanics/moments';
import type { Variant } from '../exercise/model/variant';
import type { JointAction } from '../exercise/model/vocabulary';
import { type ActionCapacity, type CarryOver, type Effort, smoothMaximum } from './action-capacity';
import { type Asked, askedOf } from './demand';
import { detrainingSince } from './detraining';
import {
  actionKey,
  alone,
  bodyPart,
  dailyReadiness,
  endurance,
  exerciseSkill,
  ofAction,
  overall,
  rightOverLeft,
} from './factors';
import { bestJumps, inOrder, type RecordedJump } from './in-order';
import { between, type Interval } from './interval';
import { jumpAsked, jumpSd } from './jump';
import { type Estimate, KalmanState, type LinearCombination } from './kalman-state';
import { estimatedMoment } from './strength';
import { readingOf, repetitionsToFailure, secondsToFailure, type ToFailure } from './to-failure';

/** A showing is never taken as further from what was expected than so many standard deviations. */
const furthest = 3;
/** Nobody has less than half or more than twice the usual repetitions, and nothing beyond this is worth predicting. */
const [minMore, maxMore, maxPredicted] = [-0.5, 1, 600];

/**
 * What one athlete can do, learnt from everything shown up to a day. Each set says, through the body model, how large a share of the most the limiting
 * joint action was asked for; what is learnt there holds for whatever else loads it. Narrower with every showing, wider with every day since.
 */
export class Capacity {
  private readonly belief = new KalmanState();
  private today = '';
  private lastTrained = '';
  private readonly efforts = new Map<string, Effort | undefined>();
  private readonly showingsOf = new Map<string, { times: number; last: string }>();

  constructor(
    private readonly athlete: Athlete,
    day: string,
    private readonly catalogue: Pick<Catalogue, 'byId'>,
    showings: readonly PerformanceRecord[],
    jumps: readonly RecordedJump[] = [],
    private readonly body: ScaledBody = scaledBody(athlete),
    private readonly carryOver: CarryOver = 'shared',
  ) {
    const learnt = [
      ...inOrder(showings, day).map((showing) => ({ on: showing.on, learn: () => this.learnSets(showing) })),
      ...bestJumps(jumps, day).map((jump) => ({ on: jump.on, learn: () => this.learnJump(jump) })),
    ].sort((a, b) => a.on.localeCompare(b.on));
    for (const { on, learn } of learnt) {
      this.turnTo(on);
      learn();
    }
    this.turnTo(day);
  }

  private turnTo(day: string): void {
    if (this.today === day) return;
    if (this.today) {
      this.belief.pass(daysBetween(this.today, day));
      this.belief.renew(dailyReadiness);
    }
    if (this.lastTrained) {
      const fallen = detrainingSince(this.lastTrained, day) - detrainingSince(this.lastTrained, this.today);
      // How fast it goes differs by about half.
      if (fallen > 0) this.belief.shift(overall, -fallen, fallen / 2);
    }
    this.today = day;
  }

  private asked(variant: Variant, loading: Loading): Asked[] {
    return askedOf(variant, loading, this.athlete, this.body, this.today);
  }

  /** What is believed of one joint action against its guess. */
  private actionMix(action: JointAction): LinearCombination {
    if (this.carryOver === 'each-alone') return [];
    return [
      [overall, 1],
      [bodyPart(momentOf(action)), 1],
      [ofAction(action), 1],
    ];
  }

  /**
   * How far under the most one works: a number known now, and the parts it hangs on. The hardest joint action decides, those near it a little:
   * a smooth maximum, laid straight where the belief stands.
   */
  private under(
    variant: Variant,
    asked: readonly Asked[],
    side: RecordedSide,
  ): { known: number; mix: LinearCombination } {
    const believed = asked.map((a) => this.belief.estimate(this.actionMix(a.action)).mean);
    const { top, weights } = smoothMaximum(asked.map((a, i) => a.over - (believed[i] as number)));
    const sided = variant.side === 'single' && side !== 'both' ? (side === 'right' ? 0.5 : -0.5) : 0;
    const parts = new Map<string, [LinearCombination[number][0], number]>();
    const add = ([part, coefficient]: LinearCombination[number], times: number) => {
      const known = parts.get(part.name)?.[1] ?? 0;
      parts.set(part.name, [part, known + coefficient * times]);
    };
    let known = -top;
    asked.forEach((a, i) => {
      const weight = weights[i] as number;
      known -= weight * (believed[i] as number);
      for (const entry of this.actionMix(a.action)) add(entry, weight);
      if (sided && this.carryOver === 'shared') add([rightOverLeft(a.moment), sided], weight);
    });
    add([this.carryOver === 'shared' ? exerciseSkill(variant.id) : alone(variant.id), 1], 1);
    return { known, mix: [...parts.values()] };
  }

  private relation(variant: Variant, counts: PerformanceRecord['counts'], asked: readonly Asked[]): ToFailure {
    if (counts === 'repetitions') return repetitionsToFailure;
    const moment = this.hardest(asked)?.moment ?? momentOf(variant.jointActions[0] as JointAction);
    return secondsToFailure(moment, this.athlete.sex);
  }

  private hardest(asked: readonly Asked[]): Asked | undefined {
    const level = (a: Asked) => a.over - this.belief.estimate(this.actionMix(a.action)).mean;
    return asked.length ? asked.reduce((a, b) => (level(b) > level(a) ? b : a)) : undefined;
  }

  private learnSets({ variant: id, side, sets, from, counts, on, ...loading }: PerformanceRecord): void {
    if (from === 'session') this.lastTrained = on;
    const variant = this.catalogue.byId(id);
    const asked = variant ? this.asked(variant, loading) : [];
    // Fast work ends when speed goes, not when strength does.
    if (!variant || asked.length === 0 || (variant.speed === 'fast' && from === 'session')) return;
    const relation = this.relation(variant, counts, asked);
    const reading = readingOf(sets, from === 'test', relation);
    const { known, mix } = this.under(variant, asked, side);
    const whole: LinearCombination = [...mix, [dailyReadiness, 1], [endurance, -reading.under]];
    const value = reading.under - known;
    const variance = this.doubted(whole, value, reading.variance);
    if (reading.exact) this.belief.observe(whole, value, variance);
    else this.belief.observeAtLeast(whole, value, variance);
    const before = this.showingsOf.get(id);
    this.showingsOf.set(id, { times: (before?.times ?? 0) + 1, last: on });
  }

  /** What contradicts all that is known, such as a figure typed wrong, is believed less: it counts as this far off and no further. */
  private doubted(mix: LinearCombination, value: number, variance: number): number {
    const expected = this.belief.estimate(mix);
    const needed = ((value - expected.mean) / furthest) ** 2 - expected.variance;
    return Math.max(variance, needed);
  }

  private learnJump({ heightCm }: RecordedJump): void {
    const { variant, loading, speedShare } = jumpAsked(this.body, heightCm, this.catalogue);
    const asked = this.asked(variant, {}).map((a) => ({ ...a, over: a.over + Math.log(loading) }));
    const { known, mix } = this.under(variant, asked, 'both');
    const [whole, value]: [LinearCombination, number] = [[...mix, [dailyReadiness, 1]], -Math.log(speedShare) - known];
    this.belief.observe(whole, value, this.doubted(whole, value, jumpSd ** 2));
  }

  /**
   * How hard a variant is with a load or band: its limiting joint action by moment against the most that is believed of it. Undefined where the
   * body model sees no load on it.
   */
  effort(variant: Variant, loading: Loading = {}, side: RecordedSide = 'both'): Effort | undefined {
    const key = `${variant.id}|${loadingKey(loading)}|${side}`;
    if (this.efforts.has(key)) return this.efforts.get(key);
    const found = this.workOutEffort(variant, loading, side);
    this.efforts.set(key, found);
    return found;
  }

  private workOutEffort(variant: Variant, loading: Loading, side: RecordedSide): Effort | undefined {
    const asked = this.asked(variant, loading);
    const hardest = this.hardest(asked);
    if (!hardest) return undefined;
    const { mean, variance } = this.underFully(variant, asked, side);
    const { action, moment, momentNm } = hardest;
    return { action, moment, momentNm, share: Math.exp(-mean), between: between(-mean, variance, Math.exp) };
  }

  private underFully(
    variant: Variant,
    asked: readonly Asked[],
    side: RecordedSide,
  ): Estimate & { mix: LinearCombination } {
    const { known, mix } = this.under(variant, asked, side);
    const { mean, variance } = this.belief.estimate(mix);
    return { mean: known + mean, variance, mix };
  }

  /**
   * Repetitions, or seconds of a hold, to failure on one try today, with the bounds it will lie within four times in five. Undefined where the body
   * model sees no load.
   *
   * @example new Capacity(athlete, '2026-12-09', catalogue, []).toFailure(pushUp).mid // 17 or so, 8 to 31
   */
  toFailure(
    variant: Variant,
    loading: Loading = {},
    counts: PerformanceRecord['counts'] = 'repetitions',
    side: RecordedSide = 'both',
  ): Interval | undefined {
    const asked = this.asked(variant, loading);
    if (asked.length === 0) return undefined;
    const relation = this.relation(variant, counts, asked);
    const whole = this.underFully(variant, asked, side);
    const { mean, variance: moreVariance } = this.belief.estimate([[endurance, 1]]);
    const more = Math.min(maxMore, Math.max(minMore, mean));
    const under = whole.mean / (1 + more);
    const together = this.belief.together(whole.mix, [[endurance, 1]]);
    const spread =
      (whole.variance + dailyReadiness.sd ** 2 + under ** 2 * moreVariance - 2 * under * together) / (1 + more) ** 2;
    const scatter = relation.scatter(relation.amount(under)) ** 2;
    return between(under, Math.max(0, spread) + scatter, (u) => Math.min(maxPredicted, relation.amount(u)));
  }

  /** What share of its most each joint action of a variant is asked for; none where the body model sees no load. */
  shares(variant: Variant, loading: Loading = {}): { action: JointAction; share: number }[] {
    return this.asked(variant, loading).map(({ action, over }) => ({
      action,
      share: Math.exp(over - this.belief.estimate(this.actionMix(action)).mean),
    }));
  }

  /** The most in one joint action today, N m of one limb, beside the guess. */
  of(action: JointAction): ActionCapacity {
    const guessNm = estimatedMoment(this.athlete, action, this.today);
    const { mean, variance } = this.belief.estimate(this.actionMix(action));
    const mostNm = between(mean, variance, (log) => guessNm * Math.exp(log));
    return { key: actionKey(action), action, moment: momentOf(action), guessNm, mostNm };
  }

  /** How many repetitions more than usual somebody has at one share of the most, as a factor. */
  get staying(): Interval {
    const { mean, variance } = this.belief.estimate([[endurance, 1]]);
    return between(mean, variance, (e) => 1 + e);
  }

  /** Exercises that something was learnt from: how often, and when last. */
  get shown(): ReadonlyMap<string, { times: number; last: string }> {
    return this.showingsOf;
  }
}
