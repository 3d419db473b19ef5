/** A stretch of a round: how long, and what the athlete is told. */
export interface RoundPart {
  seconds: number;
  say: string;
}

const parts = (...list: [number, string][]): RoundPart[] => list.map(([seconds, say]) => ({ seconds, say }));

/**
 * What happens inside a round of a sport, over and over: its own work to rest and its changes of pace. Values from memory of match analyses (fencing: Roi 2008,
 * Aquili 2013); the others common practice.
 */
const insideBySport: Readonly<Record<string, readonly RoundPart[]>> = {
  'striking-combat': parts(
    [20, 'Move, hands up'],
    [10, 'Fast combination'],
    [20, 'Other foot in front'],
    [10, 'Fast combination'],
  ),
  'grappling-combat': parts([20, 'Hard'], [10, 'Easy, breathe'], [20, 'Other side'], [10, 'Easy, breathe']),
  'weapon-combat': parts([15, 'Steps in guard, change tempo'], [5, 'Attack']),
  'small-court-racket': parts([8, 'Rally: corner and back'], [14, 'Walk, breathe']),
  'large-court-racket': parts([8, 'Point: split step, wide, back'], [20, 'Walk, breathe']),
  handball: parts([20, 'Work: shuffle, jump, brace'], [40, 'Easy']),
  basketball: parts([15, 'Sprint feet, slide, jump'], [30, 'Easy']),
  volleyball: parts([8, 'Rally: shuffle, block, dig'], [16, 'Easy']),
  'field-hockey': parts([20, 'Low steps, reach'], [20, 'Easy']),
  football: parts([15, 'Fast feet, turn'], [15, 'Easy']),
  'water-polo': parts([15, 'Hard'], [25, 'Easy']),
  sailing: parts([70, 'Hike and pull'], [30, 'Sit in']),
  'wave-riding': parts([30, 'Paddle'], [10, 'Pop up and turn'], [50, 'Easy']),
  skating: parts([40, 'Shift: low and wide'], [80, 'Bench']),
  'alpine-skiing': parts([50, 'Turn to turn, low'], [70, 'Stand, breathe']),
  dance: parts([30, 'Dance it out'], [60, 'Easy']),
};

/** What happens inside a round of a sport; nothing where it has none. @example insideRound('weapon-combat')?.[1]?.say // 'Attack' */
export const insideRound = (sport: string): readonly RoundPart[] | undefined => insideBySport[sport];

/** The part of a round that so many seconds are in. @example partAt([{ seconds: 20, say: 'Hard' }, { seconds: 10, say: 'Easy' }], 25).say // 'Easy' */
export function partAt(inside: readonly RoundPart[], seconds: number): RoundPart {
  let left = seconds % inside.reduce((sum, part) => sum + part.seconds, 0);
  for (const part of inside) {
    if (left < part.seconds) return part;
    left -= part.seconds;
  }
  return inside[0] as RoundPart;
}
