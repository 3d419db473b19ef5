import type { Keyframe } from '../../body/motion';
import { effortOf } from '../../capacity/capacity-of';
import { printTempo } from '../../dose/notation';
import type { Catalogue } from '../../exercise/catalogue/catalogue';
import type { Variant } from '../../exercise/model/variant';
import { mainBlocks, type Region } from '../../exercise/model/vocabulary';
import { thingsOf } from '../../kit/equipment-list';
import { loadingOf } from '../../kit/loads';
import { cautionOfLoad } from '../../kit/replacements';
import { type Told, toldOf } from '../../limits/athlete-notice';
import type { SessionType } from '../../session-type/session-type';
import { insideRound, type RoundPart } from '../../sport/signature/rounds';
import type { Proof } from '../composer/compose';
import type { Infeasibility } from '../composer/infeasibility';
import type { Context } from '../context/context';
import { coverage, type Demand } from '../context/demands';
import { type Choice, type Draft, type Ramp, roundsOf } from '../draft/draft';
import { zoneOfItem } from '../prescription/item-zone';
import { rampWords } from '../prescription/ramp-sets';
import { type FrameShare, frameShares } from '../scoring/frame-share';
import { type SessionShares, sessionShares } from '../scoring/joint-load';
import { choiceSeconds, contactsOf, type ScoredGroup, scoredGroupOf } from '../scoring/scored-group';
import { reasonFor, rowServed, servedWords } from '../wording/reason';
import type { Check } from './check';
import { checksOf } from './checks';
import { houseCues, houseNotes } from './house-words';

export interface PlanItem {
  variant: string;
  /** The shipped variant whose figure is shown, where this is a club's own one. */
  drawnAs?: string;
  name: string;
  family: string;
  sets: number;
  reps?: number;
  holdSeconds?: number;
  workSeconds?: number;
  breaths?: number;
  contacts?: number;
  metres?: number;
  perSide: boolean;
  /** The one side that does it, where a restriction leaves only one. */
  side?: 'left' | 'right';
  /** What is changed for a restriction; the athlete is told. */
  adapt?: string[];
  /** Its poses where the change moved them; those of the library otherwise. */
  poses?: readonly Keyframe[];
  tempo?: string;
  restSeconds: number;
  load?: { kg?: number; with: string };
  /** Everything that is taken in hand, stood on or fixed to; left out in plans of before. */
  uses?: string[];
  intensity?: { reserve?: number; percentOfMax?: number; zone?: string };
  seconds: number;
  impactContacts: number;
  planes: string[];
  pattern: string;
  regions: string[];
  serves: { action: string; share: number }[];
  /** The same against injury, kept apart; left out in plans of before. */
  guards?: { need: string; share: number }[];
  /** What happens inside a round of the sport, over and over; left out where it is no round. */
  inside?: readonly RoundPart[];
  /** A lighter set before the first; left out where none is wanted. */
  ramp?: Ramp;
  /** The piece of the sport's signature work that it serves, and where that is published; left out where it serves none. */
  signature?: { id: string; name: string; source?: string };
  /** What it is for, in the words of the athlete; left out in plans of before. */
  for?: string;
  reason: string;
  cues: string[];
  faults: string[];
  cautions: string[];
  easier?: string;
  harder?: string;
  pinned?: boolean;
  /** What the coach adds. */
  note?: string;
}

/** What one set of an item asks for: repetitions, seconds, breaths, contacts or metres. */
export function plannedAmount(item: PlanItem): number {
  return item.reps ?? item.holdSeconds ?? item.workSeconds ?? item.breaths ?? item.contacts ?? item.metres ?? 0;
}

export interface PlanBlock {
  kind: string;
  format: string;
  rounds: number;
  restSeconds: number;
  items: PlanItem[];
}

export interface Coverage {
  action: string;
  asked: number;
  covered: number;
}

export interface Plan {
  format: 'tropaeum-plan/1';
  /** What kind of session it is, and why; left out in plans of before. */
  sessionType?: SessionType;
  sessionTypeReason?: string;
  focus?: Region;
  /** Share of the main work by block, as the type asks and as it is; left out in plans of before. */
  frame?: FrameShare[];
  minutes: { budget: number; planned: number };
  blocks: PlanBlock[];
  coverage: Coverage[];
  /** The same for the risks of the sport, kept apart. */
  prevention: Coverage[];
  checks: Check[];
  /** What holds for the whole session by house rule, as the athlete is told; left out in plans of before. */
  notes?: string[];
  /** What the athlete is told of the restrictions that hold; left out where there are none. */
  limits?: Told[];
  solution?: Proof;
}

export interface RefusedPlan {
  format: 'tropaeum-plan/1';
  refused: Infeasibility;
}

const hundredth = (value: number) => Math.round(value * 100) / 100;

/** Everything the screen, the sheet and the athlete need, worked out from a draft. */
export function planOf(context: Context, draft: Draft, proof?: Proof): Plan {
  const columns = draft.groups.map((group) => scoredGroupOf(context, group));
  const seconds = columns.reduce((s, c) => s + c.seconds, 0);
  const totals = context.demands.map((_, d) => columns.reduce((s, c) => s + (c.gives[d] as number), 0));
  const asked = sessionShares(context, columns);
  const planned = Math.round((seconds / 60) * 10) / 10;
  const covered = context.demands.map((demand, d): Coverage & { kind: string } => ({
    kind: demand.kind,
    action: demand.id,
    asked: hundredth(demand.share),
    covered: hundredth(coverage(totals[d] as number)),
  }));
  const ofColumn = (performance: boolean): Coverage[] =>
    covered
      .filter((c) => (c.kind === 'action') === performance)
      .map(({ action, asked, covered: share }) => ({ action, asked, covered: share }));
  return {
    format: 'tropaeum-plan/1',
    sessionType: context.type.type,
    sessionTypeReason: context.type.reason,
    ...(context.brief.focus ? { focus: context.brief.focus } : {}),
    frame: frameShares(context, columns),
    minutes: { budget: context.brief.minutes, planned },
    blocks: columns.map((column) => ({
      kind: column.group.block,
      format: column.group.format,
      rounds: roundsOf(column.group),
      restSeconds: column.group.roundRestSeconds,
      items: column.group.choices.map((choice, i) =>
        itemOf(context, column, choice, column.variants[i] as Variant, totals, asked),
      ),
    })),
    coverage: ofColumn(true),
    prevention: ofColumn(false),
    checks: checksOf(context, columns, planned),
    notes: houseNotes(context.brief),
    ...(context.feasible.standings.length ? { limits: context.feasible.standings.map(toldOf) } : {}),
    ...(proof
      ? { solution: { objective: round4(proof.objective), bound: round4(proof.bound), gap: round4(proof.gap) } }
      : {}),
  };
}

const round4 = (value: number) => Math.round(value * 10000) / 10000;

interface Given {
  demand: Demand;
  share: number;
}

/** Share that an item gives of everything each demand gets in this session, biggest first. */
function givenShares(context: Context, column: ScoredGroup, variant: Variant, totals: readonly number[]): Given[] {
  const all = (v: Variant) => context.gives(v).reduce((t, given) => t + given, 0);
  const whole = column.variants.reduce((s, v) => s + all(v), 0) || 1;
  const given = context.gives(variant);
  const own = all(variant) / whole;
  return context.demands
    .flatMap((demand, d): Given[] => {
      const inColumn = column.variants.reduce((s, v) => s + (context.gives(v)[d] as number), 0);
      const part = inColumn > 0 ? (given[d] as number) / inColumn : own;
      const total = totals[d] as number;
      const share = total > 0 ? ((column.gives[d] as number) * part) / total : 0;
      return share > 0.005 ? [{ demand, share: hundredth(share) }] : [];
    })
    .sort((a, b) => b.share - a.share);
}

function workFields({
  dose,
}: Choice): Pick<PlanItem, 'reps' | 'holdSeconds' | 'workSeconds' | 'breaths' | 'contacts' | 'metres'> {
  const { work } = dose;
  if (work.kind === 'hold') return { holdSeconds: work.seconds };
  if (work.kind === 'work') return { workSeconds: work.seconds };
  const { kind, ...amount } = work;
  return amount;
}

/** The cautions of the movement, and of the thing at home that gives its load. */
function cautionsOf(variant: Variant, load: Choice['load']): string[] {
  // Bands carry their own caution already.
  const ofLoad = load?.kg === undefined ? undefined : cautionOfLoad(load.with);
  return [...variant.cautions, ...(ofLoad ? [ofLoad] : [])];
}

/** The poses of a variant that a restriction has changed, where they are no longer those of the library. */
function movedPoses(variant: Variant, { byId }: Catalogue): Pick<PlanItem, 'poses'> {
  return variant.keyframes === byId(variant.id)?.keyframes ? {} : { poses: variant.keyframes };
}

function insideOf({ type, sport }: Context, { group }: ScoredGroup, { dose }: Choice): Pick<PlanItem, 'inside'> {
  const inside = type.type === 'rounds' && group.block === 'technique' ? insideRound(sport.id) : undefined;
  return inside && dose.work.kind === 'work' ? { inside } : {};
}

function signatureOf(context: Context, { group }: ScoredGroup, variant: Variant): Pick<PlanItem, 'signature'> {
  const row = rowServed(context, variant, group.block);
  if (!row) return {};
  return { signature: { id: row.id, name: row.name, ...(row.source ? { source: row.source } : {}) } };
}

function itemOf(
  context: Context,
  column: ScoredGroup,
  choice: Choice,
  variant: Variant,
  totals: readonly number[],
  asked: SessionShares,
): PlanItem {
  const { brief, catalogue } = context;
  const { dose, load } = choice;
  const drawnAs = catalogue.drawnAs(variant.id);
  const loading = mainBlocks.has(column.group.block) ? loadingOf(load, brief.kit) : undefined;
  const effort = loading && effortOf(context.capacity, variant, loading);
  const zone = effort && zoneOfItem(variant, dose, effort.share);
  const shares = givenShares(context, column, variant, totals);
  const ofColumn = (performance: boolean) => shares.filter(({ demand }) => (demand.kind === 'action') === performance);
  const intensity = {
    ...(dose.reserve === undefined ? {} : { reserve: dose.reserve }),
    ...(effort && effort.share <= 1 ? { percentOfMax: hundredth(effort.share), ...(zone ? { zone } : {}) } : {}),
  };
  return {
    variant: variant.id,
    ...(drawnAs === variant.id ? {} : { drawnAs }),
    name: variant.name,
    family: variant.family,
    sets: dose.sets,
    ...workFields(choice),
    perSide: dose.perSide,
    ...(variant.adapted?.onlySide ? { side: variant.adapted.onlySide } : {}),
    ...(variant.adapted ? { adapt: [...variant.adapted.say], ...movedPoses(variant, catalogue) } : {}),
    ...(dose.tempo ? { tempo: printTempo(dose.tempo) } : {}),
    restSeconds: dose.restSeconds,
    ...(load ? { load } : {}),
    uses: thingsOf(variant, brief.kit, load?.with),
    ...(Object.keys(intensity).length ? { intensity } : {}),
    seconds: Math.round(choiceSeconds(choice)),
    impactContacts: contactsOf(variant, dose),
    planes: [...variant.planes],
    pattern: variant.pattern,
    regions: variant.regions.map((r) => r.region),
    serves: ofColumn(true).map(({ demand, share }) => ({ action: demand.id, share })),
    guards: ofColumn(false).map(({ demand, share }) => ({ need: demand.id, share })),
    ...signatureOf(context, column, variant),
    for: servedWords(context, column.group.block, variant),
    reason: reasonFor(context, column.group, variant, choice, asked, effort),
    ...insideOf(context, column, choice),
    ...(choice.ramp ? { ramp: choice.ramp } : {}),
    cues: [
      ...(choice.ramp ? [rampWords(choice.ramp)] : []),
      ...variant.cues,
      ...houseCues(brief, column.group.block, variant),
    ],
    faults: variant.faults.map((f) => `${f.see}: ${f.say}`),
    cautions: cautionsOf(variant, load),
    ...(variant.easier ? { easier: variant.easier } : {}),
    ...(variant.harder ? { harder: variant.harder } : {}),
    ...(choice.pinned ? { pinned: true } : {}),
    ...(choice.note ? { note: choice.note } : {}),
  };
}
