import { seeded } from '../src/common/seeded-random';
import { levels } from '../src/exercise/model/vocabulary';
import type { Brief } from '../src/session/brief/brief';
import { aims, phases } from '../src/session-type/aims-and-phases';
import { plainBrief } from './briefs';

const kits: readonly Brief['kit']['items'][number][] = [
  { kind: 'dumbbell', massKg: 7.5, count: 2 },
  { kind: 'kettlebell', massKg: 16 },
  { kind: 'barbell', massKg: 60 },
  { kind: 'band-loop', level: 'medium' },
  { kind: 'band-long', level: 'light' },
  { kind: 'towel' },
  { kind: 'chair' },
  { kind: 'sofa' },
  { kind: 'step' },
  { kind: 'pull-up-bar' },
  { kind: 'exercise-ball' },
  { kind: 'bottle', volumeL: 5, fill: 'water' },
];
const bodies = [
  { heightCm: 168, massKg: 62, born: '2004-05-01', sex: 'female' },
  { heightCm: 184, massKg: 82, born: '1998-02-03', sex: 'male' },
  { heightCm: 160, massKg: 52, born: '2011-03-03', sex: 'female' },
] as const;
const sports = [
  { id: 'handball', role: 'pivot' },
  { id: 'handball', role: 'goalkeeper' },
  { id: 'sprint-canoe', role: 'kayak' },
] as const;
const limits = ['knee', 'shoulder', 'lower-back', 'ankle'] as const;

/** Valid briefs of all sorts, the same for the same seed. */
export function randomBrief(seed: number, changes: Partial<Brief> = {}): Brief {
  const random = seeded(seed);
  const one = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
  const some = <T>(list: readonly T[], share: number) => list.filter(() => random() < share);
  const plain = plainBrief();
  const limited = random() < 0.3 ? [{ region: one(limits), severity: one(['limit', 'avoid'] as const) }] : [];
  return {
    ...plain,
    minutes: 10 + Math.floor(random() * 46),
    aim: one(aims),
    athlete: { ...one(bodies), level: one(levels), restrictions: limited },
    sport: one(sports),
    kit: {
      items: some(kits, 0.4),
      anchors: some(['door-low', 'door-mid', 'door-high', 'feet'] as const, 0.5),
      partner: random() < 0.2,
      room: {
        lengthM: 2 + 2 * random(),
        widthM: 1.5 + 2 * random(),
        ceilingM: 2.3 + 0.5 * random(),
        wall: random() < 0.8,
        stairs: random() < 0.3,
        slidingFloor: random() < 0.6,
        quiet: random() < 0.3,
      },
    },
    season: { phase: one(phases), week: 1 + Math.floor(random() * 4) },
    houseRules: { ...plain.houseRules, format: one(['straight', 'pairs', 'pairs', 'rounds', 'circuits'] as const) },
    ...changes,
  };
}
