import { effortOf } from '../../capacity/capacity-of';
import { printTempo } from '../../dose/notation';
import type { Catalogue } from '../../exercise/catalogue/catalogue';
import type { Variant } from '../../exercise/model/variant';
import { mainBlocks } from '../../exercise/model/vocabulary';
import { thingsOf } from '../../kit/equipment-list';
import { loadingOf } from '../../kit/loads';
import { cautionOfLoad } from '../../kit/replacements';
import { toldOf } from '../../limits/athlete-notice';
import { insideRound } from '../../sport/signature/rounds';
import type { Proof } from '../composer/compose';
import type { Context } from '../context/context';
import { coverage, type Demand } from '../context/demands';
import { type Choice, type Draft, roundsOf } from '../draft/draft';
import { zoneOfItem } from '../prescription/item-zone';
import { rampWords } from '../prescription/ramp-sets';
import { frameShares } from '../scoring/frame-share';
import { type SessionShares, sessionShares } from '../scoring/joint-load';
import { choiceSeconds, contactsOf, type ScoredGroup, scoredGroupOf } from '../scoring/scored-group';
import { reasonFor, rowServed, servedWords } from '../wording/reason';
import { checksOf } from './checks';
import { houseCues, houseNotes } from './house-words';
import type { Coverage, Plan, PlanItem } from './plan-types';

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
