import type { Side } from '../exercise/model/vocabulary';

export const testIds = [
  'push-up',
  'chair-stand',
  'single-leg-calf-raise',
  'single-leg-bridge',
  'side-plank',
  'trunk-front-hold',
  'trunk-back-hold',
  'single-leg-balance',
  'knee-to-wall',
  'countermovement-jump',
  'roll-out-reach',
] as const;
export type TestId = (typeof testIds)[number];

/** Units of results, short. */
export const unitWords = { repetitions: 'reps', seconds: 's', centimetres: 'cm' } as const;
export type TestUnit = keyof typeof unitWords;

/** A test an athlete can do at home: what to do, what is written down, and how far two tries differ though nothing has changed. */
export interface HomeTest {
  id: TestId;
  name: string;
  unit: TestUnit;
  /** Each side on its own, or once. */
  sides: Extract<Side, 'both' | 'single'>;
  /** What is asked of whoever does it, in order. */
  steps: readonly string[];
  /** When the test is over. */
  ends: string;
  caution?: string;
  range: readonly [least: number, most: number];
  /** Difference from one try to the next as a standard deviation, in the unit, and as a share of the value; the larger counts. */
  typicalError: readonly [absolute: number, share: number];
  /** The exercise it shows the capacity of, where it goes on to failure. */
  shows?: { variant: string; counts: 'repetitions' | 'seconds'; toFailure: boolean };
  /** Exercises that go this far anyway: what was reached is asked for at the end of a session that holds one. */
  reachedIn?: readonly string[];
  source: string;
}

/** The battery, in the order in which one test tires the next least. */
export const battery: readonly HomeTest[] = [
  {
    id: 'single-leg-balance',
    name: 'Single-leg balance',
    unit: 'seconds',
    sides: 'single',
    steps: [
      'Barefoot next to a wall, hands on the hips.',
      'Lift one foot to the calf, close the eyes, start the clock.',
    ],
    ends: 'The raised foot touches, the standing foot moves, a hand leaves the hip, the eyes open; or a minute is over.',
    caution: 'A wall within reach, nothing to fall on.',
    range: [0, 60],
    typicalError: [4, 0.25],
    source: 'Springer 2007 (values from memory); error common practice',
  },
  {
    id: 'knee-to-wall',
    name: 'Knee to the wall',
    unit: 'centimetres',
    sides: 'single',
    steps: [
      'Barefoot facing a wall, one foot in front, its toes pointing at the wall.',
      'Bend the knee straight over the toes until it touches the wall, the heel on the floor.',
      'Move the foot back until the knee only just touches. Measure from the big toe to the wall.',
    ],
    ends: 'The heel lifts or the knee falls inwards: the place before counts.',
    caution: 'Not into a pinch at the front of the ankle.',
    range: [0, 30],
    typicalError: [0.6, 0.04],
    reachedIn: ['half-kneeling-ankle-rock'],
    source: 'Bennell 1998 (values from memory)',
  },
  {
    id: 'countermovement-jump',
    name: 'Countermovement jump',
    unit: 'centimetres',
    sides: 'both',
    steps: [
      'Warm, three easy jumps first; hands on the hips all the time.',
      'Dip and jump at once; land on the toes with straight knees, then give.',
      'Three tries, a minute between; the best counts.',
    ],
    ends: 'Three good tries. Bending the knees in the air makes it too high: do it again.',
    caution: 'A floor that takes a landing; not with a sore knee, calf or Achilles tendon.',
    range: [3, 100],
    typicalError: [1.3, 0.04],
    source: 'height from time in the air, Bosco 1983; error about 4 %, Markovic 2004 (values from memory)',
  },
  {
    id: 'roll-out-reach',
    name: 'Roll-out reach',
    unit: 'centimetres',
    sides: 'both',
    steps: [
      'Kneel with the toes at a mark, towel or wheel under the hands.',
      'Slide out as far as the lower back stays as it is, and come back.',
      'Measure from the knees to the furthest place the hands came back from.',
    ],
    ends: 'The back hollows or the hips drop: the try before counts.',
    caution: 'Not with a sore shoulder or lower back.',
    range: [10, 250],
    typicalError: [4, 0.03],
    reachedIn: ['towel-roll-out', 'wheel-roll-out', 'wheel-roll-out-short'],
    source: 'common practice, no source',
  },
  {
    id: 'single-leg-calf-raise',
    name: 'Single-leg calf raise',
    unit: 'repetitions',
    sides: 'single',
    steps: [
      'On one foot, fingertips on a wall at shoulder height.',
      'Up as high as in the first try, down to the floor, one every two seconds.',
    ],
    ends: 'The heel no longer reaches its height, the knee bends, or the beat is lost.',
    range: [0, 80],
    typicalError: [1.5, 0.08],
    shows: { variant: 'single-leg-calf-raise', counts: 'repetitions', toFailure: true },
    source: 'Hébert-Losier 2009 (values from memory)',
  },
  {
    id: 'single-leg-bridge',
    name: 'Single-leg bridge',
    unit: 'repetitions',
    sides: 'single',
    steps: [
      'On the back, one foot on the floor a forearm from the seat, arms crossed.',
      'Up until thigh and trunk are one line, down until the seat touches.',
    ],
    ends: 'The line is not reached, or the pelvis drops to one side.',
    caution: 'Stop at a cramp or a pull in the back of the thigh.',
    range: [0, 80],
    typicalError: [1.8, 0.08],
    shows: { variant: 'single-leg-bridge', counts: 'repetitions', toFailure: true },
    source: 'after Freckleton 2014 (values from memory); error common practice',
  },
  {
    id: 'chair-stand',
    name: 'Chair stands in 30 s',
    unit: 'repetitions',
    sides: 'both',
    steps: [
      'A chair of knee height against a wall, arms crossed.',
      'Stand up tall and sit down as often as fits into 30 seconds.',
    ],
    ends: '30 seconds are over. More than half of the way up counts.',
    caution: 'The chair must not slide.',
    range: [0, 60],
    typicalError: [1.2, 0.05],
    shows: { variant: 'squat-to-chair', counts: 'repetitions', toFailure: false },
    source: 'Jones 1999 (values from memory)',
  },
  {
    id: 'push-up',
    name: 'Push-ups to form failure',
    unit: 'repetitions',
    sides: 'both',
    steps: [
      'Hands under the shoulders, body one line, a fist on the floor under the breastbone.',
      'Down to the fist, up to straight arms, without a break.',
    ],
    ends: 'The hips sag or rise, the fist is not touched, or there is a pause of two seconds.',
    range: [0, 150],
    typicalError: [1.5, 0.06],
    shows: { variant: 'push-up', counts: 'repetitions', toFailure: true },
    source: 'common practice, no source',
  },
  {
    id: 'side-plank',
    name: 'Side plank',
    unit: 'seconds',
    sides: 'single',
    steps: [
      'On the forearm, upper foot in front of the lower, free hand on the other shoulder.',
      'Hips up into one line; the clock runs.',
    ],
    ends: 'The line is lost and not found again at once.',
    range: [0, 400],
    typicalError: [4, 0.1],
    shows: { variant: 'side-plank', counts: 'seconds', toFailure: true },
    source: 'McGill 1999 (values from memory)',
  },
  {
    id: 'trunk-front-hold',
    name: 'Front of the trunk, held',
    unit: 'seconds',
    sides: 'both',
    steps: [
      'Sit, knees bent, feet under something heavy, back leant against a board at about 60 degrees.',
      'The board goes a hand back: stay where you are.',
    ],
    ends: 'The back touches the board.',
    caution: 'Not with a sore lower back.',
    range: [0, 600],
    typicalError: [8, 0.12],
    source: 'McGill 1999 (values from memory)',
  },
  {
    id: 'trunk-back-hold',
    name: 'Back of the trunk, held',
    unit: 'seconds',
    sides: 'both',
    steps: [
      'Lie with the hips at the edge of a bed, legs held by a partner or under something heavy.',
      'Arms crossed, trunk level with the legs; the clock runs.',
    ],
    ends: 'The trunk sinks below level.',
    caution: 'Not with a sore lower back; hands to the floor when it ends.',
    range: [0, 600],
    typicalError: [8, 0.12],
    source: 'Biering-Sørensen 1984, McGill 1999 (values from memory)',
  },
];

/** The sides a test is measured on: each on its own, or one result without a side. @example sidesOf({ sides: 'single' }) // ['left', 'right'] */
export const sidesOf = ({ sides }: Pick<HomeTest, 'sides'>): readonly ('left' | 'right' | undefined)[] =>
  sides === 'single' ? ['left', 'right'] : [undefined];

export function homeTest(id: string): HomeTest | undefined {
  return battery.find((test) => test.id === id);
}

/**
 * Tests in centimetres that are reached in a session of these exercises, in the order of the battery.
 *
 * @example reachesIn(['half-kneeling-ankle-rock']).map(({ id }) => id) // ['knee-to-wall']
 */
export const reachesIn = (variants: readonly string[]): HomeTest[] =>
  battery.filter(({ reachedIn }) => reachedIn?.some((id) => variants.includes(id)));
