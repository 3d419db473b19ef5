import type { Athlete } from '../athlete/athlete';
import type { PerformanceRecord, RecordedSet } from '../athlete/performance-record';
import { scaledBody } from '../body/segments';
import { seeded } from '../common/seeded-random';
import { dayAfter } from '../date/days';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import type { Variant } from '../exercise/model/variant';
import type { CarryOver } from './action-capacity';
import { Capacity } from './capacity';
import { askedOf } from './demand';

/**
 * Made-up athletes with a capacity that only they know, for testing how well it is found out. Their world is deliberately not the model's: heavy
 * tails, a curve of repetitions with two constants of its own, exercises that are learnt, bad days, lay-offs, and people who misjudge what they
 * have left.
 */

interface Exercise {
  id: string;
  loadsKg: readonly number[];
}
const bodyOnly = [0];
const weights = [4, 6, 8, 10, 12, 16, 20];
/** What they train with: several exercises for the same joints, so that something can carry over. */
const trained: readonly Exercise[] = [
  { id: 'push-up', loadsKg: bodyOnly },
  { id: 'push-up-feet-raised', loadsKg: bodyOnly },
  { id: 'overhead-press', loadsKg: weights },
  { id: 'bent-row', loadsKg: weights },
  { id: 'split-squat', loadsKg: [0, ...weights] },
  { id: 'single-leg-squat', loadsKg: bodyOnly },
  { id: 'single-leg-hinge', loadsKg: weights },
  { id: 'single-leg-bridge', loadsKg: bodyOnly },
  { id: 'single-leg-calf-raise', loadsKg: [0, ...weights] },
];
/** What they never train, and are asked about all the same. */
const neverTrained: readonly Exercise[] = [
  { id: 'push-up-hands-raised', loadsKg: bodyOnly },
  { id: 'floor-press', loadsKg: weights },
  { id: 'one-arm-chair-row', loadsKg: weights },
  { id: 'rear-foot-raised-split-squat', loadsKg: [0, ...weights] },
  { id: 'single-leg-hip-thrust', loadsKg: [0, ...weights] },
  { id: 'single-leg-bent-knee-calf-raise', loadsKg: [0, ...weights] },
];

export interface Outcome {
  /** Sessions logged before the prediction. */
  after: number;
  trained: boolean;
  predicted: { low: number; mid: number; high: number };
  came: number;
}

export interface World {
  /** Scales everything that is random from day to day and set to set. */
  noise: number;
  sessions: number;
}
export const usualWorld: World = { noise: 1, sessions: 14 };

class SimulatedAthlete {
  readonly athlete: Athlete;
  private readonly truth = new Map<string, number>();
  private readonly practice = new Map<string, number>();
  private readonly curve: { bend: number; power: number };
  private readonly tiredBy: number;
  private readonly gain: number;
  private readonly modest: number;
  readonly breaksOff: boolean;

  constructor(
    private readonly random: () => number,
    private readonly noise: number,
  ) {
    const sex = random() < 0.5 ? 'female' : 'male';
    const heightCm = (sex === 'male' ? 180 : 168) + 7 * this.normal();
    this.athlete = {
      heightCm,
      massKg: 22.8 * (heightCm / 100) ** 2 * Math.exp(0.1 * this.normal()),
      born: `${1990 + Math.floor(random() * 20)}-05-01`,
      sex,
      level: (['beginner', 'intermediate', 'advanced'] as const)[Math.floor(random() * 3)] as Athlete['level'],
    };
    const bend = 24 + 14 * random();
    this.curve = { bend, power: (bend / 30) * Math.exp(0.15 * this.normal()) };
    this.tiredBy = 0.005 + 0.025 * random();
    this.gain = 0.01 * random();
    this.modest = 0.35 * random();
    this.breaksOff = random() < 1 / 3;
  }

  private normal(): number {
    return Math.sqrt(-2 * Math.log(1 - this.random())) * Math.cos(2 * Math.PI * this.random());
  }

  /** Student's t with six degrees of freedom, scaled to a standard deviation of one. */
  private heavyTailed(): number {
    let squares = 0;
    for (let i = 0; i < 6; i++) squares += this.normal() ** 2;
    return (this.normal() / Math.sqrt(squares / 6)) * Math.sqrt(4 / 6);
  }

  private hidden(name: string, sd: number): number {
    const known = this.truth.get(name) ?? sd * this.heavyTailed();
    this.truth.set(name, known);
    return known;
  }

  formOfDay(): number {
    return this.noise * ((this.random() < 0.05 ? -0.1 : 0) + 0.045 * this.normal());
  }

  practise(variant: string): void {
    this.practice.set(variant, (this.practice.get(variant) ?? 0) + 1);
  }

  /** Repetitions to failure of one try. */
  tryOut(
    variant: Variant,
    loadKg: number,
    day: string,
    form: number,
    setsBefore: number,
    weeks: number,
    lost: number,
  ): number {
    const body = scaledBody(this.athlete);
    const shares = askedOf(variant, { loadKg }, this.athlete, body, day).map(({ action, moment, over }) => {
      const limb = /hip|knee|ankle/.test(moment) ? 'legs' : /trunk|neck/.test(moment) ? 'trunk' : 'arms';
      const own = this.hidden('all', 0.19) + this.hidden(limb, 0.13) + this.hidden(`${moment} ${action.action}`, 0.16);
      return Math.exp(over - own);
    });
    const learning = -0.07 * Math.exp(-(this.practice.get(variant.id) ?? 0) / 3);
    const able =
      this.hidden(`knack ${variant.id}`, 0.1) + learning + form + this.gain * weeks - lost - this.tiredBy * setsBefore;
    const share = Math.max(...shares) / Math.exp(able);
    const { bend, power } = this.curve;
    const all = share >= 1 ? 0 : bend * (share ** (-1 / power) - 1);
    return Math.max(0, Math.round(all + this.noise * (0.5 + 0.05 * all) * this.normal()));
  }

  says(left: number): number | undefined {
    if (this.random() < 0.15) return undefined;
    return Math.min(5, Math.max(0, Math.round(left * (1 - this.modest) + 0.7 * this.noise * this.normal())));
  }
}

function pick<T>(random: () => number, list: readonly T[]): T {
  return list[Math.floor(random() * list.length)] as T;
}

const shipped = catalogueOf();
const start = '2026-03-02';
const daysApart = 4;
const daysOff = 35;

/** One athlete through all sessions: everything that was predicted, and what came. */
export function followed(seed: number, carryOver: CarryOver, { noise, sessions }: World = usualWorld): Outcome[] {
  const random = seeded(seed);
  const person = new SimulatedAthlete(random, noise);
  const own = [...trained].sort(() => random() - 0.5).slice(0, 6);
  const tested = random() < 0.5;
  const showings: PerformanceRecord[] = [];
  const outcomes: Outcome[] = [];
  let [day, lost] = [start, 0];
  for (let session = 0; session <= sessions; session++) {
    const weeks = (session * daysApart) / 7;
    const form = person.formOfDay();
    const attempt = (variant: Variant, kg: number, before: number) =>
      person.tryOut(variant, kg, day, form, before, weeks, lost);
    const known = new Capacity(person.athlete, day, shipped, showings, [], scaledBody(person.athlete), carryOver);
    const ask = (
      exercise: Exercise,
      isTrained: boolean,
      before: number,
    ): { variant: Variant; kg: number } | undefined => {
      const variant = shipped.byId(exercise.id) as Variant;
      const kg = pick(random, exercise.loadsKg);
      const came = attempt(variant, kg, before);
      const predicted = known.toFailure(variant, { loadKg: kg });
      // Nobody tests with what cannot be lifted, nor beyond two minutes.
      if (!predicted || came < 3 || came > 45) return undefined;
      outcomes.push({ after: session, trained: isTrained, predicted, came });
      return { variant, kg };
    };
    ask(pick(random, neverTrained), false, 0);
    if (session === 0 && tested) {
      const pushUp = shipped.byId('push-up') as Variant;
      const reps = attempt(pushUp, 0, 0);
      showings.push({
        on: day,
        variant: 'push-up',
        side: 'both',
        counts: 'repetitions',
        from: 'test',
        sets: [{ amount: reps }],
      });
    }
    for (const exercise of [...own].sort(() => random() - 0.5).slice(0, 4)) {
      const asked = ask(exercise, true, 0);
      if (!asked) continue;
      const planned = Math.max(2, Math.round(attempt(asked.variant, asked.kg, 0) * (0.5 + 0.35 * random())));
      const sets: RecordedSet[] = [];
      for (let set = 0; set < 3; set++) {
        const able = attempt(asked.variant, asked.kg, set);
        if (able < planned) {
          if (able > 0) sets.push({ amount: able, cutShort: true });
          continue;
        }
        const said = person.says(able - planned);
        sets.push({ amount: planned, ...(said === undefined ? {} : { reserve: said }) });
      }
      showings.push({
        on: day,
        variant: asked.variant.id,
        side: 'both',
        loadKg: asked.kg,
        counts: 'repetitions',
        from: 'session',
        sets,
      });
      person.practise(asked.variant.id);
    }
    const off = person.breaksOff && session === 5;
    if (off) lost += 0.03 + 0.05 * random();
    day = dayAfter(day, off ? daysOff : daysApart);
  }
  return outcomes;
}
