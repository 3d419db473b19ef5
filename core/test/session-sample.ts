import { seeded } from '../src/common/seeded-random';
import type { Kit } from '../src/kit/kit';
import type { Brief } from '../src/session/brief/brief';
import { aims } from '../src/session-type/aims-and-phases';
import { sports } from '../src/sport/sports';
import { plainBrief } from './briefs';

const room = { lengthM: 4, widthM: 3, ceilingM: 2.8, wall: true, stairs: false, slidingFloor: true, quiet: false };

/** Nothing; what a household has and two bands; light dumbbells; a rack with a bar. */
const kits: readonly Kit[] = [
  { items: [], anchors: [], partner: false, room: { ...room, slidingFloor: false } },
  {
    items: [
      { kind: 'towel' },
      { kind: 'chair' },
      { kind: 'band-long', level: 'medium' },
      { kind: 'band-loop', level: 'light' },
    ],
    anchors: ['door-low', 'door-mid', 'door-high', 'feet'],
    partner: false,
    room,
  },
  {
    items: [{ kind: 'dumbbell', massKg: 7.5, count: 2 }, { kind: 'mat' }, { kind: 'chair' }],
    anchors: ['feet'],
    partner: false,
    room,
  },
  {
    items: [
      { kind: 'rack' },
      { kind: 'barbell', massKg: 20 },
      { kind: 'plate', massKg: 20, count: 4 },
      { kind: 'plate', massKg: 10, count: 2 },
      { kind: 'plate', massKg: 5, count: 2 },
      { kind: 'dumbbell', massKg: 15, count: 2 },
      { kind: 'pull-up-bar' },
      { kind: 'bench' },
      { kind: 'medicine-ball', massKg: 3 },
      { kind: 'band-long', level: 'light' },
    ],
    anchors: ['door-low', 'door-mid', 'door-high', 'post', 'feet'],
    partner: false,
    room: { ...room, lengthM: 6, widthM: 4 },
  },
];

/** A brief drawn from all sports, roles, aims, kits and lengths; the same number draws the same. */
export function sampledBrief(seed: number): Brief {
  const random = seeded(seed * 7919);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const sport = pick(sports);
  return plainBrief({
    sport: { id: sport.id, role: pick(sport.roles).id },
    aim: pick(aims),
    minutes: pick([15, 30, 45]),
    kit: pick(kits),
    season: { phase: pick(['general-preparation', 'pre-season', 'in-season'] as const), week: 2 },
  });
}
