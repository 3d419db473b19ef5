import { type BandLevel, bandLevels } from '../body/band';
import { ParseError } from '../dose/parse-error';
import { type KitKind, kitKinds } from '../exercise/model/vocabulary';
import { type Fill, fills, type KitItem } from './kit';
import { heaviestKg, heaviestOf } from './mass';

/** A word of a kit line that cannot be read: the word, and what was expected. */
export class KitLineError extends ParseError {}

/** What people type for the words of the vocabulary. */
const shortWords: Record<string, KitKind> = {
  db: 'dumbbell',
  dumbbells: 'dumbbell',
  kb: 'kettlebell',
  loop: 'band-loop',
  band: 'band-long',
  tube: 'inner-tube',
  bag: 'rucksack',
  backpack: 'rucksack',
  couch: 'sofa',
  bar: 'pull-up-bar',
  tin: 'paint-tin',
  paint: 'paint-tin',
  jug: 'canister',
  med: 'medicine-ball',
  vest: 'weight-vest',
  straps: 'suspension-strap',
  roller: 'foam-roller',
  rope: 'skipping-rope',
  pad: 'unstable-pad',
  wheel: 'ab-wheel',
  bottles: 'bottle',
  towels: 'towel',
};

const bags = new Set<KitKind>(['rucksack', 'holdall']);

const maxBagKg = 40;
const kgInPound = 0.45359237;
const inKg = (pounds: number) => Math.round(pounds * kgInPound * 100) / 100;
const maxLitres = 60;

function positive(text: string, word: string, most: number, unit: string): number {
  const value = Number(text.replace(',', '.'));
  if (!(value > 0 && value <= most)) throw new KitLineError(word, `more than 0 and at most ${most} ${unit}`);
  return value;
}

/**
 * Reads one thing as a coach types it: `2x7.5 kg dumbbell`, `loop medium`, `5 l canister water`, `sofa`.
 * Throws a KitLineError that marks the word.
 *
 * @example parseKitLine('2x7.5 kg db') // { kind: 'dumbbell', count: 2, massKg: 7.5 }
 */
export function parseKitLine(text: string): KitItem {
  const spaced = text
    .trim()
    .toLowerCase()
    .replace(/(\d)\s+(kgs?|lbs?|l|litres?|liters?)\b/g, '$1$2')
    .replace(/\b(max|up to)\s+(-?\d)/g, 'max$2')
    .replace(/(\d+)\s*x\s*/g, '$1x ')
    .replaceAll(/\s+/g, ' ');
  const item: Partial<KitItem> = {};
  let massWord = '';
  const once = (known: unknown, word: string, what: string) => {
    if (known !== undefined) throw new KitLineError(word, `only one ${what} a thing`);
  };
  for (const word of spaced.split(' ').filter(Boolean)) {
    const count = /^(\d+)x$/.exec(word);
    const mass = /^(-?[\d.,]+)(kgs?)?$/.exec(word);
    const pounds = /^(-?[\d.,]+)lbs?$/.exec(word);
    const most = /^max(-?[\d.,]+)(kgs?)?$/.exec(word);
    const litres = /^(-?[\d.,]+)(l|litres?|liters?)$/.exec(word);
    const kind =
      shortWords[word] ?? kitKinds.find((k) => k === word || `${k}s` === word || k.replaceAll('-', '') === word);
    if (mass || pounds) {
      once(item.massKg, word, 'mass');
      massWord = word;
    }
    if (litres) once(item.volumeL, word, 'volume');
    const isFill = item.kind !== undefined && (fills as readonly string[]).includes(word);
    if (kind && !isFill) once(item.kind, word, 'kind');
    if (count) item.count = positive(count[1] as string, word, 20, 'pieces');
    else if (litres) item.volumeL = positive(litres[1] as string, word, maxLitres, 'litres');
    else if (pounds) item.massKg = inKg(positive(pounds[1] as string, word, Math.floor(heaviestKg / kgInPound), 'lb'));
    else if (most) item.upToKg = positive(most[1] as string, word, maxBagKg, 'kg');
    else if (mass) item.massKg = positive(mass[1] as string, word, heaviestKg, 'kg');
    else if ((bandLevels as readonly string[]).includes(word)) item.level = word as BandLevel;
    else if (isFill) item.fill = word as Fill;
    else if (kind) item.kind = kind;
    else throw new KitLineError(word, `a thing such as dumbbell, bottle, band-loop, sofa or towel`);
  }
  if (!item.kind)
    throw new KitLineError(text.trim() || 'nothing', 'a thing such as dumbbell, bottle, band-loop, sofa or towel');
  if (item.upToKg !== undefined && !bags.has(item.kind))
    throw new KitLineError(item.kind, 'a bag such as rucksack or holdall: only bags are filled up to a mass');
  const most = heaviestOf(item.kind);
  if (item.massKg !== undefined && item.massKg > most)
    throw new KitLineError(massWord, `at most ${most} kg for a ${item.kind.replaceAll('-', ' ')}`);
  return item as KitItem;
}
