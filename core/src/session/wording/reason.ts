import type { Effort } from '../../capacity/action-capacity';
import { capital } from '../../common/text';
import type { Variant } from '../../exercise/model/variant';
import { preparingBlocks, readyingBlocks } from '../../exercise/model/vocabulary';
import { loadingOf } from '../../kit/loads';
import type { SignatureRow } from '../../sport/signature/row';
import type { Context } from '../context/context';
import type { Demand } from '../context/demands';
import type { Choice, Group } from '../draft/draft';
import { isEccentricOnly } from '../prescription/item-zone';
import { decidedWords } from '../prescription/progress-decision';
import { readied, readies, readyFrom, type SessionShares } from '../scoring/joint-load';
import { varietyWords } from '../scoring/variety';

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

/** Fractions of the maximum from which a set is heavy, and below which a load is light. */
const [heavyFrom, lightBelow] = [0.82, 0.5];

/** Why this dose, in one sentence; nothing where there is nothing to say. */
function doseReason({ block }: Group, variant: Variant, choice: Choice, share: number | undefined): string | undefined {
  const { dose, load } = choice;
  const left = dose.reserve === undefined ? undefined : `stop with ${dose.reserve} reps left`;
  if (share === undefined)
    return load && load.kg === undefined && dose.work.kind === 'reps'
      ? `Unmeasured band: stop with ${dose.reserve ?? 2} reps left.`
      : undefined;
  if (isEccentricOnly(variant) && share > lightBelow)
    return 'Lower as far as you can control, catch yourself with the hands.';
  if (variant.speed === 'fast')
    return block === 'power' ? 'Every repetition fast, full rest: stop when it slows down.' : undefined;
  if (dose.work.kind === 'hold') return share >= heavyFrom ? 'Short, because it is hard for you.' : undefined;
  if (dose.work.kind !== 'reps') return undefined;
  if (share >= heavyFrom) return `Heavy, so few repetitions and a long rest${left ? `; ${left}` : ''}.`;
  if (share < lightBelow && block === 'strength') {
    const it = load?.kg === undefined ? 'This is' : `${load.kg} kg is`;
    if (dose.tempo?.rising === 'X') return `${it} light for you, so push up fast.`;
    if ((dose.tempo?.lowering ?? 0) >= 3) return `${it} light for you, so ${dose.tempo?.lowering} slow seconds down.`;
    return `${it} light for you, so more repetitions.`;
  }
  return left ? `${capital(left)}.` : undefined;
}

/** Blocks whose items are not there for one movement of the sport. */
const supporting = new Set<Group['block']>([...preparingBlocks, 'flexibility', 'technique']);

/** Warm-up and cool-down lead to the work of this session, and out of it. */
function preparationReason(context: Context, block: Group['block'], variant: Variant, asked: SessionShares): string {
  const named = new Set(variant.jointActions.map(({ joint }) => readied(joint)));
  const [first] = [...(readyingBlocks.has(block) ? readies(context, variant) : named)]
    .flatMap((joint) => {
      const found = asked.get(joint);
      return found && found.share >= readyFrom ? [{ joint, ...found }] : [];
    })
    .sort((a, b) => Number(named.has(b.joint)) - Number(named.has(a.joint)) || b.share - a.share);
  const purpose = capital(variant.purpose);
  if (!first) return `${purpose}.`;
  return readyingBlocks.has(block) ? `${purpose}. Ready for: ${first.by}.` : `${purpose}. After: ${first.by}.`;
}

/** The piece of the sport's signature work that an item serves, the heaviest first. */
export function rowServed(context: Context, variant: Variant, block: Group['block']): SignatureRow | undefined {
  return context.places.find(({ row, serves }) => row && row.kind !== 'range' && serves(variant, block) > 0)?.row;
}

/** Why it stands in this session: the sport's own work, else the pattern that the type asks for and what it is for. */
function purposeOf(context: Context, variant: Variant, block: Group['block']): string {
  const row = rowServed(context, variant, block);
  if (row) return row.reason;
  const main = foremost(context, variant, block);
  return main ? aimWords(main.demand) : `${capital(variant.purpose)}.`;
}

/** A movement as a sentence names it. */
const movementWords = (name: string) => (/^\w+ing\b/.test(name) ? lower(name) : `the ${lower(name)}`);

function aimWords(demand: Demand): string {
  if (demand.kind === 'action') return `For ${movementWords(demand.action.name)}.`;
  if (demand.kind === 'risk')
    return `${demand.returning ? 'Rebuilds' : 'Protects'} the ${demand.name}: ${demand.risk.why}.`;
  return `${capital(demand.overuse.opposite)}, against ${demand.overuse.tooMuch}.`;
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
  if (demand.kind === 'risk') return `${demand.returning ? 'rebuilds' : 'protects'} the ${demand.name}`;
  return `for the ${demand.overuse.opposite}`;
}

/** What it is for and why this dose, as one coach would say it to another. */
export function reasonFor(
  context: Context,
  group: Group,
  variant: Variant,
  choice: Choice,
  asked: SessionShares,
  effort?: Effort,
): string {
  if (preparingBlocks.has(group.block)) return preparationReason(context, group.block, variant, asked);
  if (group.block === 'flexibility') return `${capital(variant.purpose)}.`;
  const kept = decidedWords(context.brief, variant) ?? varietyWords(context.brief, variant, group.block);
  const parts = [
    purposeOf(context, variant, group.block),
    doseReason(group, variant, choice, effort?.share),
    kept && `${capital(kept)}.`,
  ];
  return parts.filter(Boolean).join(' ');
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
