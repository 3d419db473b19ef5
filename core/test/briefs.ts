import example from '../../docs/formats/examples/brief.json';
import { readBrief } from '../src/formats/brief';
import type { Brief } from '../src/session/brief/brief';
import { defaultHouseRules } from '../src/session/brief/house-rules';

/** The brief that the documents show, read. */
export function exampleBrief(): Brief {
  const reading = readBrief(example);
  if ('faults' in reading) throw new Error(JSON.stringify(reading.faults));
  return reading.brief;
}

/** A healthy athlete with little, to vary from. */
export function plainBrief(changes: Partial<Brief> = {}): Brief {
  return {
    date: '2026-12-09',
    minutes: 30,
    aim: 'hold',
    athlete: { heightCm: 175, massKg: 70, born: '2001-03-04', level: 'intermediate' },
    sport: { id: 'handball', role: 'back' },
    kit: {
      items: [{ kind: 'dumbbell', massKg: 7.5, count: 2 }, { kind: 'chair' }, { kind: 'towel' }],
      anchors: ['door-mid', 'feet'],
      partner: false,
      room: { lengthM: 2.5, widthM: 2, ceilingM: 2.5, wall: true, stairs: false, slidingFloor: true, quiet: false },
    },
    season: { phase: 'in-season' },
    houseRules: defaultHouseRules,
    lock: { include: [], exclude: [] },
    ...changes,
  };
}
