import type { Variant } from '../../exercise/model/variant';
import { mainBlocks } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';
import type { HouseRules } from '../brief/house-rules';
import type { Group } from '../draft/draft';

const kneeTravel: Record<HouseRules['kneeTravel'], string> = {
  free: 'Knee forward over the toes is fine, heel down, under control',
  'over-ankle': 'Shin upright: knee over the ankle, hips back',
};

const squatDepth: Record<HouseRules['squatDepth'], string> = {
  level: 'Down until the thighs are level',
  below: 'A little below level',
  deep: 'As deep as the back stays long',
};

const squatFeet: Record<HouseRules['squatFeet'], string> = {
  straight: 'Feet straight ahead',
  out: 'Toes a little out',
};

const formBreak: Record<HouseRules['formBreak'], string> = {
  end: 'When form breaks, end the set.',
  pause: 'When form breaks, pause ten seconds, then finish the set.',
};

const isSquat = ({ pattern, side, position }: Variant) =>
  pattern === 'knee-dominant' && side === 'both' && position === 'both-feet';

/** Cues that a house rule adds to an exercise of the main work. */
export function houseCues({ houseRules }: Brief, block: Group['block'], variant: Variant): string[] {
  if (!mainBlocks.has(block) || variant.pattern !== 'knee-dominant' || variant.adapted) return [];
  return [
    kneeTravel[houseRules.kneeTravel],
    ...(isSquat(variant) ? [squatDepth[houseRules.squatDepth], squatFeet[houseRules.squatFeet]] : []),
  ];
}

const stretching: Record<HouseRules['stretching'], string[]> = {
  dynamic: [],
  short: ['Before you start, stretches held for ten seconds are fine.'],
  long: ['Before you start, hold what feels tight for half a minute.'],
};

const other = { left: 'right', right: 'left' } as const;

/** What holds for a whole session by house rule, as the athlete is told. */
export function houseNotes({ houseRules, athlete }: Brief): string[] {
  const weaker = athlete.dominantSide && other[athlete.dominantSide];
  const first = weaker ? `the ${weaker}` : 'the weaker';
  const sides: Record<HouseRules['secondSide'], string[]> = {
    equal: [],
    'weaker-first': [`Start with ${first} side; the other does as many.`],
    extra: [`Both sides the same, then one more set on ${first} side where time allows.`],
  };
  return [...stretching[houseRules.stretching], formBreak[houseRules.formBreak], ...sides[houseRules.secondSide]];
}
