import type { KitKind } from '../exercise/model/vocabulary';
import type { KitItem } from './kit';
import { describeItem, kindName } from './kit-words';
import type { LoadOption } from './load-option';
import { emptyMass, massOf, toTenGrams } from './mass';

const bags: ReadonlySet<KitKind> = new Set(['rucksack', 'holdall']);
/** What goes into a bag without breaking it or shifting about. */
const packed: ReadonlySet<KitKind> = new Set([
  'dumbbell',
  'plate',
  'bottle',
  'can',
  'stone',
  'ankle-weight',
  'kettlebell',
]);
/** More than this a household bag does not hold, kg; common practice, no source. */
const maxInBagKg = 25;
/** Two unlike things may be taken in two hands when they differ by no more than this share; common practice, no source. */
const nearlyAlike = 0.1;

const several = (item: KitItem, count: number) =>
  count === 1 ? describeItem(item) : `${count} ${kindName(item.kind)}s ${massOf(item)} kg`;

/** A bar with plates, the same on both ends. */
function loadedBars(items: readonly KitItem[], usable: readonly KitItem[]): LoadOption[] {
  const bars = usable.filter((i) => i.kind === 'barbell' && massOf(i) > 0);
  const plates = items.filter((i) => i.kind === 'plate' && massOf(i) > 0 && (i.count ?? 1) >= 2);
  return bars.flatMap((bar) => {
    let loaded: { kg: number; words: string[] }[] = [{ kg: massOf(bar), words: [] }];
    for (const plate of plates) {
      const pairs = Math.floor((plate.count ?? 1) / 2);
      loaded = loaded.flatMap((so) =>
        Array.from({ length: pairs + 1 }, (_, n) => ({
          kg: so.kg + 2 * n * massOf(plate),
          words: n === 0 ? so.words : [...so.words, several(plate, 2 * n)],
        })),
      );
    }
    return loaded
      .filter((so) => so.words.length)
      .map(({ kg, words }) => ({ kg: toTenGrams(kg), with: `barbell ${massOf(bar)} kg with ${words.join(' and ')}` }));
  });
}

/** A bag with weights in it, on the back or held. */
function filledWithWeights(items: readonly KitItem[], usable: readonly KitItem[]): LoadOption[] {
  return usable
    .filter((i) => bags.has(i.kind))
    .flatMap((bag) => {
      const emptyKg = emptyMass[bag.kind]?.least ?? 0;
      const mostKg = bag.upToKg ?? maxInBagKg;
      return items
        .filter((i) => packed.has(i.kind) && massOf(i) > 0)
        .flatMap((thing) =>
          Array.from({ length: thing.count ?? 1 }, (_, n) => ({
            kg: toTenGrams(emptyKg + (n + 1) * massOf(thing)),
            with: `${kindName(bag.kind)} with ${several(thing, n + 1)}`,
          })).filter((option) => option.kg <= mostKg),
        );
    });
}

/** Two unlike things, one in each hand. */
function unlikePairs(usable: readonly KitItem[]): LoadOption[] {
  const held = usable.filter((i) => !bags.has(i.kind) && i.kind !== 'barbell' && massOf(i) > 0);
  return held.flatMap((one, i) =>
    held.slice(i + 1).flatMap((other): LoadOption[] => {
      const [a, b] = [massOf(one), massOf(other)];
      if (Math.abs(a - b) > nearlyAlike * Math.max(a, b)) return [];
      return [{ kg: toTenGrams(a + b), with: `${describeItem(one)} and ${describeItem(other)}` }];
    }),
  );
}

/**
 * Loads of several things together: a bar with plates, a bag with weights in it, two unlike things in two hands.
 *
 * @example combined([], [], 2) // []
 */
export function combined(items: readonly KitItem[], usable: readonly KitItem[], hands: 1 | 2): LoadOption[] {
  return [
    ...loadedBars(items, usable),
    ...filledWithWeights(items, usable),
    ...(hands === 2 ? unlikePairs(usable) : []),
  ];
}
