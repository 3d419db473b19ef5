import { standingsOn } from '../../athlete/athlete';
import { daysBetween } from '../../date/days';
import type { Catalogue } from '../../exercise/catalogue/catalogue';
import type { Variant, VariantStanding } from '../../exercise/model/variant';
import type { BlockKind, Region } from '../../exercise/model/vocabulary';
import type { SessionType } from '../../session-type/session-type';
import type { Needs, RiskNeed } from '../../sport/needs';
import type { SignatureRow } from '../../sport/signature/row';
import { preventionOf } from '../../sport/transfer';
import type { Brief } from '../brief/brief';
import type { Frame, PatternGroup } from './frames';

/** Something a session has a place for: a pattern group of its type, or a piece of the sport's signature work. */
export interface Place {
  id: string;
  name: string;
  /** Share of what all places are worth. */
  weight: number;
  /** Sets that fill it well. */
  sets: number;
  group?: PatternGroup;
  row?: SignatureRow;
  /** How well a set of a variant in a block serves it, 0 to 1. */
  serves: (variant: Variant, block: BlockKind) => number;
}

/** How readily a variant is chosen, by standing; common practice, no source. */
const ofStanding: Readonly<Record<VariantStanding, number>> = { 3: 1, 2: 0.88, 1: 0.45, 0: 0.2 };
/** The easiest rung of a ladder serves so much of what its hardest does; common practice, no source. */
const easiestRung = 0.6;
/** Groups and signature rows share what places are worth; common practice, no source. */
const groupsShare = 0.5;
/** Where main strength is done, and what a set elsewhere counts for it. */
const mainStrength: ReadonlySet<BlockKind> = new Set(['strength', 'power']);
const besideMain = 0.5;
/** The ladder of the part that comes back leads a return. */
const [returningShare, returningSets] = [0.35, 6];
/** How much more a row of the injured or the chosen part counts. */
const leads = 3;
/** Stretches and drills are many and each a few sets; common practice, no source. */
const setsOfMany = { range: 16, drills: 10 } as const;
/** A row of weight 3 counts far more than one of weight 1; common practice, no source. */
const byWeight = 1.5;
/** Phases in which a sport is in season, as the rows count a week. */
const inSeason: ReadonlySet<string> = new Set(['pre-season', 'in-season', 'taper']);

/** An injury of the last year leads prevention; days. */
const stillFresh = 365;

const lately = ({ athlete, date }: Brief): Region[] =>
  (athlete.history ?? [])
    .filter((past) => past.on && daysBetween(past.on, date) <= stillFresh)
    .map((past) => past.region);

/** Regions that a session is about: the chosen one, else those that come back. */
function focusRegions(brief: Brief, type: SessionType): Region[] {
  if (brief.focus) return [brief.focus];
  if (type === 'injury-prevention') return lately(brief);
  if (type !== 'return') return [];
  const restricted = standingsOn(brief.athlete, brief.date).map((s) => s.region);
  return restricted.length ? restricted : (brief.athlete.history ?? []).map((past) => past.region);
}

/** How often a row was met in the seven days before, by the sessions that hold something of it. */
function metThisWeek(row: SignatureRow, { season, date }: Brief): number {
  const of = new Set(row.parts.flat());
  return (season.recent ?? []).filter(
    (s) => s.date < date && daysBetween(s.date, date) < 7 && (s.items ?? []).some(({ variant }) => of.has(variant)),
  ).length;
}

/** What is left of a row for today: a week shares its rows out over its sessions. */
function leftOf(row: SignatureRow, brief: Brief): number {
  const [off, on] = row.perWeek;
  const times = inSeason.has(brief.season.phase) ? on : off;
  const left = Math.max(0, times - metThisWeek(row, brief)) / Math.max(1, times);
  return 0.25 + 0.75 * left;
}

/** Whether a sport throws, hits or pulls with the arm, or jumps and sprints: what its signature work says. */
function isSportOf(rows: readonly SignatureRow[], what: 'arm' | 'speed'): boolean {
  const type: SessionType = what === 'arm' ? 'arm-care' : 'power';
  return rows.some((row) => row.types.includes(type) && row.weight >= 2);
}

const isReturning = (need: Needs['prevention'][number]): need is RiskNeed =>
  need.kind === 'risk' && Boolean(need.returning);

/** How well each exercise serves a row: by its rung, where the lists are ladders; drills and stretches stand side by side. */
function rungs(row: SignatureRow): Map<string, number> {
  const found = new Map<string, number>();
  for (const part of row.parts)
    part.forEach((id, i) => {
      const rung = row.kind || part.length === 1 ? 1 : easiestRung + (1 - easiestRung) * (i / (part.length - 1));
      found.set(id, Math.max(found.get(id) ?? 0, rung));
    });
  return found;
}

/** What the places of a session follow from. */
export interface PlacesFrom {
  brief: Brief;
  type: SessionType;
  frame: Frame;
  catalogue: Catalogue;
  needs: Needs;
  /** The signature work of the role. */
  signature: readonly SignatureRow[];
  /** Exercises that the sport counts as its own. */
  own: ReadonlySet<string>;
}

/**
 * Everything that a session of a type has a place for, heaviest first; weights sum to 1.
 */
export function placesFor({ brief, type, frame, catalogue, needs, signature, own }: PlacesFrom): Place[] {
  const rows = signature.filter(
    ({ types, phases }) => types.includes(type) && (!phases || phases.includes(brief.season.phase)),
  );
  const standing = (variant: Variant) =>
    ofStanding[own.has(variant.id) || variant.sports.includes(brief.sport.id) ? 3 : variant.standing];
  const focus = new Set(focusRegions(brief, type));
  const loads = (variant: Variant | undefined) => variant?.regions.some((r) => focus.has(r.region)) ?? false;
  const lead = (ids: readonly string[]) => {
    if (focus.size === 0 || ids.length === 0) return 1;
    const share = ids.filter((id) => loads(catalogue.byId(id))).length / ids.length;
    return share > 0.5 ? leads : 1;
  };
  const groups = frame.groups.filter(
    ({ when, from = 0 }) => brief.minutes >= from && (!when || isSportOf(signature, when)),
  );
  const groupWeight = groups.reduce((sum, g) => sum + g.weight, 0);
  const rowWeights = rows.map((row) => row.weight ** byWeight * leftOf(row, brief) * lead(row.parts.flat()));
  const rowWeight = rowWeights.reduce((sum, w) => sum + w, 0);
  const returning = type === 'return' ? needs.prevention.filter(isReturning) : [];
  const ofReturning = returning.length > 0 ? returningShare : 0;
  const left = 1 - ofReturning;
  const ofGroups = left * (rows.length === 0 ? 1 : groupsShare);
  return [
    ...returning.map(
      ({ id, name, risk }): Place => ({
        id: `part.${id}`,
        name: `work for the ${name}`,
        weight: ofReturning / returning.length,
        sets: returningSets,
        serves: (variant) => preventionOf(variant, risk),
      }),
    ),
    ...groups.map(
      (group): Place => ({
        id: `group.${group.id}`,
        name: group.name,
        weight: (ofGroups * group.weight) / groupWeight,
        sets: group.sets,
        group,
        serves: (variant, block) => {
          if (!group.patterns.includes(variant.pattern)) return 0;
          if (group.blocks && !group.blocks.includes(block)) return 0;
          if (group.fast && variant.speed !== 'fast') return 0;
          const beside = group.main && !mainStrength.has(block) ? besideMain : 1;
          return beside * standing(variant);
        },
      }),
    ),
    ...rows.map((row, i): Place => {
      const ladder = rungs(row);
      return {
        id: `row.${row.id}`,
        name: row.name,
        weight: ((left - ofGroups) * (rowWeights[i] as number)) / rowWeight,
        sets: row.kind ? setsOfMany[row.kind] : Math.max(2, row.sets?.[1] ?? 3),
        row,
        serves: (variant) => (ladder.get(variant.id) ?? 0) * standing(variant),
      };
    }),
  ].sort((a, b) => b.weight - a.weight);
}
