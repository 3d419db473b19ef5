import { partWords } from '../common/text';
import type { Variant } from '../exercise/model/variant';
import { armRegions, legRegions, type Region } from '../exercise/model/vocabulary';
import { type Cause, causeWords } from './causes';
import { movementGroups } from './groups';
import { type MovementFacts, movementOf } from './movement';
import { regionLimits } from './regions';
import { causeOf, type Restriction, type Standing, stageContacts } from './restriction';
import { type Change, isStricter, type LimitRule, type RangeJoint, type VerdictKind } from './rule';

/** What one restriction says of one exercise. */
export interface Verdict {
  kind: VerdictKind;
  /** In a coach's words; left out where nothing stands against it. */
  why?: string;
  /** Everything that is changed. */
  changes: readonly Change[];
}

const allowed: Verdict = { kind: 'allowed', changes: [] };
const not = (why: string): Verdict => ({ kind: 'not', why, changes: [] });
const changedTo = (why: string, ...changes: readonly Change[]): Verdict => ({ kind: 'adapted', why, changes });

/** Exercises that stay inside what an early operation or a bone stress still allows, although `avoid` would not have them. */
const stillAllowed: Partial<Record<Cause, Partial<Record<Region, readonly string[]>>>> = {
  'post-operative-early': { knee: ['knee-press-down'], calf: ['bridge'], shoulder: ['fist-open-close'] },
  'bone-stress': { 'lower-back': ['dead-bug', 'dead-bug-arms'], foot: ['bridge', 'hip-thrust'] },
};

const stricterOf = (one: Verdict, other: Verdict) => (isStricter(other.kind, one.kind) ? other : one);

/** The stricter of two; where both ask for a change, both changes. */
function together(one: Verdict, other: Verdict): Verdict {
  if (one.kind !== 'adapted' || other.kind !== 'adapted') return stricterOf(one, other);
  const why = [one.why, other.why].filter((w) => w !== undefined).join(' ');
  return changedTo(why, ...one.changes, ...other.changes);
}

/**
 * What a restriction says of an exercise: the first rule of the region that holds decides. `avoid` is never looser than `limit`; early after an
 * operation and with a bone stress `limit` is read as `avoid` as well; a concussion is read in the table of the neck, whatever region was named.
 * A stage, a range and the weight a leg may carry come on top.
 *
 * @example verdictOf(gobletSquat, { region: 'knee', side: 'left', severity: 'limit', cause: 'unstated' }).kind // 'adapted'
 */
export function verdictOf(variant: Variant, standing: Standing): Verdict {
  const m = movementOf(variant);
  const named = standing.without?.find((group) => movementGroups[group].holds(m));
  if (named) return not(`No ${movementGroups[named].words}.`);
  const base = tableVerdict(m, standing);
  const staged = standing.stage === undefined ? base : stageVerdict(m, standing, base);
  return together(together(staged, weightVerdict(m, standing)), rangeVerdict(m, standing));
}

/** What the tables alone say. */
function tableVerdict(m: MovementFacts, standing: Standing): Verdict {
  if (standing.cause === 'concussion') return bySeverity(m, { ...standing, region: 'neck', side: 'both' });
  const own = bySeverity(m, standing);
  if (standing.severity === 'avoid') return own;
  const held = standing.cause === 'post-operative-early' || standing.cause === 'bone-stress';
  const exceptions = stillAllowed[standing.cause]?.[standing.region];
  // A stage that a clinician has written down goes before this.
  if (!held || (standing.stage ?? 1) > 1 || exceptions?.includes(m.variant.id)) return own;
  return stricterOf(own, firstMatch(m, { ...standing, severity: 'avoid' }));
}

/** `avoid` is never looser than `limit`. */
function bySeverity(m: MovementFacts, standing: Standing): Verdict {
  const own = firstMatch(m, standing);
  return standing.severity === 'limit' ? own : stricterOf(own, firstMatch(m, { ...standing, severity: 'limit' }));
}

const holds = (rule: LimitRule, cause: Cause, m: MovementFacts) =>
  (!rule.causes || rule.causes.includes(cause)) && !rule.except?.includes(cause) && rule.when(m);

function firstMatch(m: MovementFacts, standing: Standing): Verdict {
  const { region, severity, cause } = standing;
  const rule = regionLimits[region][severity].find((r) => holds(r, cause, m));
  if (!rule) return unwritten(m, standing);
  if (rule.verdict === 'allowed') return allowed;
  if (rule.verdict === 'not' && rule.oneSided && otherSideTrains(m, standing)) return onOtherSide(rule.why, standing);
  return rule.change ? changedTo(rule.why, rule.change) : not(rule.why);
}

function onOtherSide(why: string, { side }: Standing): Verdict {
  const sound = side === 'left' ? 'right' : 'left';
  return changedTo(why, { say: `Only on the ${sound} side.`, onlySide: sound });
}

/** What no rule speaks of: the marks of the library decide. */
function unwritten(m: MovementFacts, { region, severity }: Standing): Verdict {
  const mark = m.variant.regions.find((r) => r.region === region);
  if (!mark) return allowed;
  if (severity === 'avoid') return not('It is loaded.');
  if (!mark.high && !mark.deep && !mark.landing) return allowed;
  return changedTo(mark.high ? 'High load.' : 'The end of its range.', {
    say: 'Less load and a smaller range; pain at most 2.',
    load: 0.5,
    rangeShare: 0.6,
  });
}

/** The sound side may still train: one side at a time, slowly, and nothing a misstep could hurt. */
function otherSideTrains(m: MovementFacts, { region, side, severity, cause }: Standing): boolean {
  if (side === 'both' || m.variant.side !== 'single') return false;
  // Propped sideways on one forearm, the other arm is free.
  if (armRegions.has(region))
    return !m.fast && !m.handsLoaded && (!m.at('hands-and-feet') || m.pattern('hip-adduction', 'hip-abduction'));
  if (!legRegions.has(region) || m.lands || m.fast || cause === 'post-operative-early') return false;
  if (severity === 'avoid') return (region === 'calf' || region === 'ankle' || region === 'foot') && m.at('one-foot');
  return m.at('one-foot', 'lying', 'sitting');
}

/** The restricted part is not used at all. */
const untouched = (m: MovementFacts, { region, cause }: Standing) => cause !== 'concussion' && !m.loads(region);

/** What a stage makes of the table's verdict; each stage allows what the one before allowed. */
function stageVerdict(m: MovementFacts, standing: Standing, base: Verdict): Verdict {
  const stage = standing.stage as NonNullable<Standing['stage']>;
  if (stage === 1) return holdsOnly(m, standing, base);
  if (stage === 2 || base.kind === 'allowed' || standing.severity === 'avoid') return base;
  if (base.kind === 'adapted') return stage === 5 ? allowed : base;
  if (m.lands) {
    if (stage === 3) return base;
    const contacts = stageContacts[stage];
    return changedTo(base.why ?? '', {
      say: `At most ${contacts} contacts, quiet landings, none if it is swollen.`,
      contacts,
    });
  }
  if (m.fast && stage === 3) return base;
  if (m.partner && m.has('unforeseen') && stage < 5) return base;
  return changedTo(base.why ?? '', { say: 'Half the load, slow and controlled; pain at most 2.', load: 0.5 });
}

function holdsOnly(m: MovementFacts, standing: Standing, base: Verdict): Verdict {
  if (base.kind === 'not' || untouched(m, standing) || m.variant.dose.work.kind === 'hold') return base;
  if (m.fast || m.lands) return not('Stage 1: holds only.');
  return changedTo('Stage 1: holds only.', ...base.changes, {
    say: 'Hold still at mid range.',
    hold: { sets: 5, seconds: 20 },
  });
}

function weightVerdict(m: MovementFacts, standing: Standing): Verdict {
  const { weightBearing, region, side } = standing;
  if (!weightBearing || weightBearing === 'full' || !legRegions.has(region)) return allowed;
  const carries = m.standing || m.at('hands-and-feet') || m.kneeling;
  if (!carries) return allowed;
  if (weightBearing === 'none') return not('The leg may not carry any weight.');
  if (m.fast || m.lands || m.at('split')) return not('The leg may carry only part of the weight.');
  const why = 'The leg may carry only part of the weight.';
  if (!m.at('one-foot')) return changedTo(why, { say: 'Hands on a support, weight on the sound leg.', load: 0 });
  return side === 'both' || m.variant.side !== 'single' ? not(why) : onOtherSide(why, standing);
}

/** The angle that a range in degrees is about; regions without one joint of their own are not asked for any. */
const rangeJointOf: Partial<Record<Region, RangeJoint>> = {
  knee: 'knee',
  hip: 'hip',
  hamstring: 'hip',
  groin: 'hipOut',
  ankle: 'ankle',
  calf: 'ankle',
  shoulder: 'armRaised',
  'upper-back': 'trunkTurned',
};

function rangeVerdict(m: MovementFacts, { region, rangeDegrees }: Standing): Verdict {
  const joint = rangeJointOf[region];
  if (!rangeDegrees || !joint) return allowed;
  const [from, to] = rangeDegrees;
  // A free leg that straightens goes through all of it; a leg that stands is straight without working there.
  if (from > 0 && joint === 'knee' && m.acts('knee') && !m.standing && !m.kneeling)
    return not(`Short of the ${from}° that it must keep.`);
  if (!m.over(joint === 'knee' ? 'kneeLoaded' : joint, to)) return allowed;
  return changedTo(`Past the ${to}° that are allowed.`, { say: `Only to ${to}°.`, range: { [joint]: to } });
}

/** A restriction in a few words. @example standingWords({ region: 'knee', side: 'left', severity: 'limit', cause: 'tendon' }) // 'left knee, limit, tendon pain' */
export function standingWords({
  region,
  side,
  severity,
  cause,
}: Pick<Standing, 'region' | 'side' | 'severity' | 'cause'>): string {
  return [partWords({ region, side }), severity, ...(cause === 'unstated' ? [] : [causeWords[cause].name])].join(', ');
}

/** A restriction as it was agreed, in a few words. @example restrictionWords({ region: 'knee', side: 'left', severity: 'limit', reason: 'ACL late' }) // 'left knee, limit, operation, late' */
export function restrictionWords(restriction: Restriction): string {
  const { region, side = 'both', severity } = restriction;
  return standingWords({ region, side, severity, cause: causeOf(restriction) });
}
