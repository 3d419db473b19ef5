import { expect, it } from 'vitest';
import { checkWords } from './check-words';

const said: readonly [string, string][] = [
  [checkWords.time(28.04, 30), '28.0 of 30 minutes'],
  [checkWords.balance([6, 5], ['pull', 'push']), '6 pull sets to 5 push sets'],
  [checkWords.sides([]), 'Left and right equal'],
  [checkWords.sides(['Side plank', 'Copenhagen']), 'Only one side trained: Side plank, Copenhagen'],
  [checkWords.planes(['frontal', 'transverse']), 'Nothing in the frontal and transverse plane'],
  [checkWords.coverage(['throwing', 'protecting the knee']), 'Little for: throwing, protecting the knee. Add one?'],
  [checkWords.warmUp('hip', 'Hip thrust', 0.61), 'No warm-up for the hip, and Hip thrust loads it to 61 % of max'],
  [checkWords.contacts(62, 50), '62 jump contacts, at most 50'],
  [checkWords.restrictions(1, 0), '1 restriction kept; the clinician decides'],
  [checkWords.restrictions(2, 1), '2 restrictions kept, 1 exercise changed for it; the clinician decides'],
  [checkWords.beforeFixture(['Nordic'], 1), 'Nordic: 1 day before the fixture'],
  [checkWords.nextFixture(0), 'Fixture today'],
  [checkWords.nextFixture(1), 'Fixture tomorrow: primer recommended'],
  [checkWords.nextFixture(4), '4 days to the next fixture'],
  [checkWords.week(40, [], 30), '40 hard sets in seven days'],
  [checkWords.week(40, [['knee', 34]], 30), 'In seven days 34 heavy sets on the knee, usually up to 30'],
  [checkWords.maximalStrength(1), '1 set of maximal strength'],
  [checkWords.sleep(5, 8), 'Slept 5 h, 8 or more recommended: keep it easy'],
  [
    checkWords.blockShare('trunk', 'whole body', 0.5, [0.1, 0.3]),
    '50 % of the main work is trunk; a whole body session has 10 to 30 %',
  ],
  [checkWords.missing('push', false), 'No push: nothing fits the equipment, room, restrictions and day'],
  [checkWords.equipment('Pull from above', 'long band'), 'Pull from above: a long band would allow this'],
];

it.each(said)('%s', (words, expected) => expect(words).toBe(expected));
