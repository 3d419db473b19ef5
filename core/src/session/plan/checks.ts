import { restrictionsOn } from '../../athlete/athlete';
import { effortOf } from '../../capacity/capacity-of';
import { ageOn, daysBetween } from '../../date/days';
import type { Variant } from '../../exercise/model/variant';
import { mainBlocks, planes, preparingBlocks, readyingBlocks } from '../../exercise/model/vocabulary';
import type { Feasibility } from '../../kit/feasible';
import { loadingOf } from '../../kit/loads';
import { weekTotals } from '../../load/week-totals';
import { seasonReason } from '../composer/candidates';
import type { Context } from '../context/context';
import { coverage } from '../context/demands';
import type { Choice } from '../draft/draft';
import { tooHardReason } from '../prescription/too-hard';
import { readies, readyFromOf, sessionShares } from '../scoring/joint-load';
import {
  coversPlane,
  highSets,
  maxContacts,
  maxHighSets,
  opposites,
  patternSets,
  wantedHeavySets,
} from '../scoring/rules';
import type { ScoredGroup } from '../scoring/scored-group';
import { checkWords } from '../wording/check-words';
import { type Check, check } from './check';
import { decisionChecks } from './decision-checks';
import { frameChecks } from './frame-checks';

/** What a coach would check before sending: time, opposites, sides, planes, landings, doubled load, restrictions, season, age. */
export function checksOf(context: Context, columns: readonly ScoredGroup[], plannedMinutes: number): Check[] {
  const { brief } = context;
  return [
    check('time', plannedMinutes <= brief.minutes + 0.01, checkWords.time(plannedMinutes, brief.minutes)),
    ...frameChecks(context, columns),
    ...(context.frame.balanced ? balanceChecks(columns) : []),
    sideCheck(columns),
    ...(context.frame.balanced
      ? [
          check(
            'planes',
            planes.every((p) => columns.some((c) => coversPlane(c, p))),
            planesText(columns),
          ),
          ...coverageChecks(context, columns),
        ]
      : []),
    ...loadChecks(context, columns),
    ...readyChecks(context, columns),
    ...restrictionChecks(context, columns),
    ...seasonChecks(context, columns),
    ...weekChecks(context, columns),
    ...zoneChecks(context, columns),
    ...decisionChecks(context, columns),
    ...ageChecks(context),
  ];
}

function balanceChecks(columns: readonly ScoredGroup[]): Check[] {
  return opposites.map(({ id, one, other, words, tolerance }) => {
    const a = columns.reduce((s, c) => s + patternSets(c, one), 0);
    const b = columns.reduce((s, c) => s + patternSets(c, other), 0);
    return check(`balance.${id}`, Math.abs(a - b) <= tolerance, checkWords.balance([a, b], words));
  });
}

function sideCheck(columns: readonly ScoredGroup[]): Check {
  const uneven = columns.flatMap((c) =>
    c.group.choices
      .filter(
        (choice, i) => c.variants[i]?.side === 'single' && !choice.dose.perSide && !c.variants[i]?.adapted?.onlySide,
      )
      .map((_, i) => c.variants[i]?.name),
  );
  return check('sides', uneven.length === 0, checkWords.sides(uneven.flatMap((name) => name ?? [])));
}

function planesText(columns: readonly ScoredGroup[]): string {
  const missing = planes.filter((p) => !columns.some((c) => coversPlane(c, p)));
  return checkWords.planes(missing);
}

/** A need of this share or more should not be covered less than this. Common practice, no source. */
const [askedFrom, coveredFrom] = [0.1, 0.3];

/** Whether everything that is asked much is covered at all; of performance and prevention alike. */
function coverageChecks({ demands }: Context, columns: readonly ScoredGroup[]): Check[] {
  if (columns.length === 0) return [];
  const bare = demands.filter((demand, d) => {
    const dose = columns.reduce((s, c) => s + (c.gives[d] as number), 0);
    return demand.share >= askedFrom && coverage(dose) < coveredFrom;
  });
  const named = bare.map((d) =>
    d.kind === 'action'
      ? d.name.toLowerCase()
      : `${d.kind === 'risk' && d.returning ? 'rebuilding the' : 'protecting the'} ${d.name}`,
  );
  return bare.length ? [check('coverage', false, checkWords.coverage(named))] : [];
}

/** Joints that the work asks much of and nothing before it makes ready. */
function readyChecks(context: Context, columns: readonly ScoredGroup[]): Check[] {
  const ready = new Set(
    columns
      .filter((c) => readyingBlocks.has(c.group.block))
      .flatMap((c) => c.variants.flatMap((v) => [...readies(context, v)])),
  );
  const bare = [...sessionShares(context, columns)].filter(
    ([joint, { share }]) => share >= readyFromOf(joint) && !ready.has(joint),
  );
  return bare.map(([joint, { share, by }]) => check(`ready.${joint}`, false, checkWords.warmUp(joint, by, share)));
}

/** Landings of the work; the light hops of a warm-up are not counted. */
function loadChecks({ brief }: Context, columns: readonly ScoredGroup[]): Check[] {
  const contacts = columns.reduce((s, c) => s + (preparingBlocks.has(c.group.block) ? 0 : c.impactContacts), 0);
  const most = maxContacts(brief);
  const regions = new Set(
    columns.flatMap((c) => c.variants.flatMap((v) => v.regions.filter((r) => r.high).map((r) => r.region))),
  );
  const doubled = [...regions].filter((r) => columns.reduce((s, c) => s + highSets(c, r), 0) > maxHighSets);
  return [
    check('contacts', contacts <= most, checkWords.contacts(contacts, most)),
    check('regions', doubled.length === 0, checkWords.regions(doubled)),
  ];
}

/** What of a choice does not keep to the change that a restriction asks for. */
function unkept({ adapted, dose: asked, speed }: Variant, { dose }: Choice): string | undefined {
  if (!adapted) return undefined;
  if (adapted.onlySide && dose.perSide) return checkWords.onlySide(adapted.onlySide);
  if (asked.work.kind === 'hold' && dose.work.kind !== 'hold') return checkWords.heldNotMoved();
  if (asked.work.kind === 'hold' && dose.work.kind === 'hold' && dose.work.seconds > asked.work.seconds)
    return checkWords.holdsUpTo(asked.work.seconds);
  if (speed === 'slow' && asked.tempo?.rising !== 'X' && dose.tempo?.rising === 'X') return checkWords.slowNotFast();
  return undefined;
}

/** A load beyond what is left of the maximum of a restricted part. */
function tooHeavy({ capacity, brief }: Context, { variant, shareCeiling }: Feasibility, { load }: Choice) {
  const loading = load?.kg === undefined || shareCeiling >= 1 ? undefined : loadingOf(load, brief.kit);
  if (!loading) return undefined;
  const { share } = effortOf(capacity, variant, loading);
  // What is planned to the ceiling may come out a hair over it once it is rounded.
  return share > shareCeiling + 0.005 ? checkWords.tooHeavy(share, shareCeiling) : undefined;
}

function restrictionChecks(context: Context, columns: readonly ScoredGroup[]): Check[] {
  const standing = restrictionsOn(context.brief.athlete, context.brief.date);
  const items = columns.flatMap((c) =>
    c.group.choices.map((choice, i) => ({
      choice,
      variant: c.variants[i] as Variant,
      f: context.feasible.get(choice.variant),
    })),
  );
  const against = items.flatMap(({ choice, variant, f }) => {
    if (f?.restricted) return [`${variant.name}: ${f.reasons[0]}`];
    const change = unkept(variant, choice) ?? (f && tooHeavy(context, f, choice));
    return change ? [`${variant.name}: ${change}.`] : [];
  });
  const impossible = items.flatMap(({ variant, f }) =>
    f && !f.restricted && f.reasons.length ? [`${variant.name}: ${f.reasons[0]}`] : [],
  );
  const tooHard = items.flatMap(({ choice, variant }) => tooHardReason(context, variant, choice.load) ?? []);
  const adapted = items.filter(({ variant }) => variant.adapted).length;
  const kept = checkWords.restrictions(standing.length, adapted);
  const texts = against.length ? checkWords.againstRestriction(against) : kept;
  return [
    ...(tooHard.length ? [check('load', false, tooHard.join(' '), 'stop')] : []),
    ...(standing.length ? [check('restrictions', against.length === 0, texts, 'stop')] : []),
    ...(impossible.length ? [check('kit', false, impossible.join(' '), 'stop')] : []),
  ];
}

function seasonChecks({ brief }: Context, columns: readonly ScoredGroup[]): Check[] {
  const { nextFixture } = brief.season;
  if (!nextFixture) return [];
  const days = daysBetween(brief.date, nextFixture);
  const sore = columns.flatMap((c) =>
    c.variants.filter((v) => mainBlocks.has(c.group.block) && seasonReason(v, brief)),
  );
  return [
    check(
      'season',
      sore.length === 0,
      sore.length
        ? checkWords.beforeFixture(
            sore.map((v) => v.name),
            days,
          )
        : checkWords.nextFixture(days),
    ),
  ];
}

/** A region should not be loaded high in more sets than this in seven days: three sessions at their most. Common practice, no source. */
const maxHighSetsInWeek = 3 * maxHighSets;
/** Two days and more between sessions with many landings: handbook of the National Strength and Conditioning Association (values from memory). */
const [daysBetweenLandings, manyLandings] = [2, 40];

function weekChecks({ brief, catalogue }: Context, columns: readonly ScoredGroup[]): Check[] {
  const { recent } = brief.season;
  if (!recent?.length) return [];
  const today = columns
    .filter((c) => mainBlocks.has(c.group.block))
    .flatMap((c) => c.variants.map((variant, i) => ({ variant, sets: c.group.choices[i]?.dose.sets ?? 0 })));
  const { byRegion, sets, daysSinceLandings } = weekTotals(brief.date, recent, catalogue, today);
  const over = [...byRegion].filter(([, count]) => count > maxHighSetsInWeek);
  const landings = columns.reduce((s, c) => s + c.impactContacts, 0);
  const soon = daysSinceLandings !== undefined && daysSinceLandings < daysBetweenLandings && landings > manyLandings;
  return [
    check('week', over.length === 0, checkWords.week(sets, over, maxHighSetsInWeek)),
    ...(soon ? [check('week.landings', false, checkWords.jumpsYesterday(landings))] : []),
  ];
}

/** When strength is the aim, whether any of it is heavy enough to be called so. */
function zoneChecks({ brief }: Context, columns: readonly ScoredGroup[]): Check[] {
  const wanted = wantedHeavySets(brief);
  if (wanted === 0 || columns.length === 0) return [];
  const heavy = columns.reduce((s, c) => s + c.heavySets, 0);
  return [check('zone', heavy > 0, checkWords.maximalStrength(heavy))];
}

function ageChecks({ brief }: Context): Check[] {
  const age = ageOn(brief.athlete.born, brief.date);
  const { sleepHours } = brief.athlete.readiness ?? {};
  // AASM consensus (Paruthi 2016) for 13-18 years, Watson 2015 for adults; values from memory.
  const enough = age < 18 ? 8 : 7;
  return [
    ...(age < 18 ? [{ id: 'minor', status: 'warn' as const, text: checkWords.minor(age) }] : []),
    ...(sleepHours !== undefined && sleepHours < enough
      ? [
          {
            id: 'sleep',
            status: 'warn' as const,
            text: checkWords.sleep(sleepHours, enough),
          },
        ]
      : []),
  ];
}
