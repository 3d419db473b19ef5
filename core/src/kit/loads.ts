import { type BandCurve, typicalCurve } from '../body/band';
import type { Loading } from '../exercise/mechanics/loading';
import type { KitKind } from '../exercise/model/vocabulary';
import { fitBand } from './band-fit';
import { combined } from './combined';
import type { Kit, KitItem } from './kit';
import { describeItem, kindName } from './kit-words';
import type { LoadOption } from './load-option';
import { massOf, toTenGrams } from './mass';

/** A bag is filled in steps of this much, kg, from the least that is worth carrying. */
const [bagStepKg, minBagKg] = [2.5, 5];

/** A bag that may be filled up to a mass stands for all it can be filled to. */
function filledBags(item: KitItem): KitItem[] {
  const { upToKg, ...bag } = item;
  if (upToKg === undefined) return [item];
  const steps = Math.max(0, Math.floor((upToKg - minBagKg) / bagStepKg + 1e-9));
  const masses = Array.from({ length: steps + 1 }, (_, i) => Math.min(upToKg, minBagKg + i * bagStepKg));
  return [...new Set([...masses, upToKg])].map((massKg) => ({ ...bag, massKg }));
}

/** A bar by itself weighs no more than this, kg; what is beyond are plates, which come off in pairs. Common practice, no source. */
const barestKg = 20;
const plateStepKg = 10;

/** A bar told with all its plates stands for all it can be loaded to. */
function withFewerPlates(item: KitItem): KitItem[] {
  const all = massOf(item);
  if (item.kind !== 'barbell' || all <= barestKg) return [item];
  const steps = Math.floor((all - barestKg) / plateStepKg - 1e-9);
  const masses = Array.from({ length: steps + 1 }, (_, i) => barestKg + i * plateStepKg);
  return [...masses, all].map((massKg) => ({ ...item, massKg }));
}

/**
 * The loads that things of these kinds give, lightest first, each thing alone or together with others (`combined`). With two hands a pair of
 * equal things may be taken; a single thing is held in both.
 */
export function loadOptions(
  items: readonly KitItem[],
  kinds: readonly KitKind[],
  hands: 1 | 2,
  maxKg = Infinity,
): LoadOption[] {
  const usable = items.filter((item) => kinds.includes(item.kind));
  const alone = usable
    .flatMap(filledBags)
    .flatMap(withFewerPlates)
    .flatMap((item) => {
      const one = massOf(item);
      const single = { kg: one, with: describeItem(item) };
      const pair = { kg: toTenGrams(2 * one), with: `2 ${kindName(item.kind)}s ${one} kg` };
      return hands === 2 && (item.count ?? 1) >= 2 ? [single, pair] : [single];
    });
  return [...alone, ...combined(items, usable, hands)]
    .filter((o) => o.kg > 0 && o.kg <= maxKg)
    .sort((a, b) => a.kg - b.kg || a.with.localeCompare(b.with));
}

/** The curve of a band: as measured, or typical of its name; none for one of which nothing is known. */
export function bandCurve({ measured, level }: KitItem): BandCurve | undefined {
  if (measured) return fitBand(measured.readings, measured.restM);
  return level ? typicalCurve(level) : undefined;
}

/**
 * What a load on the sheet is to the body model: a mass, or the curve of a band that was measured. Undefined for bands of which only the name is
 * known: their force is too uncertain to dose by.
 *
 * @example loadingOf({ kg: 15, with: '2 dumbbells 7.5 kg' }, kit) // { loadKg: 15 }
 */
export function loadingOf(
  load: { kg?: number; with: string } | undefined,
  { items }: Pick<Kit, 'items'>,
): Loading | undefined {
  if (!load) return {};
  if (load.kg !== undefined) return { loadKg: load.kg };
  const band = items.find((item) => item.measured && describeItem(item) === load.with);
  const curve = band && bandCurve(band);
  return curve ? { band: curve } : undefined;
}
