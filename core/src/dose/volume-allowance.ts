/** How much, how near failure: what a week of a phase allows one athlete. */
export interface VolumeAllowance {
  /** Sets of an item of main work that may be chosen from. */
  sets: readonly number[];
  /** Repetitions left in reserve at the least. */
  reserve: number;
  /** Why, in one sentence. */
  because: string;
}

/** What a step depends on. */
export interface TrainingStatus {
  phase: string;
  /** Week of the phase, from 1. */
  week: number;
  level: 'new' | 'beginner' | 'intermediate' | 'advanced';
  age: number;
  minutes: number;
}

/** Four weeks of building, the last one easier: one set more or one repetition nearer failure a week, never both. Common practice, no source. */
const building: readonly VolumeAllowance[] = [
  { sets: [2, 3], reserve: 3, because: 'First week of four: up to three sets, stop with three left; room to grow.' },
  { sets: [2, 3, 4], reserve: 3, because: 'Second week of four: up to four sets, still three left.' },
  { sets: [2, 3, 4], reserve: 2, because: 'Third week of four: the sets of last week, two left.' },
  { sets: [2, 3], reserve: 3, because: 'Fourth week of four: easier, so that what was trained can settle.' },
];

/**
 * Back after time off: the joint guidelines of CSCCa and NSCA 2019 cut the first week by 50 %, the second by 30 %, then by 20 % and 10 % (values
 * from memory); here as sets of a usual three, further from failure.
 */
const returning: readonly VolumeAllowance[] = [
  { sets: [1, 2], reserve: 4, because: 'First week back: half of the usual (CSCCa and NSCA 2019), four left.' },
  { sets: [2], reserve: 3, because: 'Second week back: 30 % less than usual (CSCCa and NSCA 2019).' },
  { sets: [2, 3], reserve: 3, because: 'Third week back: 20 % less than usual (CSCCa and NSCA 2019).' },
  { sets: [2, 3], reserve: 2, because: 'Fourth week back: nearly as usual (CSCCa and NSCA 2019).' },
];

const buildingPhases: ReadonlySet<string> = new Set(['off-season', 'general-preparation', 'specific-preparation']);

/** Sessions of this length have room for a fourth set; common practice, no source. */
const longMinutes = 45;

function ofPhase({ phase, week, minutes }: TrainingStatus): VolumeAllowance {
  const fourth = minutes >= longMinutes ? [2, 3, 4] : [2, 3];
  if (phase === 'taper')
    return { sets: [1, 2], reserve: 2, because: 'Taper: half of the sets, as hard as before (Bosquet 2007).' };
  if (phase === 'return') return returning[Math.min(week, returning.length) - 1] as VolumeAllowance;
  if (phase === 'transition' || phase === 'break')
    return { sets: [2, 3], reserve: 3, because: 'A break: enough to maintain strength (Spiering 2021).' };
  if (!buildingPhases.has(phase))
    return { sets: fourth, reserve: 2, because: 'In season: hard enough to hold, few sets (Spiering 2021).' };
  const step = building[(week - 1) % building.length] as VolumeAllowance;
  return { ...step, sets: step.sets.filter((sets) => sets <= Math.max(...fourth)) };
}

/** The young and the new stay further from failure: technique first; common practice, no source. */
const [youngUnder, youngReserve, newReserve] = [16, 3, 3];

/**
 * What this week allows. A week that is not known counts as one past the first.
 *
 * @example volumeAllowanceOf({ phase: 'return', week: 1, level: 'advanced', age: 24, minutes: 30 }).reserve // 4
 */
export function volumeAllowanceOf(standing: TrainingStatus): VolumeAllowance {
  const step = ofPhase(standing);
  if (standing.level === 'new')
    return {
      sets: [...new Set([1, ...step.sets.filter((s) => s <= 2)])],
      reserve: Math.max(step.reserve, newReserve),
      because: 'New to this: one or two sets, three left; earn the load.',
    };
  if (standing.age < youngUnder)
    return {
      sets: step.sets.filter((s) => s <= 3),
      reserve: Math.max(step.reserve, youngReserve),
      because: `${standing.age} years old: technique first, three left.`,
    };
  return step;
}
