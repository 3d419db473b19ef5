import { capital } from '../common/text';
import { keptOf } from '../exercise/mechanics/placed';
import type { Variant } from '../exercise/model/variant';
import type { Region } from '../exercise/model/vocabulary';
import type { Standing } from './restriction';
import { type Change, isStricter, type RangeJoint, type VerdictKind } from './rule';
import { standingWords, verdictOf } from './verdict';

/** What all restrictions of an athlete together say of one exercise. */
export interface Limit {
  verdict: VerdictKind;
  /** What is changed, one instruction each. */
  changes: readonly Change[];
  /** Why, one sentence a restriction, with the restriction it comes from. */
  why: readonly string[];
  /** No weight that the movement does not need: it would hang from a part that may not carry. */
  unweighted: boolean;
}

/** Parts that a weight in hand, on the back or at the chest hangs from. */
const carrying: ReadonlySet<Region> = new Set(['neck', 'shoulder', 'elbow', 'wrist', 'upper-back', 'lower-back']);

const mayNotCarry = ({ region, severity, cause }: Standing) =>
  carrying.has(region) && (severity === 'avoid' || cause === 'post-operative-early' || cause === 'bone-stress');

/**
 * The strictest verdict wins, and changes add up. An exercise that one restriction leaves to the left side and another to the right is out.
 *
 * @example limitOf(gobletSquat, [leftKnee]).verdict // 'adapted'
 */
export function limitOf(variant: Variant, standings: readonly Standing[]): Limit {
  return keptOf(kept, variant, keyOf(standings), () => workedOut(variant, standings));
}

const kept = new WeakMap<Variant, Map<string, Limit>>();
const keys = new WeakMap<readonly Standing[], string>();

/** What tells one set of restrictions from another; the same list is asked about for every exercise. */
function keyOf(standings: readonly Standing[]): string {
  const known = keys.get(standings) ?? JSON.stringify(standings);
  keys.set(standings, known);
  return known;
}

function workedOut(variant: Variant, standings: readonly Standing[]): Limit {
  const unweighted = standings.some(mayNotCarry);
  if (standings.length === 0) return { verdict: 'allowed', changes: [], why: [], unweighted };
  const all = standings.map((standing) => ({ standing, verdict: verdictOf(variant, standing) }));
  const kind = all.reduce<VerdictKind>(
    (worst, { verdict }) => (isStricter(verdict.kind, worst) ? verdict.kind : worst),
    'allowed',
  );
  if (kind === 'allowed') return { verdict: kind, changes: [], why: [], unweighted };
  const counted = all.filter(({ verdict }) => verdict.kind === kind);
  const why = [
    ...new Set(counted.map(({ standing, verdict }) => `${capital(standingWords(standing))}: ${verdict.why ?? ''}`)),
  ];
  const changes = kind === 'not' ? [] : counted.flatMap(({ verdict }) => verdict.changes);
  if (new Set(changes.flatMap((c) => c.onlySide ?? [])).size > 1)
    return { verdict: 'not', changes: [], why, unweighted };
  return { verdict: kind, changes, why, unweighted };
}

/** All changes of an exercise as one. */
export interface CombinedChange {
  say: readonly string[];
  range: Readonly<Partial<Record<RangeJoint, number>>>;
  rangeShare: number;
  load: number;
  handSupport: boolean;
  slow: boolean;
  hold?: { sets: number; seconds: number };
  holdAtMost?: number;
  instead?: string;
  onlySide?: 'left' | 'right';
  contacts?: number;
}

const least = (values: readonly (number | undefined)[]): number | undefined => {
  const known = values.filter((v) => v !== undefined);
  return known.length ? Math.min(...known) : undefined;
};

/** @example combined([{ say: 'To 60°.', range: { knee: 60 } }, { say: 'Light.', load: 0.5 }]).load // 0.5 */
export function combined(changes: readonly Change[]): CombinedChange {
  const range: Partial<Record<RangeJoint, number>> = {};
  for (const change of changes)
    for (const [joint, to] of Object.entries(change.range ?? {}) as [RangeJoint, number][])
      range[joint] = Math.min(to, range[joint] ?? Infinity);
  const holds = changes.flatMap((c) => c.hold ?? []);
  const holdAtMost = least(changes.map((c) => c.holdAtMost));
  const contacts = least(changes.map((c) => c.contacts));
  const instead = changes.find((c) => c.instead)?.instead;
  const onlySide = changes.find((c) => c.onlySide)?.onlySide;
  return {
    say: [...new Set(changes.map((c) => c.say))],
    range,
    rangeShare: least(changes.map((c) => c.rangeShare)) ?? 1,
    load: least(changes.map((c) => c.load)) ?? 1,
    handSupport: changes.some((c) => c.handSupport),
    slow: changes.some((c) => c.slow),
    ...(holds.length
      ? { hold: { sets: Math.min(...holds.map((h) => h.sets)), seconds: Math.min(...holds.map((h) => h.seconds)) } }
      : {}),
    ...(holdAtMost === undefined ? {} : { holdAtMost }),
    ...(instead ? { instead } : {}),
    ...(onlySide ? { onlySide } : {}),
    ...(contacts === undefined ? {} : { contacts }),
  };
}
