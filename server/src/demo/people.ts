import type { PastInjury, RepetitionTest, Restriction } from '@tropaeum/core/athlete/athlete';
import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import type { Anchor, Level } from '@tropaeum/core/exercise/model/vocabulary';
import type { KitItem, Room } from '@tropaeum/core/kit/kit';
import type { EntryKind } from '@tropaeum/core/season/calendar/calendar';

/** Made-up people of a made-up island club; dates are days from the day the demo is laid. */
export interface DemoPerson {
  name: string;
  squad: 'seniors' | 'youth' | 'canoe';
  role: string;
  age: number;
  sex: 'female' | 'male';
  heightCm: number;
  massKg: number;
  level: Level;
  dominantSide: 'left' | 'right';
  minutes: number;
  aim?: string;
  kit: KitItem[];
  anchors?: Anchor[];
  partner?: boolean;
  room?: Partial<Room>;
  restrictions?: (Omit<Restriction, 'until' | 'since'> & { untilDay?: number; daysAgo?: number })[];
  /** Injuries that have healed, and tests of each side. */
  history?: (Omit<PastInjury, 'on'> & { daysAgo: number })[];
  tests?: (Omit<RepetitionTest, 'on'> & { daysAgo: number })[];
  /** Results of tests done at home. */
  battery?: (Omit<TestResult, 'on'> & { daysAgo: number })[];
  /** How the history looks: steady, missing sessions, silent for days, sore. */
  story: 'steady' | 'patchy' | 'silent' | 'sore' | 'returning';
  /** Entries of the own calendar, from the day the demo is laid. */
  own?: { kind: EntryKind; name: string; day: number; days: number }[];
  /** Whether today's session is still to be written. */
  toWrite?: boolean;
}

const usualRoom: Room = {
  lengthM: 2.5,
  widthM: 2,
  ceilingM: 2.45,
  wall: true,
  stairs: false,
  slidingFloor: true,
  quiet: false,
};

/** The room of a person, the usual one where nothing else is said. */
export function roomOf(person: DemoPerson): Room {
  return { ...usualRoom, ...person.room };
}

export const people: DemoPerson[] = [
  {
    name: 'Ines Vold',
    squad: 'seniors',
    history: [{ region: 'ankle', side: 'left', what: 'sprain, landed on a foot', daysAgo: 240 }],
    tests: [
      { variant: 'single-leg-calf-raise', maxReps: 19, side: 'left', daysAgo: 9 },
      { variant: 'single-leg-calf-raise', maxReps: 25, side: 'right', daysAgo: 9 },
    ],
    battery: [
      { test: 'push-up', value: 17, daysAgo: 44 },
      { test: 'push-up', value: 19, daysAgo: 9 },
      { test: 'countermovement-jump', value: 27.4, daysAgo: 44 },
      { test: 'countermovement-jump', value: 31.6, daysAgo: 9 },
      { test: 'single-leg-bridge', value: 22, side: 'left', daysAgo: 9 },
      { test: 'single-leg-bridge', value: 25, side: 'right', daysAgo: 9 },
      { test: 'side-plank', value: 58, side: 'left', daysAgo: 9 },
      { test: 'side-plank', value: 71, side: 'right', daysAgo: 9 },
      { test: 'trunk-front-hold', value: 118, daysAgo: 9 },
      { test: 'trunk-back-hold', value: 96, daysAgo: 9 },
      { test: 'single-leg-balance', value: 14, side: 'left', daysAgo: 9 },
      { test: 'single-leg-balance', value: 23, side: 'right', daysAgo: 9 },
    ],
    role: 'back',
    age: 22,
    sex: 'female',
    heightCm: 178,
    massKg: 74,
    level: 'intermediate',
    dominantSide: 'right',
    minutes: 30,
    story: 'steady',
    toWrite: true,
    kit: [
      { kind: 'dumbbell', massKg: 7.5, count: 2 },
      { kind: 'band-loop', level: 'medium' },
      { kind: 'band-long', level: 'light' },
      { kind: 'sofa' },
      { kind: 'towel' },
      { kind: 'chair' },
    ],
    anchors: ['door-low', 'door-mid', 'feet'],
    room: { quiet: true },
  },
  {
    name: 'Ragna Tveit',
    own: [{ kind: 'free', name: 'Family', day: 15, days: 3 }],
    squad: 'seniors',
    history: [{ region: 'lower-back', what: 'stiff for two weeks', daysAgo: 900 }],
    role: 'pivot',
    age: 27,
    sex: 'female',
    heightCm: 182,
    massKg: 83,
    level: 'advanced',
    dominantSide: 'right',
    minutes: 40,
    story: 'steady',
    toWrite: true,
    kit: [
      { kind: 'kettlebell', massKg: 16 },
      { kind: 'band-long', level: 'heavy' },
      { kind: 'chair' },
      { kind: 'stairs' },
    ],
    anchors: ['door-high', 'door-mid', 'post'],
    room: { stairs: true },
  },
  {
    name: 'Oda Kvam',
    own: [{ kind: 'travel', name: 'Visit on the mainland', day: 6, days: 3 }],
    squad: 'seniors',
    role: 'wing',
    age: 20,
    sex: 'female',
    heightCm: 169,
    massKg: 62,
    level: 'intermediate',
    dominantSide: 'left',
    minutes: 25,
    story: 'patchy',
    toWrite: true,
    kit: [{ kind: 'sofa' }, { kind: 'towel' }],
    room: { lengthM: 2, widthM: 1.5, quiet: true },
  },
  {
    name: 'Liv Strand',
    squad: 'seniors',
    role: 'back',
    age: 24,
    sex: 'female',
    heightCm: 176,
    massKg: 71,
    level: 'intermediate',
    dominantSide: 'right',
    minutes: 30,
    aim: 'prevention',
    story: 'sore',
    kit: [
      { kind: 'can', count: 2 },
      { kind: 'bottle', volumeL: 1.5, fill: 'water', count: 2 },
      { kind: 'band-long', level: 'light' },
      { kind: 'chair' },
      { kind: 'towel' },
    ],
    anchors: ['door-mid'],
    restrictions: [
      {
        region: 'shoulder',
        side: 'right',
        severity: 'limit',
        cause: 'overuse',
        reason: 'sore after throwing',
        setBy: 'coach',
        daysAgo: 12,
        untilDay: 14,
      },
    ],
  },
  {
    name: 'Mira Holm',
    squad: 'seniors',
    history: [{ region: 'knee', side: 'left', what: 'ligament', daysAgo: 250 }],
    role: 'wing',
    age: 23,
    sex: 'female',
    heightCm: 172,
    massKg: 66,
    level: 'intermediate',
    dominantSide: 'right',
    minutes: 30,
    aim: 'return',
    story: 'returning',
    kit: [
      { kind: 'dumbbell', massKg: 5, count: 2 },
      { kind: 'band-loop', level: 'light' },
      { kind: 'step' },
      { kind: 'chair' },
    ],
    anchors: ['feet'],
    restrictions: [
      {
        region: 'knee',
        side: 'left',
        severity: 'limit',
        cause: 'post-operative-late',
        reason: 'ligament operation in spring, released for strengthening without landings',
        setBy: 'physiotherapist',
        daysAgo: 215,
        untilDay: 40,
      },
    ],
  },
  {
    name: 'Sunna Berg',
    squad: 'seniors',
    role: 'goalkeeper',
    age: 30,
    sex: 'female',
    heightCm: 180,
    massKg: 79,
    level: 'advanced',
    dominantSide: 'right',
    minutes: 30,
    story: 'silent',
    kit: [{ kind: 'holdall', massKg: 14 }, { kind: 'band-loop', level: 'heavy' }, { kind: 'sofa' }, { kind: 'towel' }],
    anchors: ['feet'],
  },
  {
    name: 'Tove Aas',
    squad: 'seniors',
    role: 'pivot',
    age: 26,
    sex: 'female',
    heightCm: 184,
    massKg: 86,
    level: 'advanced',
    dominantSide: 'right',
    minutes: 45,
    aim: 'strength',
    story: 'steady',
    kit: [
      { kind: 'barbell', massKg: 60 },
      { kind: 'dumbbell', massKg: 20, count: 2 },
      { kind: 'kettlebell', massKg: 24 },
      { kind: 'pull-up-bar' },
      { kind: 'bench' },
      { kind: 'band-long', level: 'medium' },
      { kind: 'band-loop', level: 'medium' },
    ],
    anchors: ['post', 'door-high', 'feet'],
    room: { lengthM: 4, widthM: 3, ceilingM: 2.7 },
  },
  {
    name: 'Nora Fjell',
    squad: 'youth',
    role: 'back',
    age: 15,
    sex: 'female',
    heightCm: 171,
    massKg: 60,
    level: 'beginner',
    dominantSide: 'right',
    minutes: 25,
    story: 'steady',
    toWrite: true,
    kit: [
      { kind: 'bottle', volumeL: 2, fill: 'water', count: 2 },
      { kind: 'cushion' },
      { kind: 'chair' },
      { kind: 'towel' },
    ],
    partner: true,
  },
  {
    name: 'Ylva Sund',
    squad: 'youth',
    role: 'wing',
    age: 14,
    sex: 'female',
    heightCm: 163,
    massKg: 51,
    level: 'new',
    dominantSide: 'right',
    minutes: 20,
    story: 'patchy',
    kit: [{ kind: 'sofa' }, { kind: 'towel' }, { kind: 'tights' }],
  },
  {
    name: 'Signe Moe',
    own: [{ kind: 'exam', name: 'School exams', day: 5, days: 5 }],
    squad: 'youth',
    role: 'goalkeeper',
    age: 16,
    sex: 'female',
    heightCm: 174,
    massKg: 66,
    level: 'beginner',
    dominantSide: 'left',
    minutes: 25,
    story: 'steady',
    kit: [{ kind: 'rucksack', massKg: 8 }, { kind: 'band-loop', level: 'light' }, { kind: 'chair' }],
    room: { quiet: true },
  },
  {
    name: 'Aksel Vik',
    squad: 'canoe',
    role: 'kayak',
    age: 19,
    sex: 'male',
    heightCm: 186,
    massKg: 82,
    level: 'advanced',
    dominantSide: 'right',
    minutes: 40,
    aim: 'strength',
    story: 'steady',
    kit: [
      { kind: 'pull-up-bar' },
      { kind: 'canister', volumeL: 10, fill: 'water', count: 2 },
      { kind: 'band-long', level: 'medium' },
      { kind: 'chair' },
    ],
    anchors: ['door-high', 'door-mid'],
  },
  {
    name: 'Tale Nes',
    squad: 'canoe',
    role: 'canoe',
    age: 18,
    sex: 'female',
    heightCm: 170,
    massKg: 64,
    level: 'intermediate',
    dominantSide: 'left',
    minutes: 30,
    story: 'steady',
    toWrite: true,
    kit: [
      { kind: 'paint-tin', volumeL: 10, fill: 'paint' },
      { kind: 'inner-tube' },
      { kind: 'stick' },
      { kind: 'sofa' },
      { kind: 'towel' },
    ],
    anchors: ['door-mid', 'feet'],
  },
];
