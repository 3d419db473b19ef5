import { ageOn, daysBetween, restrictionsOn } from '../athlete/athlete';
import { effortOf } from '../capacity/effort';
import type { Variant } from '../exercise/variant';
import { mainBlocks, planes } from '../exercise/vocabulary';
import type { Feasibility } from '../kit/feasible';
import { loadingOf } from '../kit/loads';
import { weekTotals } from '../load/week-totals';
import { seasonReason } from './candidates';
import type { Column } from './column';
import type { Context } from './context';
import { coverage } from './demands';
import type { Choice } from './draft';
import { frameChecks } from './frame-checks';
import { preparingBlocks, readies, readyFromOf, readyingBlocks, sessionShares } from './joint-load';
import { coversPlane, highSets, mostContacts, mostHighSets, opposites, patternSets, wantedHeavySets } from './rules';
import { tooHardReason } from './too-hard';

export interface Check {
  id: string;
  status: 'ok' | 'warn' | 'stop';
  text: string;
}

const check = (id: string, fine: boolean, text: string, bad: Check['status'] = 'warn'): Check => ({
  id,
  status: fine ? 'ok' : bad,
  text,
});

/** What a coach would check before sending: time, opposites, sides, planes, landings, doubled load, restrictions, season, age. */
export function checksOf(context: Context, columns: readonly Column[], plannedMinutes: number): Check[] {
  const { brief } = context;
  return [
    check('time', plannedMinutes <= brief.minutes + 0.01, `${plannedMinutes.toFixed(1)} of ${brief.minutes} minutes`),
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
    ...ageChecks(context),
  ];
}

function balanceChecks(columns: readonly Column[]): Check[] {
  return opposites.map(({ id, one, other, words, tolerance }) => {
    const a = columns.reduce((s, c) => s + patternSets(c, one), 0);
    const b = columns.reduce((s, c) => s + patternSets(c, other), 0);
    return check(`balance.${id}`, Math.abs(a - b) <= tolerance, `${a} ${words[0]} sets to ${b} ${words[1]} sets`);
  });
}

function sideCheck(columns: readonly Column[]): Check {
  const uneven = columns.flatMap((c) =>
    c.group.choices
      .filter(
        (choice, i) => c.variants[i]?.side === 'single' && !choice.dose.perSide && !c.variants[i]?.adapted?.onlySide,
      )
      .map((_, i) => c.variants[i]?.name),
  );
  return check(
    'sides',
    uneven.length === 0,
    uneven.length ? `Only one side is dosed: ${uneven.join(', ')}` : 'Left and right get the same',
  );
}

function planesText(columns: readonly Column[]): string {
  const missing = planes.filter((p) => !columns.some((c) => coversPlane(c, p)));
  return missing.length ? `Nothing in the ${missing.join(' and ')} plane` : 'All three planes';
}

/** A need of this share or more should not be covered less than this. Common practice, no source. */
const [askedFrom, coveredFrom] = [0.1, 0.3];

/** Whether everything that is asked much is covered at all; of performance and prevention alike. */
function coverageChecks({ demands }: Context, columns: readonly Column[]): Check[] {
  if (columns.length === 0) return [];
  const bare = demands.filter((demand, d) => {
    const dose = columns.reduce((s, c) => s + (c.gives[d] as number), 0);
    return demand.share >= askedFrom && coverage(dose) < coveredFrom;
  });
  const named = bare.map((d) =>
    d.kind === 'action'
      ? d.name.toLowerCase()
      : `${d.kind === 'risk' && d.returning ? 'bringing back the' : 'protecting the'} ${d.name}`,
  );
  return bare.length ? [check('coverage', false, `Little for: ${named.join(', ')}. Add one?`)] : [];
}

/** Joints that the work asks much of and nothing before it makes ready. */
function readyChecks(context: Context, columns: readonly Column[]): Check[] {
  const ready = new Set(
    columns
      .filter((c) => readyingBlocks.has(c.group.block))
      .flatMap((c) => c.variants.flatMap((v) => [...readies(context, v)])),
  );
  const bare = [...sessionShares(context, columns)].filter(
    ([joint, { share }]) => share >= readyFromOf(joint) && !ready.has(joint),
  );
  return bare.map(([joint, { share, by }]) =>
    check(
      `ready.${joint}`,
      false,
      `Nothing makes the ${joint} ready, and ${by} asks ${Math.round(share * 100)} % of it`,
    ),
  );
}

/** Landings of the work; the light hops of a warm-up are not counted. */
function loadChecks({ brief }: Context, columns: readonly Column[]): Check[] {
  const contacts = columns.reduce((s, c) => s + (preparingBlocks.has(c.group.block) ? 0 : c.impactContacts), 0);
  const most = mostContacts(brief);
  const regions = new Set(
    columns.flatMap((c) => c.variants.flatMap((v) => v.regions.filter((r) => r.high).map((r) => r.region))),
  );
  const doubled = [...regions].filter((r) => columns.reduce((s, c) => s + highSets(c, r), 0) > mostHighSets);
  return [
    check('contacts', contacts <= most, `${contacts} jump contacts, at most ${most}`),
    check(
      'regions',
      doubled.length === 0,
      doubled.length ? `Many heavy sets on: ${doubled.join(', ')}` : 'No region loaded twice too often',
    ),
  ];
}

/** What of a choice does not keep to the change that a restriction asks for. */
function unkept({ adapted, dose: asked, speed }: Variant, { dose }: Choice): string | undefined {
  if (!adapted) return undefined;
  if (adapted.onlySide && dose.perSide) return `only on the ${adapted.onlySide} side`;
  if (asked.work.kind === 'hold' && dose.work.kind !== 'hold') return 'held, not moved';
  if (asked.work.kind === 'hold' && dose.work.kind === 'hold' && dose.work.seconds > asked.work.seconds)
    return `holds of ${asked.work.seconds} s at the most`;
  if (speed === 'slow' && asked.tempo?.rising !== 'X' && dose.tempo?.rising === 'X') return 'slow, not fast';
  return undefined;
}

/** A load beyond what is left of the maximum of a restricted part. */
function tooHeavy({ capacity, brief }: Context, { variant, shareCeiling }: Feasibility, { load }: Choice) {
  const loading = load?.kg === undefined || shareCeiling >= 1 ? undefined : loadingOf(load, brief.kit);
  if (!loading) return undefined;
  const { share } = effortOf(capacity, variant, loading);
  // What is planned to the ceiling may come out a hair over it once it is rounded.
  return share > shareCeiling + 0.005
    ? `${Math.round(100 * share)} % of max, and at most ${Math.round(100 * shareCeiling)} % with this restriction`
    : undefined;
}

function restrictionChecks(context: Context, columns: readonly Column[]): Check[] {
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
  const kept = `${standing.length} restriction${standing.length > 1 ? 's' : ''} kept${adapted ? `, ${adapted} exercise${adapted > 1 ? 's' : ''} changed for it` : ''}; the clinician's word comes first`;
  const texts = against.length ? `Against a restriction: ${against.join(' ')}` : kept;
  return [
    ...(tooHard.length ? [check('load', false, tooHard.join(' '), 'stop')] : []),
    ...(standing.length ? [check('restrictions', against.length === 0, texts, 'stop')] : []),
    ...(impossible.length ? [check('kit', false, impossible.join(' '), 'stop')] : []),
  ];
}

function seasonChecks({ brief }: Context, columns: readonly Column[]): Check[] {
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
        ? `${sore.map((v) => v.name).join(', ')}: ${days === 1 ? 'one day' : `${days} days`} before the fixture`
        : days === 1
          ? 'Fixture tomorrow'
          : `${days} days to the next fixture`,
    ),
  ];
}

/** A region should not be loaded high in more sets than this in seven days: three sessions at their most. Common practice, no source. */
const mostHighSetsInWeek = 3 * mostHighSets;
/** Two days and more between sessions with many landings: handbook of the National Strength and Conditioning Association (values from memory). */
const [daysBetweenLandings, manyLandings] = [2, 40];

function weekChecks({ brief, catalogue }: Context, columns: readonly Column[]): Check[] {
  const { recent } = brief.season;
  if (!recent?.length) return [];
  const today = columns
    .filter((c) => mainBlocks.has(c.group.block))
    .flatMap((c) => c.variants.map((variant, i) => ({ variant, sets: c.group.choices[i]?.dose.sets ?? 0 })));
  const { byRegion, sets, daysSinceLandings } = weekTotals(brief.date, recent, catalogue, today);
  const over = [...byRegion].filter(([, count]) => count > mostHighSetsInWeek);
  const landings = columns.reduce((s, c) => s + c.impactContacts, 0);
  const soon = daysSinceLandings !== undefined && daysSinceLandings < daysBetweenLandings && landings > manyLandings;
  return [
    check(
      'week',
      over.length === 0,
      over.length
        ? `In seven days ${over.map(([region, count]) => `${count} heavy sets on the ${region}`).join(', ')}, ${mostHighSetsInWeek} at the most`
        : `${sets} hard sets in seven days`,
    ),
    ...(soon
      ? [check('week.landings', false, `${landings} jump contacts, and there were some yesterday: leave 48 hours`)]
      : []),
  ];
}

/** When strength is the aim, whether any of it is heavy enough to be called so. */
function zoneChecks({ brief }: Context, columns: readonly Column[]): Check[] {
  const wanted = wantedHeavySets(brief);
  if (wanted === 0 || columns.length === 0) return [];
  const heavy = columns.reduce((s, c) => s + c.heavySets, 0);
  return [
    check(
      'zone',
      heavy > 0,
      heavy
        ? `${heavy} sets of maximal strength`
        : 'Nothing here is heavy enough for maximal strength: this trains speed, muscle and one side at a time instead',
    ),
  ];
}

function ageChecks({ brief }: Context): Check[] {
  const age = ageOn(brief.athlete.born, brief.date);
  const { sleepHours } = brief.athlete.readiness ?? {};
  // AASM consensus (Paruthi 2016) for 13-18 years, Watson 2015 for adults; values from memory.
  const enough = age < 18 ? 8 : 7;
  return [
    ...(age < 18
      ? [{ id: 'minor', status: 'warn' as const, text: `${age} years old: an adult in reach while training` }]
      : []),
    ...(sleepHours !== undefined && sleepHours < enough
      ? [
          {
            id: 'sleep',
            status: 'warn' as const,
            text: `Slept ${sleepHours} h, ${enough} or more are wanted: keep it easy`,
          },
        ]
      : []),
  ];
}
