import { partWords } from '../common/text';
import { type Region, regions } from '../exercise/model/vocabulary';
import { type Cause, causes, causeWords } from '../limits/causes';
import { type MovementGroup, movementGroupIds, movementGroups } from '../limits/groups';
import type { Setter } from '../limits/restriction';

/** What coaches and athletes call the regions; a longer name is read before a shorter one inside it. */
export const regionNames: readonly (readonly [string, Region])[] = [
  ...regions.map((region) => [partWords({ region }), region] as const),
  ['low back', 'lower-back'],
  ['back', 'lower-back'],
  ['lumbar', 'lower-back'],
  ['thoracic', 'upper-back'],
  ['rib', 'upper-back'],
  ['adductor', 'groin'],
  ['achilles', 'calf'],
  ['shin', 'foot'],
  ['heel', 'foot'],
  ['toe', 'foot'],
  ['hand', 'wrist'],
  ['finger', 'wrist'],
  ['cuff', 'shoulder'],
  ['acl', 'knee'],
  ['patella', 'knee'],
  ['kneecap', 'knee'],
  ['meniscus', 'knee'],
  ['thigh', 'hamstring'],
  ['head', 'neck'],
];

export const sideNames = [
  ['left', 'left'],
  ['right', 'right'],
  ['both', 'both'],
] as const;

export const severityNames = [
  ['limited', 'limit'],
  ['limit', 'limit'],
  ['avoid', 'avoid'],
] as const;

export const setterNames: readonly (readonly [string, Setter])[] = [
  ['physiotherapist', 'physiotherapist'],
  ['physio', 'physiotherapist'],
  ['doctor', 'doctor'],
  ['surgeon', 'doctor'],
  ['coach', 'coach'],
  ['athlete', 'athlete'],
];

/** Words for sorts of movement, as they follow "no". */
export const groupNames: readonly (readonly [string, MovementGroup])[] = [
  ...movementGroupIds.map((id) => [movementGroups[id].words, id] as const),
  ['jumping', 'jumps'],
  ['jumps', 'jumps'],
  ['landing', 'jumps'],
  ['landings', 'jumps'],
  ['running', 'running'],
  ['speed', 'fast'],
  ['kneeling', 'kneeling'],
  ['lunging', 'lunges'],
  ['deep squatting', 'deep-squats'],
  ['single leg', 'one-leg'],
  ['one leg', 'one-leg'],
  ['overhead', 'overhead'],
  ['pull-ups', 'hanging'],
  ['stretching', 'stretches'],
  ['throwing', 'throws'],
  ['turning', 'twisting'],
  ['twisting', 'twisting'],
  ['gripping', 'grip'],
];

/** A cause in a line, whose commas part one thing from another. @example causeAsTyped('post-operative-late') // 'operation late' */
export const causeAsTyped = (cause: Cause): string => causeWords[cause].name.replace(',', '');

/** Names of causes beside the phrases that a reason is searched for. */
export const causeNames: readonly (readonly [string, Cause])[] = causes.flatMap((cause) => [
  [cause.replaceAll('-', ' '), cause] as const,
  [cause, cause] as const,
  [causeAsTyped(cause), cause] as const,
]);

const longestFirst = <T>(names: readonly (readonly [string, T])[]) =>
  [...names].sort((a, b) => b[0].length - a[0].length);

/** The first of these names that a text holds as a word, and the text without it. */
export function named<T>(
  names: readonly (readonly [string, T])[],
  text: string,
): { value: T; rest: string } | undefined {
  for (const [name, value] of longestFirst(names)) {
    const word = new RegExp(`(^|[^a-z])${name.replace('.', '\\.')}(?=$|[^a-z])`, 'i');
    if (word.test(text)) return { value, rest: text.replace(word, '$1').trim() };
  }
  return undefined;
}
