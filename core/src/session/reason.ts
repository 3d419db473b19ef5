import type { Effort } from '../capacity/capacity';
import type { Interval } from '../capacity/interval';
import { mostCounted } from '../dose/repetitions';
import { momentWords } from '../exercise/moments';
import type { Variant } from '../exercise/variant';
import { loadingOf } from '../kit/loads';
import { capital } from '../words';
import type { Context } from './context';
import { type Demand, likeness } from './demands';
import type { Choice, Group } from './draft';
import { preparingBlocks, readied, readies, readyFrom, readyingBlocks, type SessionShares } from './joint-load';
import { varietyWords } from './variety';

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** The demand that an item serves best, weighted by how much it is asked. */
function foremost(
  context: Context,
  variant: Variant,
  block: Group['block'],
): { demand: Demand; given: number } | undefined {
  const guarding = block === 'prevention' || block === 'balance';
  const given = context.gives(variant);
  const ranked = context.demands
    .map((demand, d) => ({ demand, given: given[d] as number, wanted: (demand.kind !== 'action') === guarding }))
    .filter((d) => d.given > 0)
    .sort((a, b) => Number(b.wanted) - Number(a.wanted) || b.given * b.demand.weight - a.given * a.demand.weight);
  return ranked[0];
}

/** Under this share of the most a load trains no maximal strength, and the reason says so. */
const tooLight = 0.6;

function lightWords({ tempo }: Choice['dose']): string {
  if (tempo?.rising === 'X') return 'move it fast';
  if (tempo && tempo.lowering >= 3) return 'lower it slowly';
  return 'make it many';
}

function effortWords(effort: Effort, group: Group, { dose }: Choice, toFailure: Interval | undefined): string {
  const { momentNm, share } = effort;
  if (share > 1) return 'lower it as far as you can hold it, catch yourself with the hands';
  const moment = `${momentWords[effort.moment]} ${momentNm.toFixed(0)} N m, about ${percent(share)} of the most`;
  const repeated = dose.work.kind === 'reps';
  if (repeated && share < tooLight && (group.block === 'strength' || dose.tempo?.rising === 'X'))
    return `${moment}: too light for maximal strength, so ${lightWords(dose)}`;
  if (share >= 0.97) return `${moment}: at the limit, lower slowly and use the hands to come back`;
  if (repeated && toFailure && toFailure.mid < mostCounted)
    return `${moment}, ${Math.round(toFailure.low)} to ${Math.round(toFailure.high)} repetitions in all`;
  return moment;
}

/** Blocks whose items are not there for one movement of the sport. */
const supporting = new Set<Group['block']>([...preparingBlocks, 'flexibility', 'technique']);

/** Drills and stretches in their own right are there for the joints that the role uses. */
function usedReason(context: Context, variant: Variant): string {
  const used = [...new Set(variant.jointActions.map((a) => a.joint))]
    .map((joint) => ({ joint, share: context.use.get(joint) ?? 0 }))
    .sort((a, b) => b.share - a.share)[0];
  const why = used && used.share > 0 ? `; the ${used.joint} does ${percent(used.share)} of the work of this role` : '';
  return `${capital(variant.purpose)}${why}.`;
}

/** Warm-up and cool-down are there for the joints that the work of this session asks most of. */
function preparationReason(context: Context, block: Group['block'], variant: Variant, asked: SessionShares): string {
  const named = new Set(variant.jointActions.map(({ joint }) => readied(joint)));
  const [first] = [...(readyingBlocks.has(block) ? readies(context, variant) : named)]
    .flatMap((joint) => {
      const found = asked.get(joint);
      return found && found.share >= readyFrom ? [{ joint, ...found }] : [];
    })
    .sort((a, b) => Number(named.has(b.joint)) - Number(named.has(a.joint)) || b.share - a.share);
  if (!first) return usedReason(context, variant);
  const share = first.share > readyFrom ? `at ${percent(Math.min(first.share, 1))} of its most` : 'fast';
  return `${capital(variant.purpose)}; the ${first.joint} works ${share} in ${lower(first.by)}.`;
}

function aimWords(context: Context, variant: Variant, demand: Demand): string {
  if (demand.kind === 'action')
    return `${demand.action.name}: ${percent(likeness(variant, demand, context.weights))} alike`;
  if (demand.kind === 'risk')
    return `${demand.returning ? 'Brings back' : 'Guards'} the ${demand.name}: ${demand.risk.why}`;
  return `${capital(demand.overuse.opposite)}, against ${demand.overuse.tooMuch}`;
}

/**
 * What an item is for, in the words of an athlete: the movement of the sport that it serves most, the place it guards, or what it prepares.
 *
 * @example servedWords(context, 'power', countermovementJump) // 'for jump shot take-off'
 */
export function servedWords(context: Context, block: Group['block'], variant: Variant): string {
  const main = supporting.has(block) ? undefined : foremost(context, variant, block);
  if (!main) return variant.purpose;
  const { demand } = main;
  if (demand.kind === 'action') return `for ${lower(demand.name)}`;
  if (demand.kind === 'risk') return `${demand.returning ? 'brings back' : 'guards'} the ${demand.name}`;
  return `for the ${demand.overuse.opposite}`;
}

/** One short sentence with its number: what the item is for, and how hard it is for this athlete. */
export function reasonFor(
  context: Context,
  group: Group,
  variant: Variant,
  choice: Choice,
  asked: SessionShares,
  effort?: Effort,
): string {
  if (preparingBlocks.has(group.block)) return preparationReason(context, group.block, variant, asked);
  if (supporting.has(group.block)) return usedReason(context, variant);
  const main = foremost(context, variant, group.block);
  const aim = main ? aimWords(context, variant, main.demand) : capital(variant.purpose);
  if (!effort)
    return choice.load && choice.load.kg === undefined
      ? `${aim}; band force unknown, so stop with ${choice.dose.reserve ?? 2} left.`
      : `${aim}.`;
  const loading = loadingOf(choice.load, context.brief.kit) ?? {};
  const toFailure = context.capacity.toFailure(variant, loading);
  const kept = varietyWords(context.brief, variant, group.block);
  return `${aim}; ${effortWords(effort, group, choice, toFailure)}${kept ? `; ${kept}` : ''}.`;
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** The terms behind a reason, for whoever wants to see the derivation; effort and repetitions where the force is known. */
export function derivation(context: Context, variant: Variant, load: Choice['load']) {
  const { capacity } = context;
  const loading = loadingOf(load, context.brief.kit);
  const given = context.gives(variant);
  return {
    effort: loading && capacity.effort(variant, loading),
    toFailure: loading && capacity.toFailure(variant, loading),
    shown: capacity.shown.get(variant.id),
    gives: context.demands.map((demand, d) => ({ demand, given: given[d] as number })).filter((g) => g.given > 0),
  };
}
