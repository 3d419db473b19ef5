import { seeded } from '../src/common/seeded-random';
import { decideWithDoses } from '../src/progress/decide';
import type { CaseSession, CaseSet, DecisionCase, NextDose } from '../src/progress/decision-case';
import { pressed } from '../src/progress/proposal';

/**
 * Athletes who do not exist, with a capacity that nobody is told, who train one exercise three times a week. What is assumed: repetitions to failure
 * follow Epley 1985; a set within four of failure is a whole stimulus, one further off less; the most that can be gained is some 25 % in twelve
 * weeks for a beginner and less for others; days differ by some 4 %; who jumps in load over what was usual for four weeks, or trains at failure,
 * risks pain, which lasts until it is loaded less; the sport itself hurts too, and less who is stronger: a third of it with some 17 % gained, as
 * strength training does in Lauersen 2018 (from memory). One session in eight is missed, and now and then a week. Every figure is an assumption of this
 * simulation; none is taken from the rules that it tries.
 */
export interface Outcome {
  /** True capacity after over before, less one. */
  gain: number;
  /** Times that pain began. */
  onsets: number;
  /** Weeks with a session in pain above two: how problems of overuse are counted (Clarsen 2013, from memory). */
  soreWeeks: number;
}

/** What decides the next dose: the proposals as they come, a step every week whatever happens, or nothing. */
export type Policy = 'proposals' | 'fixed' | 'none';

interface Person {
  /** Load that can be lifted once, kg. */
  max: number;
  /** Share that can be gained in all. */
  room: number;
  /** How easily something hurts. */
  frail: number;
  level: DecisionCase['athlete']['level'];
  age: number;
}

interface Dose {
  kg: number;
  sets: number;
  reps: number;
}

const [weeks, perWeek, step] = [12, 3, 2] as const;
/** How fast what the sport does falls with what has been gained. */
const protects = 6;
const levels = ['beginner', 'intermediate', 'advanced'] as const;
/** A variant whose ladder has no other exercise here: load and repetitions are what moves. */
const exercise = 'goblet-squat';

/** Repetitions to failure with a load (Epley 1985). */
const toFailure = (max: number, kg: number): number => Math.max(0, 30 * (max / kg - 1));

function personOf(random: () => number): Person {
  const level = levels[Math.floor(random() * levels.length)] as Person['level'];
  return {
    max: 18 + random() * 30,
    room: { new: 0.25, beginner: 0.25, intermediate: 0.16, advanced: 0.1 }[level] * (0.7 + random() * 0.6),
    frail: 0.5 + random(),
    level,
    age: 15 + Math.floor(random() * 18),
  };
}

/** Sum of several even draws, about normal with a spread of one. */
const normal = (random: () => number): number => Array.from({ length: 12 }, random).reduce((a, b) => a + b, 0) - 6;

const gridded = (kg: number): number => Math.max(step, Math.round(kg / step) * step);

function caseOf(
  person: Person,
  dose: Dose,
  history: readonly CaseSession[],
  pain: number,
  morning: number | null,
): DecisionCase {
  return {
    athlete: { level: person.level, age: person.age },
    item: {
      variant: exercise,
      block: 'strength',
      dose: { sets: dose.sets, reps: dose.reps, perSide: false, rir: 2, restSeconds: 90 },
      load: {
        with: 'dumbbells',
        kg: dose.kg,
        nextKg: dose.kg + step,
        lighterKg: dose.kg > step ? dose.kg - step : null,
      },
    },
    history,
    session: { pain: pain > 0 ? [{ region: 'knee', score: pain, morningAfter: morning }] : [], note: '' },
    phase: 'general-preparation',
    daysToFixture: null,
  };
}

const applied = (dose: Dose, next: NextDose | undefined): Dose =>
  next ? { kg: next.kg ?? dose.kg, sets: next.sets ?? dose.sets, reps: next.amount ?? dose.reps } : dose;

/** Twelve weeks of one athlete under one policy; the same seed is the same athlete with the same days. */
export function train(seed: number, policy: Policy): Outcome {
  const random = seeded(seed);
  const person = personOf(random);
  const days = seeded(seed + 100_000);
  const first = person.max;
  let max = person.max;
  let dose: Dose = { kg: gridded(max * 0.66), sets: 3, reps: 8 };
  const begun = dose;
  let pain = 0;
  let [onsets, awayUntil] = [0, -1];
  const soreWeeks = new Set<number>();
  const loads: number[] = [];
  const done: { day: number; session: Omit<CaseSession, 'daysAgo'> }[] = [];
  for (let n = 0; n < weeks * perWeek; n++) {
    const day = Math.floor(n / perWeek) * 7 + 2 * (n % perWeek);
    // The same draws whether they are used or not: policies meet the same days.
    const [missed, away, form, luck] = [days() < 0.125, days() < 0.01, normal(days), days()];
    const noises = Array.from({ length: 8 }, () => normal(days));
    if (away) awayUntil = day + 7;
    if (missed || day < awayUntil) {
      pain = Math.max(0, pain - 2);
      continue;
    }
    const able = toFailure(max * (1 + 0.04 * form), dose.kg);
    const skips = pain > 5;
    const sets = Array.from({ length: skips ? 0 : dose.sets }, (_, i): CaseSet => {
      const left = Math.max(0, able - i * 0.8 - pain * 0.4);
      const reps = Math.round(Math.min(dose.reps, left));
      return {
        side: 'both',
        set: i + 1,
        done: reps,
        rir: Math.max(0, Math.round(left - reps + 0.8 * (noises[i] as number))),
      };
    });
    const load = sets.reduce((sum, set) => sum + (set.done ?? 0) * dose.kg, 0);
    const usual = loads.length < 4 ? load : loads.slice(-12).reduce((a, b) => a + b, 0) / Math.min(12, loads.length);
    loads.push(load);
    // What a set does: all within four of failure, less and less further away.
    const stimulus = sets.reduce((sum, set, i) => {
      const left = Math.max(0, able - i * 0.8 - (set.done ?? 0));
      return sum + Math.max(0.1, Math.min(1, 1 - (left - 4) / 8));
    }, 0);
    const gained = max / first - 1;
    max *=
      1 +
      (person.room / 36) *
        1.6 *
        Math.min(1.2, stimulus / 3) *
        Math.max(0, 1 - gained / (person.room * 1.3)) *
        (pain > 2 ? 0.4 : 1);
    // What hurts: a jump over the usual load, and grinding at failure.
    const jump = usual > 0 ? Math.max(0, load / usual - 1.1) : 0;
    const grind = sets.filter((set, i) => able - i * 0.8 - (set.done ?? 0) < 1).length / Math.max(1, sets.length);
    const sport = 0.03 * Math.exp(-protects * (max / first - 1));
    const hazard = person.frail * (0.01 + sport + 0.25 * jump + 0.05 * grind);
    if (pain <= 0.5 && luck < hazard) {
      pain = 3 + Math.floor((luck / hazard) * 3);
      onsets++;
    } else if (pain > 0) pain = Math.max(0, Math.min(8, pain + (load > 0.85 * usual ? 0.5 : -1.2)));
    const score = Math.round(pain);
    if (score > 2) soreWeeks.add(Math.floor(n / perWeek));
    done.push({
      day,
      session: {
        sets,
        painInRegion: score,
        tempoKept: true,
        planned: { sets: dose.sets, reps: dose.reps, kg: dose.kg },
      },
    });
    const morning = score === 0 ? null : Math.max(0, Math.round(score - 1.5 + 0.7 * (noises[7] as number)));
    dose = nextOf(policy, person, dose, begun, n, day, done, score, morning);
  }
  return { gain: max / first - 1, onsets, soreWeeks: soreWeeks.size };
}

function nextOf(
  policy: Policy,
  person: Person,
  dose: Dose,
  begun: Dose,
  n: number,
  day: number,
  done: readonly { day: number; session: Omit<CaseSession, 'daysAgo'> }[],
  pain: number,
  morning: number | null,
): Dose {
  if (policy === 'none') return begun;
  if (policy === 'fixed') return n % perWeek === perWeek - 1 ? { ...dose, kg: dose.kg + step } : dose;
  const history = done.slice(-4).map(({ day: on, session }): CaseSession => ({ ...session, daysAgo: day - on }));
  const given = caseOf(person, dose, history, pain, morning);
  const { decision, next } = decideWithDoses(given);
  const move = pressed[decision.move];
  // Stopped is stopped for now: a coach brings it back lighter once it is quiet.
  if (move === 'stop') return { ...dose, kg: Math.max(step, gridded(dose.kg * 0.7)), sets: Math.max(1, dose.sets - 1) };
  return applied(dose, next[move]);
}

/** Mean of something over many athletes with the bounds it lies within 19 times in 20. */
export function meanOf(values: readonly number[]): { mean: number; low: number; high: number } {
  const mean = values.reduce((a, b) => a + b, 0) / values.length;
  const variance = values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / Math.max(1, values.length - 1);
  const off = 1.96 * Math.sqrt(variance / values.length);
  return { mean, low: mean - off, high: mean + off };
}
