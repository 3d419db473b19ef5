import { variantById } from '../exercise/library/library';
import { minorLoad } from '../kit/feasible';
import { type Facts, stepOf } from './facts';

/** Up to here a load may rise at once; up to twice as much with two repetitions fewer; beyond, something else moves first. Common practice, no source. */
const atOnce = 0.1;
/** Repetitions at which more of them train endurance, and the exercise gets harder instead; common practice, no source. */
const manyReps = 15;

/** Which rule a step rests on beside the one that allowed it, and what it is. */
export interface Step {
  how: string;
  /** Why it is no other, where that needs saying. */
  why?: string;
  rule?: string;
}

const nameOf = (id: string | undefined): string | undefined => (id ? variantById(id)?.name : undefined);

/** The next harder exercise by name, unless it loads a part that hurts. */
function harderOf({ variant, sore }: Facts): { name?: string; hurts?: true } {
  const harder = variant?.harder ? variantById(variant.harder) : undefined;
  if (!harder) return {};
  return harder.regions.some(({ region }) => sore.includes(region)) ? { hurts: true } : { name: harder.name };
}

const repsWords = ({ given: { item }, planned }: Facts, reps: number): string =>
  `${item.dose.sets} × ${reps}${item.dose.perSide ? ' each side' : ''}${planned === reps ? '' : ` instead of ${planned}`}`;

/** Seconds at which a hold gets harder instead of longer; common practice, no source. */
const longHold = 60;

/** More time of what is held or kept going; past a minute the next harder one. */
function moreTime(facts: Facts): Step {
  const { given, planned } = facts;
  const { item } = given;
  const { name: harder } = harderOf(facts);
  if (planned >= longHold && harder && item.dose.holdSeconds !== undefined)
    return { how: `${harder}, ${item.dose.sets} × ${Math.round(planned / 2)} s`, rule: 'isometric-ladder' };
  const next = planned + (planned >= 40 ? 5 : Math.max(5, Math.round(planned * 0.1)));
  return { how: `${item.dose.sets} × ${next} s instead of ${planned} s` };
}

/** More repetitions, or the next harder exercise once there are many. */
function moreReps(facts: Facts, more = 2): Step {
  const { planned, top, given } = facts;
  const { name: harder, hurts } = harderOf(facts);
  const reached = Math.max(planned, top);
  if (reached >= manyReps && hurts && given.item.load.kg === undefined)
    return {
      how: `${repsWords(facts, reached + 4)}, or a pause of a second at each end`,
      why: 'The next harder exercise loads a part that hurts: more within this one.',
      rule: 'pain-in-next-variant',
    };
  if (reached >= manyReps && harder && given.item.load.kg === undefined)
    return { how: `${harder}, ${given.item.dose.sets} × ${Math.max(5, Math.round(planned / 2))}`, rule: 'ladder-up' };
  return { how: repsWords(facts, reached + Math.max(1, more)) };
}

function slowerOrHarder(facts: Facts): Step {
  const { name: harder } = harderOf(facts);
  return { how: `same load, three seconds on the way down${harder ? `; then ${harder}` : ''}` };
}

function heavier(facts: Facts): Step {
  const { given, planned, top, variant, rir, last } = facts;
  const { kg = 0, nextKg } = given.item.load;
  const child = given.athlete.age < minorLoad.until;
  const ceiling = Math.min(
    variant?.load?.maxKg ?? Number.POSITIVE_INFINITY,
    child ? minorLoad.maxKg : Number.POSITIVE_INFINITY,
  );
  if (nextKg === undefined) return { ...moreReps(facts), why: 'The kit has nothing heavier.' };
  if (nextKg > ceiling) {
    const step =
      top < manyReps && !(child && kg >= minorLoad.maxKg)
        ? { how: repsWords(facts, Math.min(manyReps, planned + 3)) }
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
      why: `${nextKg - kg} kg more are ${percent}.`,
    };
  if (step <= 2 * atOnce)
    return {
      how: `${nextKg} kg instead of ${kg}, ${repsWords(facts, Math.max(3, planned - 2))}`,
      why: `${percent}: two repetitions fewer at first.`,
    };
  const more =
    top >= manyReps
      ? slowerOrHarder(facts)
      : { how: `${repsWords(facts, top + 2)} at ${kg} kg, or three seconds down` };
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
  const means = load.with ?? '';
  if (dose.rangeCm && (last.raw.rangeCm ?? 0) >= dose.rangeCm[1])
    return {
      how: `5 cm further, or ${harderOf(facts).name ?? 'a pause at the end'} with fewer repetitions`,
      rule: 'range',
    };
  if (facts.byTime) return moreTime(facts);
  if (/band/.test(means) && load.peakN === undefined) {
    const reserve = last.minRir ?? facts.rir;
    if (planned >= 20 && reserve >= facts.rir + 1)
      return { how: `a thicker band, ${repsWords(facts, 10)}; write band and distance down`, rule: 'band-unknown' };
    return {
      how: `${repsWords(facts, Math.min(20, planned + 5))}, or a step further from the anchor; same band`,
      rule: 'band-unknown',
    };
  }
  if (impact || fast)
    return { how: `${dose.sets} × ${planned + 1}, or a little higher; every one as fast as the first` };
  if (small) return moreReps(facts);
  if (load.kg !== undefined) return heavier(facts);
  if (!/body/.test(means) && /dumbbell|kettlebell|bar|bottle|can|weight|rucksack|bag|plate|ball|vest/.test(means))
    return { ...moreReps(facts), why: 'The weight was not logged: ask for it.', rule: 'load-missing' };
  return moreReps(facts);
}

/** What takes the load off an item by one step. */
export function stepBack(facts: Facts): string {
  const { given, planned, variant } = facts;
  const { dose, load } = given.item;
  const easier = nameOf(variant?.easier);
  if (facts.byTime)
    return `${dose.sets} × ${Math.max(5, Math.round((planned * 0.65) / 5) * 5)} s instead of ${planned} s`;
  if (load.kg !== undefined) return `${Math.round(load.kg * 0.8 * 2) / 2} kg instead of ${load.kg}, one set fewer`;
  if (easier) return `${easier}, ${dose.sets} × ${planned}`;
  return `${Math.max(1, dose.sets - 1)} × ${Math.max(1, Math.round(planned * 0.75))}`;
}
