import { variantById } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { minorLoad } from '../kit/feasible';
import type { NextDose } from './decision-case';
import { type Facts, stepOf } from './facts';

/** Which rule a step rests on beside the one that allowed it, and what it is. */
export interface Step {
  how: string;
  next: NextDose;
  /** Why it is no other, where that needs saying. */
  why?: string;
  rule?: string;
}

/** Sets as they are said. */
export const setWords = (sets: number): string => `${sets} ${sets === 1 ? 'set' : 'sets'}`;

/** The next harder exercise, unless it loads a part that hurts. */
function harderOf({ variant, sore }: Facts): { harder?: Pick<Variant, 'id' | 'name'>; hurts?: true } {
  const harder = variant?.harder ? variantById(variant.harder) : undefined;
  if (!harder) return {};
  return harder.regions.some(({ region }) => sore.includes(region)) ? { hurts: true } : { harder };
}

const repsWords = ({ given: { item }, planned }: Facts, reps: number): string =>
  `${item.dose.sets} × ${reps}${item.dose.perSide ? ' each side' : ''}${planned === reps ? '' : ` instead of ${planned}`}`;

/** So many repetitions with the load as it is. */
const repsStep = (facts: Facts, reps: number): Step => ({ how: repsWords(facts, reps), next: { amount: reps } });

/** Seconds at which a hold gets harder instead of longer; common practice, no source. */
const longHold = 60;

/** Rest is taken off down to here, seconds; common practice, no source. */
const shortestRest = 10;

/** The same work by the clock with less rest, where a club goes by density; nothing where speed or quality lives on the rest. */
function denser({ given: { item }, fast, impact, value }: Facts): Step | undefined {
  const { workSeconds, restSeconds = 0 } = item.dose;
  const less = restSeconds - value('restStep');
  if (workSeconds === undefined || less === restSeconds || less < shortestRest) return undefined;
  if (fast || impact || item.block === 'power') return undefined;
  return {
    how: `${less} s rest instead of ${restSeconds} s, the same work`,
    next: { restSeconds: less },
    rule: 'density',
  };
}

/** More time of what is held or kept going, or less rest between; past a minute the next harder one. */
function moreTime(facts: Facts): Step {
  const { given, planned } = facts;
  const { item } = given;
  const dense = denser(facts);
  if (dense) return dense;
  const { harder } = harderOf(facts);
  if (planned >= longHold && harder && item.dose.holdSeconds !== undefined) {
    const half = Math.round(planned / 2);
    return {
      how: `${harder.name}, ${item.dose.sets} × ${half} s`,
      next: { variant: harder.id, amount: half },
      rule: 'isometric-ladder',
    };
  }
  const longer = planned + (planned >= 40 ? 5 : Math.max(5, Math.round(planned * 0.1)));
  return { how: `${item.dose.sets} × ${longer} s instead of ${planned} s`, next: { amount: longer } };
}

/** More repetitions, or the next harder exercise once there are many. */
function moreReps(facts: Facts, more = 2): Step {
  const { planned, top, given } = facts;
  const { harder, hurts } = harderOf(facts);
  const manyReps = facts.value('manyReps');
  const reached = Math.max(planned, top);
  if (reached >= manyReps && hurts && given.item.load.kg === undefined)
    return {
      how: `${repsWords(facts, reached + 4)}, or a pause of a second at each end`,
      next: { amount: reached + 4 },
      why: 'The next harder exercise loads a part that hurts: more within this one.',
      rule: 'pain-in-next-variant',
    };
  if (reached >= manyReps && harder && given.item.load.kg === undefined) {
    const half = Math.max(5, Math.round(planned / 2));
    return {
      how: `${harder.name}, ${given.item.dose.sets} × ${half}`,
      next: { variant: harder.id, amount: half },
      rule: 'ladder-up',
    };
  }
  return repsStep(facts, reached + Math.max(1, more));
}

function slowerOrHarder(facts: Facts): Step {
  const { harder } = harderOf(facts);
  return { how: `same load, three seconds on the way down${harder ? `; then ${harder.name}` : ''}`, next: {} };
}

function heavier(facts: Facts): Step {
  const { given, planned, top, variant, rir, last } = facts;
  const { kg = 0, nextKg } = given.item.load;
  const manyReps = facts.value('manyReps');
  // Up to here a load may rise at once; up to twice as much with two repetitions fewer; beyond, something else moves first.
  const atOnce = facts.value('loadStep') / 100;
  const child = given.athlete.age < minorLoad.until;
  const ceiling = Math.min(
    variant?.load?.maxKg ?? Number.POSITIVE_INFINITY,
    child ? minorLoad.maxKg : Number.POSITIVE_INFINITY,
  );
  if (nextKg === undefined) return { ...moreReps(facts), why: 'The kit has nothing heavier.' };
  if (nextKg > ceiling) {
    const step =
      top < manyReps && !(child && kg >= minorLoad.maxKg)
        ? repsStep(facts, Math.min(manyReps, planned + 3))
        : slowerOrHarder(facts);
    const why = `${ceiling} kg is the ceiling ${child && ceiling === minorLoad.maxKg ? 'under 16' : 'of this exercise'}: not heavier.`;
    return { ...step, why, rule: child && ceiling === minorLoad.maxKg ? 'minor-ceiling' : 'arm-care-ceiling' };
  }
  if (facts.minor && last.over < 2)
    return { ...moreReps(facts), rule: 'minor-reps-first', why: 'Under 18 repetitions move before weight.' };
  const step = stepOf(facts) ?? nextKg / kg - 1;
  const percent = `about ${Math.max(1, Math.round(step * 100))} % of what is lifted, the body included`;
  if (step <= atOnce)
    return {
      how: `${nextKg} kg instead of ${kg}, ${repsWords(facts, planned)}`,
      next: { kg: nextKg, amount: planned },
      why: `${nextKg - kg} kg more are ${percent}.`,
    };
  if (step <= 2 * atOnce) {
    const fewer = Math.max(3, planned - 2);
    return {
      how: `${nextKg} kg instead of ${kg}, ${repsWords(facts, fewer)}`,
      next: { kg: nextKg, amount: fewer },
      why: `${percent}: two repetitions fewer at first.`,
    };
  }
  const more =
    top >= manyReps
      ? slowerOrHarder(facts)
      : { how: `${repsWords(facts, top + 2)} at ${kg} kg, or three seconds down`, next: { amount: top + 2 } };
  return {
    ...more,
    why: `The next weight, ${nextKg} kg, is ${percent}: too much at once with ${rir} in reserve.`,
    rule: 'load-step-too-big',
  };
}

/** What moves when an item progresses: one thing, by one step. `small` leaves the load alone. */
export function nextStep(facts: Facts, { small = false } = {}): Step {
  const { given, planned, fast, impact, last } = facts;
  const { dose, load } = given.item;
  // A set that was taken out comes back before anything else is added.
  const had = Math.max(0, ...facts.sessions.map(({ raw }) => raw.planned?.sets ?? 0));
  if (had > dose.sets) {
    const sets = dose.sets + 1;
    return {
      how: `${sets} × ${planned} instead of ${dose.sets} × ${planned}`,
      next: { sets },
      why: 'The set that was taken out comes back first.',
    };
  }
  const means = load.with ?? '';
  if (dose.rangeCm && (last.raw.rangeCm ?? 0) >= dose.rangeCm[1])
    return {
      how: `5 cm further, or ${harderOf(facts).harder?.name ?? 'a pause at the end'} with fewer repetitions`,
      next: {},
      rule: 'range',
    };
  if (facts.byTime) return moreTime(facts);
  if (/band/.test(means) && load.peakN === undefined) {
    const reserve = last.minRir ?? facts.rir;
    if (planned >= 20 && reserve >= facts.rir + 1)
      return {
        how: `a thicker band, ${repsWords(facts, 10)}; write band and distance down`,
        next: { amount: 10 },
        rule: 'band-unknown',
      };
    const more = Math.min(20, planned + 5);
    return {
      how: `${repsWords(facts, more)}, or a step further from the anchor; same band`,
      next: { amount: more },
      rule: 'band-unknown',
    };
  }
  if (impact || fast)
    return {
      how: `${dose.sets} × ${planned + 1}, or a little higher; every one as fast as the first`,
      next: { amount: planned + 1 },
    };
  if (small) return moreReps(facts);
  if (load.kg !== undefined) return heavier(facts);
  if (!/body/.test(means) && /dumbbell|kettlebell|bar|bottle|can|weight|rucksack|bag|plate|ball|vest/.test(means))
    return { ...moreReps(facts), why: 'The weight was not logged: ask for it.', rule: 'load-missing' };
  return moreReps(facts);
}

/** What takes the load off an item by one step. */
export function stepBack(facts: Facts): Step {
  const { given, planned, variant } = facts;
  const { dose, load } = given.item;
  const easier = variant?.easier ? variantById(variant.easier) : undefined;
  const fewer = Math.max(1, dose.sets - 1);
  if (facts.byTime) {
    const shorter = Math.max(5, Math.round((planned * 0.65) / 5) * 5);
    return { how: `${dose.sets} × ${shorter} s instead of ${planned} s`, next: { amount: shorter } };
  }
  if (load.kg !== undefined) {
    if (load.lighterKg === null) {
      const amount = Math.max(1, Math.round(planned * 0.8));
      return {
        how: `${fewer} × ${amount} at ${load.kg} kg: the kit has nothing lighter`,
        next: { sets: fewer, amount },
      };
    }
    const lighter = load.lighterKg ?? Math.round(load.kg * 0.8 * 2) / 2;
    return { how: `${lighter} kg instead of ${load.kg}, one set fewer`, next: { kg: lighter, sets: fewer } };
  }
  if (easier)
    return { how: `${easier.name}, ${dose.sets} × ${planned}`, next: { variant: easier.id, amount: planned } };
  const amount = Math.max(1, Math.round(planned * 0.75));
  return { how: `${fewer} × ${amount}`, next: { sets: fewer, amount } };
}
