import { type Athlete, restrictionsOn } from '../athlete/athlete';
import { partWords, words } from '../common/text';
import { ageOn, daysBetween } from '../date/days';
import { type Catalogue, catalogueOf } from '../exercise/catalogue/catalogue';
import { levels, type Region } from '../exercise/model/vocabulary';
import { asymmetriesOf, regionsOf } from './asymmetry';
import { askedOf, type Overuse, type RiskSite, type SportAction, type SportProfile } from './profile';
import { returningRegions } from './return-to-play';

/** Why a need is larger or smaller than the sport alone would have it. */
export interface NeedReason {
  text: string;
  factor: number;
}

interface NeedShare {
  id: string;
  name: string;
  /** Share of its column, 0 to 1; the shares of a column sum to 1. */
  share: number;
  /** The same for anybody in this role. */
  ofSport: number;
  reasons: readonly NeedReason[];
  /** By how much the coach has moved it, as a factor; left out when not moved. */
  moved?: number;
}

export interface ActionNeed extends NeedShare {
  kind: 'action';
  action: SportAction;
}
export interface RiskNeed extends NeedShare {
  kind: 'risk';
  risk: RiskSite;
  /** A part that is limited now and comes back, whatever the sport injures. */
  returning?: true;
}
export interface OppositeNeed extends NeedShare {
  kind: 'opposite';
  overuse: Overuse;
}

/** What an athlete needs, in two columns that are never added up: for the performance, and against injury. */
export interface Needs {
  performance: readonly ActionNeed[];
  prevention: readonly (RiskNeed | OppositeNeed)[];
}

/** How far the coach has moved needs, factors by id of the need. */
export type Moved = Readonly<Record<string, number>>;

/** How much a limit, a ban, an injury or an age moves a need. Common practice, no source, where none is named. */
const factors = {
  limited: 0.6,
  banned: 0.3,
  limitedGuard: 1.5,
  /** Hagglund 2006: who was injured before is injured two to three times as often (value from memory); damped, since every site is asked already. */
  recentInjury: 1.6,
  oldInjury: 1.3,
  weakerSide: 1.4,
  /** Knees of girls and young women: Prodromos 2007 finds about three times the ruptures (value from memory); damped. */
  youngWomanKnee: 1.3,
  growing: 1.3,
  tendonAge: 1.3,
  newSpeed: 0.7,
  newBasics: 1.2,
} as const;

/** An injury counts as recent this long, days. */
const recentDays = 730;
const growingUnder = 16;
const youngWomanUnder = 25;
const tendonsFrom = 35;

function actionReasons(action: SportAction, athlete: Athlete, day: string): NeedReason[] {
  const reasons: NeedReason[] = [];
  const worked = new Set(action.jointActions.flatMap(regionsOf));
  const limits = restrictionsOn(athlete, day).filter((r) => worked.has(r.region));
  const worst = limits.find((r) => r.severity === 'avoid') ?? limits[0];
  if (worst)
    reasons.push({
      text: `${words(worst.region)} ${worst.severity === 'avoid' ? 'not to be loaded' : 'limited'}${worst.until ? ` until ${worst.until}` : ''}`,
      factor: worst.severity === 'avoid' ? factors.banned : factors.limited,
    });
  if (levels.indexOf(athlete.level) <= 1)
    reasons.push(
      action.speed === 'fast'
        ? { text: 'speed is earned: control comes first', factor: factors.newSpeed }
        : { text: 'the basis that speed is built on', factor: factors.newBasics },
    );
  return reasons;
}

function guardReasons(region: Region, athlete: Athlete, day: string, catalogue: Pick<Catalogue, 'byId'>): NeedReason[] {
  const reasons: NeedReason[] = [];
  const age = ageOn(athlete.born, day);
  const limit = restrictionsOn(athlete, day).find((r) => r.region === region);
  if (limit)
    reasons.push({
      text: `${partWords(limit)} coming back${limit.reason ? `: ${limit.reason}` : ''}`,
      factor: limit.severity === 'avoid' ? 1 : factors.limitedGuard,
    });
  for (const injury of athlete.history ?? []) {
    if (injury.region !== region) continue;
    const recent = injury.on !== undefined && daysBetween(injury.on, day) <= recentDays;
    reasons.push({
      text: `${partWords(injury)} injured before${injury.what ? ` (${injury.what})` : ''}`,
      factor: recent ? factors.recentInjury : factors.oldInjury,
    });
  }
  for (const { regions, weaker, index } of asymmetriesOf(athlete, catalogue))
    if (regions.includes(region))
      reasons.push({
        text: `${weaker} does ${Math.round(index * 100)} % of the other side`,
        factor: factors.weakerSide,
      });
  if (region === 'knee' && athlete.sex === 'female' && age < youngWomanUnder)
    reasons.push({ text: 'knees of young women tear more often', factor: factors.youngWomanKnee });
  if (age < growingUnder && (region === 'knee' || region === 'foot' || region === 'lower-back'))
    reasons.push({ text: `${age} years: growing`, factor: factors.growing });
  if (age >= tendonsFrom && (region === 'calf' || region === 'hamstring'))
    reasons.push({ text: `${age} years: tendons and long muscles`, factor: factors.tendonAge });
  return reasons;
}

function sideReason({ patterns }: Overuse, sport: SportProfile, athlete: Athlete): NeedReason[] {
  const oneArmed = patterns.includes('shoulder-external-rotation') && sport.actions.some((a) => a.side === 'dominant');
  if (!oneArmed || !athlete.dominantSide) return [];
  const other = athlete.dominantSide === 'left' ? 'right' : 'left';
  return [{ text: `${athlete.dominantSide} arm gets care, ${other} arm gets work`, factor: 1 }];
}

/** An overuse weighs as much as a small risk. */
const overuseWeight = 1.5;

const riskId = (risk: RiskSite, place: number, all: readonly RiskSite[]): string => {
  const same = all.slice(0, place).filter((r) => r.region === risk.region).length;
  return `risk-${risk.region}${same ? `-${same + 1}` : ''}`;
};
const oppositeId = (place: number) => `opposite-${place + 1}`;

type Weighed<N extends NeedShare> = Omit<N, 'share' | 'ofSport' | 'moved'> & { weight: number };

function shared<N extends NeedShare>(column: readonly Weighed<N>[], moved: Moved): N[] {
  const own = (n: Weighed<N>) => n.weight * n.reasons.reduce((f, r) => f * r.factor, 1) * (moved[n.id] ?? 1);
  const total = column.reduce((s, n) => s + own(n), 0);
  const plain = column.reduce((s, n) => s + n.weight, 0);
  return column.map((need) => {
    const { weight, ...rest } = need;
    return {
      ...rest,
      share: total > 0 ? own(need) / total : 1 / column.length,
      ofSport: plain > 0 ? weight / plain : 1 / column.length,
      ...(moved[need.id] === undefined ? {} : { moved: moved[need.id] }),
    } as unknown as N;
  });
}

/**
 * What this athlete needs: what the role asks and where the sport injures, changed by limits, old injuries, sides that differ, age and level,
 * and by the coach's own hand. Shares 0 to 1 that sum to 1 in each of the two columns. Throws a RangeError for an unknown role.
 *
 * @example needsOf(handball, 'back', athlete, '2026-12-09').performance.length > 5 // true
 */
export function needsOf(
  sport: SportProfile,
  role: string,
  athlete: Athlete,
  day: string,
  moved: Moved = {},
  catalogue: Pick<Catalogue, 'byId'> = catalogueOf(),
): Needs {
  const performance = askedOf(sport, role).map(
    ({ action, asked }): Weighed<ActionNeed> => ({
      kind: 'action',
      id: action.id,
      name: action.name,
      action,
      weight: asked,
      reasons: actionReasons(action, athlete, day),
    }),
  );
  const risks = sport.riskSites.map(
    (risk, i): Weighed<RiskNeed> => ({
      kind: 'risk',
      id: riskId(risk, i, sport.riskSites),
      name: words(risk.region),
      risk,
      weight: risk.weight,
      reasons: guardReasons(risk.region, athlete, day, catalogue),
    }),
  );
  const returning = returningRegions(athlete, day).map(
    ({ name, risk }): Weighed<RiskNeed> => ({
      kind: 'risk',
      id: `return-${risk.region}`,
      name,
      risk,
      returning: true,
      weight: risk.weight,
      reasons: [],
    }),
  );
  const opposites = sport.overuse.map(
    (overuse, i): Weighed<OppositeNeed> => ({
      kind: 'opposite',
      id: oppositeId(i),
      name: overuse.opposite,
      overuse,
      weight: overuseWeight,
      reasons: sideReason(overuse, sport, athlete),
    }),
  );
  return {
    performance: shared<ActionNeed>(performance, moved),
    prevention: shared<RiskNeed | OppositeNeed>([...risks, ...returning, ...opposites], moved),
  };
}

const [minShare, maxShare] = [0.005, 0.9];
const exact = 1e4;

/**
 * The coach sets the share of one need; the others keep their proportions. Returns the factors with the one for this need changed; a share
 * outside 0.005 to 0.9 is taken to the nearer end.
 *
 * @example moveTo([{ id: 'throw', share: 0.2 }, { id: 'jump', share: 0.8 }], 'throw', 0.3, {}) // { throw: 1.71 }
 */
export function moveTo(column: readonly NeedShare[], id: string, share: number, moved: Moved): Moved {
  const need = column.find((n) => n.id === id);
  if (!need || column.length < 2) return moved;
  const wanted = Math.min(maxShare, Math.max(minShare, share));
  const now = Math.max(need.share, 1e-6);
  const factor = ((need.moved ?? 1) * (wanted * (1 - now))) / (now * (1 - wanted));
  return { ...moved, [id]: Math.round(factor * exact) / exact };
}
