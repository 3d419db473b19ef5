import type { Variant } from '../../exercise/model/variant';
import type { KitKind } from '../../exercise/model/vocabulary';
import type { Feasibility } from '../../kit/feasible';
import { kindName } from '../../kit/kit-words';
import { sessionTypeNames } from '../../session-type/session-type';
import type { Context } from '../context/context';
import { frameShares, missesFrame } from '../scoring/frame-share';
import type { ScoredGroup } from '../scoring/scored-group';
import type { Place } from '../type/places';
import { checkWords } from '../wording/check-words';
import type { Check } from './check';

/** Serving it less than this, a makeshift stands in. */
const makeshift = 0.5;
/** Rows of this weight are worth buying something for. */
const worthKit = 3;

const served = (place: Place, columns: readonly ScoredGroup[]): number =>
  Math.max(0, ...columns.flatMap(({ group, variants }) => variants.map((v) => place.serves(v, group.block))));

/** Everything that could serve a place, with what stands against it: only that is looked at, since what is feasible of the whole library takes long. */
function couldServe({ catalogue, feasible }: Context, { group, row }: Place): Feasibility[] {
  const named = new Set(row?.parts.flat());
  return catalogue.all
    .filter(({ id, pattern }) => named.has(id) || group?.patterns.includes(pattern))
    .flatMap(({ id }) => feasible.get(id) ?? []);
}

const bestBlock = (place: Place, variant: Variant): number =>
  Math.max(...variant.blocks.map((block) => place.serves(variant, block)));

/** The best that could be done here for a place, 0 when nothing can. */
function feasibleFor(context: Context, place: Place): number {
  const possible = couldServe(context, place).filter((f) => f.possible);
  return Math.max(0, ...possible.map(({ variant }) => bestBlock(place, variant)));
}

/** The one thing that would serve a row best, where what is there serves it badly. */
function wouldHelp(context: Context, place: Place): KitKind | undefined {
  const owned = new Set(context.brief.kit.items.map(({ kind }) => kind));
  const [best] = couldServe(context, place)
    .flatMap(({ variant, restricted, possible }) => {
      const missing = variant.needs.kit.filter((any) => !any.some((kind) => owned.has(kind)));
      const score = bestBlock(place, variant);
      const kind = missing[0]?.[0];
      return !possible && !restricted && missing.length === 1 && kind && score > 0 ? [{ kind, score }] : [];
    })
    .sort((a, b) => b.score - a.score);
  return best?.kind;
}

/** What the type asks for and the session does not hold, each with why; and what one thing would serve the sport's work. */
export function frameChecks(context: Context, columns: readonly ScoredGroup[]): Check[] {
  if (columns.length === 0) return [];
  const name = sessionTypeNames[context.type.type].toLowerCase();
  const off = frameShares(context, columns).filter(missesFrame);
  const shares: Check[] = off.map(({ block, least, most, given }) => ({
    id: `frame.${block}`,
    status: 'warn',
    text: checkWords.blockShare(block, name, given, [least, most]),
  }));
  const missing: Check[] = context.places
    .filter((place) => place.group?.must && served(place, columns) === 0)
    .map((place) => ({
      id: `frame.${place.id}`,
      status: 'warn',
      text: checkWords.missing(place.name, feasibleFor(context, place) > 0),
    }));
  const hints: Check[] = context.places
    .filter(({ row }) => row && !row.kind && row.weight >= worthKit)
    .flatMap((place): Check[] => {
      if (feasibleFor(context, place) >= makeshift) return [];
      const kind = wouldHelp(context, place);
      return kind
        ? [{ id: `kit.${place.id}`, status: 'warn', text: checkWords.equipment(place.name, kindName(kind)) }]
        : [];
    });
  return [...shares, ...missing, ...hints.slice(0, 2)];
}
