import { percent } from '../../common/text';

const several = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`;
const listed = (names: readonly string[]) => names.join(', ');

/** Every sentence that a check of a session can say, built from what it found; nothing here decides anything. */
export const checkWords = {
  /** @param minutes planned, of those that there are */
  time: (planned: number, minutes: number) => `${planned.toFixed(1)} of ${minutes} minutes`,
  balance: (sets: readonly [number, number], words: readonly [string, string]) =>
    `${sets[0]} ${words[0]} sets to ${sets[1]} ${words[1]} sets`,
  sides: (uneven: readonly string[]) =>
    uneven.length ? `Only one side trained: ${listed(uneven)}` : 'Left and right equal',
  planes: (missing: readonly string[]) =>
    missing.length ? `Nothing in the ${missing.join(' and ')} plane` : 'All three planes',
  coverage: (demands: readonly string[]) => `Little for: ${listed(demands)}. Add one?`,
  warmUp: (joint: string, exercise: string, share: number) =>
    `No warm-up for the ${joint}, and ${exercise} loads it to ${percent(share)} of max`,
  contacts: (contacts: number, max: number) => `${contacts} jump contacts, at most ${max}`,
  regions: (doubled: readonly string[]) =>
    doubled.length ? `Many heavy sets on: ${listed(doubled)}` : 'No region overloaded',
  restrictions: (restrictions: number, changed: number) =>
    `${several(restrictions, 'restriction')} kept${changed ? `, ${several(changed, 'exercise')} changed for it` : ''}; the clinician decides`,
  againstRestriction: (what: readonly string[]) => `Against a restriction: ${what.join(' ')}`,
  decisions: (decided: number, missing: readonly string[]) =>
    missing.length
      ? `Decided after the last session, but not in this one: ${listed(missing)}`
      : `Follows ${decided === 1 ? 'the decision' : `all ${decided} decisions`} after the last session`,
  stopped: (names: readonly string[]) => `Stopped after the last session: ${listed(names)}`,
  tooHeavy: (share: number, max: number) =>
    `${percent(share)} of max, and at most ${percent(max)} with this restriction`,
  onlySide: (side: string) => `only on the ${side} side`,
  heldNotMoved: () => 'held, not moved',
  holdsUpTo: (seconds: number) => `holds up to ${seconds} s`,
  slowNotFast: () => 'slow, not fast',
  beforeFixture: (exercises: readonly string[], days: number) =>
    `${listed(exercises)}: ${several(days, 'day')} before the fixture`,
  nextFixture: (days: number) =>
    days === 0
      ? 'Fixture today'
      : days === 1
        ? 'Fixture tomorrow: primer recommended'
        : `${days} days to the next fixture`,
  week: (sets: number, over: readonly (readonly [region: string, sets: number])[], max: number) =>
    over.length
      ? `In seven days ${listed(over.map(([region, count]) => `${count} heavy sets on the ${region}`))}, usually up to ${max}`
      : `${sets} hard sets in seven days`,
  jumpsYesterday: (contacts: number) => `${contacts} jump contacts, and jumps yesterday: leave 48 hours between`,
  maximalStrength: (sets: number) =>
    sets
      ? `${several(sets, 'set')} of maximal strength`
      : 'Nothing here is heavy enough for maximal strength: this trains speed and muscle instead',
  minor: (age: number) => `${age} years old: an adult nearby while training`,
  sleep: (hours: number, recommended: number) => `Slept ${hours} h, ${recommended} or more recommended: keep it easy`,
  blockShare: (block: string, type: string, given: number, [min, max]: readonly [number, number]) =>
    `${percent(given)} of the main work is ${block}; a ${type} session has ${Math.round(min * 100)} to ${percent(max)}`,
  missing: (place: string, isFeasible: boolean) =>
    isFeasible
      ? `No ${place}: left out for time`
      : `No ${place}: nothing fits the equipment, room, restrictions and day`,
  equipment: (place: string, kind: string) => `${place}: a ${kind} would allow this`,
} as const;
