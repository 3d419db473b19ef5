import { partWords } from '../common/text';
import { dayIn, isFault, type TextFault } from '../date/day-text';
import { hasSides, type Region, regions } from '../exercise/model/vocabulary';
import { type Cause, causeInText, causes } from '../limits/causes';
import { type MovementGroup, movementGroupIds, movementGroups } from '../limits/groups';
import { type Restriction, type Setter, type Stage, stages, type WeightBearing } from '../limits/restriction';
import {
  causeAsTyped,
  causeNames,
  groupNames,
  named,
  regionNames,
  setterNames,
  severityNames,
  sideNames,
} from './restriction-vocabulary';

/** A restriction read from a line, or every part that could not be read; with what could still be said. */
export interface RestrictionReading {
  restriction?: Restriction;
  faults: readonly TextFault[];
  /** Parts that are still open, in the order a coach would say them. */
  open: readonly ('region' | 'severity' | 'cause' | 'setBy' | 'until')[];
}

interface Found {
  region?: Region;
  side?: 'left' | 'right' | 'both';
  severity?: 'avoid' | 'limit';
  cause?: Cause;
  since?: string;
  until?: string;
  rangeDegrees?: readonly [number, number];
  weightBearing?: WeightBearing;
  stage?: Stage;
  setBy?: Setter;
  without: MovementGroup[];
  reason: string[];
  faults: TextFault[];
}

/** "until 15 jan", "since 3 march": what is before the day counts, too. */
function readDay(found: Found, field: 'since' | 'until', text: string, today: string): void {
  const read = dayIn(text.trim(), today);
  if (!read)
    found.faults.push({ part: `${field} ${text}`.trim(), message: 'needs a day, such as 15 jan or 2027-01-15' });
  else if (isFault(read)) found.faults.push(read);
  else found[field] = read.on;
}

/** The year before where a day that has begun would lie ahead. */
const yearBefore = (day: string) => `${Number(day.slice(0, 4)) - 1}${day.slice(4)}`;

function readPart(found: Found, part: string, today: string): void {
  const days = /^(until|till|to|since|from|operated)\s+(.*\d.*)$/i.exec(part);
  const word = days?.[1]?.toLowerCase();
  const degrees = /(?:(-?\d+)\s*(?:-|–|to)\s*)?(-?\d+)\s*(?:°|deg(?:rees)?)/i.exec(part);
  if (degrees) {
    found.rangeDegrees = [Number(degrees[1] ?? 0), Number(degrees[2])];
    if (found.rangeDegrees[0] >= found.rangeDegrees[1])
      found.faults.push({ part, message: 'must go from the smaller to the larger, such as 0-60°' });
    return;
  }
  if (days && (word === 'until' || word === 'till')) {
    readDay(found, 'until', days[2] as string, today);
    return;
  }
  if (days && (word === 'since' || word === 'operated')) {
    readDay(found, 'since', days[2] as string, today);
    if (found.since !== undefined && found.since > today) found.since = yearBefore(found.since);
    return;
  }
  const stage = /^stage\s*(\d+)$/i.exec(part);
  if (stage) {
    const value = Number(stage[1]);
    if (value >= 1 && value <= 5) found.stage = value as Stage;
    else found.faults.push({ part, message: 'must be a stage from 1 to 5' });
    return;
  }
  const bears = /^(no|partial|half|full) weight(?:[- ]bearing)?$/i.exec(part);
  if (bears) {
    const how = (bears[1] as string).toLowerCase();
    found.weightBearing = how === 'no' ? 'none' : how === 'full' ? 'full' : 'partial';
    return;
  }
  const without = /^(?:no|without)\s+(.+)$/i.exec(part);
  if (without) {
    if (/^load\b/i.test(without[1] as string)) {
      found.severity = 'avoid';
      readWords(found, (without[1] as string).replace(/^load(\s+on)?/i, ''));
      return;
    }
    const group = named(groupNames, without[1] as string);
    if (group) found.without.push(group.value);
    else
      found.faults.push({
        part,
        message: `is not a known movement. Known: ${movementGroupIds.map((g) => movementGroups[g].words).join(', ')}`,
      });
    return;
  }
  readWords(found, part);
}

/** A field, where something was found for it. */
const onlyIf = <T>(field: string, value: T | undefined) => (value === undefined ? {} : { [field]: value });

/** Everything a part may name in any order; what is left over is the reason. */
function readWords(found: Found, part: string): void {
  let rest = part;
  const take = <T>(names: readonly (readonly [string, T])[]): T | undefined => {
    const hit = named(names, rest);
    if (hit) rest = hit.rest;
    return hit?.value;
  };
  Object.assign(found, {
    ...onlyIf('side', take(sideNames)),
    ...onlyIf('severity', take(severityNames)),
    ...onlyIf('setBy', take(setterNames)),
  });
  const cause = take(causeNames);
  const whole = rest;
  if (!found.region) {
    const region = take(regionNames);
    if (region) found.region = region;
  }
  const said = cause ?? causeInText(whole);
  if (said !== 'unstated' && (found.cause === undefined || cause)) found.cause = said;
  const words = rest.replace(/^(on|of|for|the|by|my|her|his)\b/i, '').trim();
  if (words) found.reason.push(/^(acl|meniscus|achilles|adductor|cuff|rib|patella)\b/i.test(whole) ? whole : words);
}

/**
 * Reads a restriction as it is said: "left knee, limit, ACL late, no kneeling, until 15 Jan, physio". Parts are separated by commas, in any order;
 * words that name nothing are the reason.
 *
 * @example readRestrictionText('left knee, limit, ACL late, until 15 jan, physio', '2026-12-09').restriction?.cause // 'post-operative-late'
 */
export function readRestrictionText(text: string, today: string): RestrictionReading {
  const found: Found = { without: [], reason: [], faults: [] };
  for (const part of text.split(/[,;]/).map((p) => p.trim())) if (part) readPart(found, part, today);
  // A knock to the head needs no part of the body to be named.
  if (found.cause === 'concussion') found.region ??= 'neck';
  const { region, severity, without, reason, faults, ...rest } = found;
  const open = (['region', 'severity', 'cause', 'setBy', 'until'] as const).filter(
    (field) => found[field] === undefined,
  );
  if (text.trim() && !region)
    faults.push({
      part: text.trim(),
      message: 'names no part of the body; such as left knee, lower back, right shoulder',
    });
  if (rest.since && rest.until && rest.until < rest.since)
    faults.push({ part: `until ${rest.until}`, message: `must not be before ${rest.since}` });
  if (!region || faults.length) return { faults, open };
  const words = reason.join(', ');
  return {
    restriction: {
      region,
      severity: severity ?? 'limit',
      ...rest,
      ...(without.length ? { without } : {}),
      ...(words ? { reason: words } : {}),
    },
    faults: [],
    open,
  };
}

/**
 * A restriction as it would be typed; reading it again gives the same.
 *
 * @example writeRestrictionText({ region: 'knee', side: 'left', severity: 'limit', cause: 'tendon' }) // 'left knee, limit, tendon pain'
 */
export function writeRestrictionText(restriction: Restriction): string {
  const { severity, cause, reason, since, until, rangeDegrees, weightBearing, stage, without, setBy } = restriction;
  const causeName = cause === undefined || cause === 'unstated' ? undefined : causeAsTyped(cause);
  const parts = [
    partWords(restriction),
    severity,
    causeName,
    ...(without ?? []).map((group) => `no ${movementGroups[group].words}`),
    rangeDegrees && `${rangeDegrees[0]} to ${rangeDegrees[1]}°`,
    weightBearing && `${weightBearing === 'none' ? 'no' : weightBearing} weight`,
    stage && `stage ${stage}`,
    since && `since ${since}`,
    until && `until ${until}`,
    setBy,
    reason,
  ];
  return parts.filter((part) => part).join(', ');
}

/** Everything that a part of a line may begin with, as it is completed. */
const completions: readonly string[] = [
  ...regions.flatMap((region) => {
    const sides = hasSides(region) ? (['left', 'right', 'both'] as const) : (['both'] as const);
    return sides.map((side) => partWords({ region, side }));
  }),
  'limit',
  'avoid',
  ...causes.filter((cause) => cause !== 'unstated').map(causeAsTyped),
  ...movementGroupIds.map((group) => `no ${movementGroups[group].words}`),
  ...stages.map((stage) => `stage ${stage}`),
  'no weight',
  'partial weight',
  'until ',
  'since ',
  'physiotherapist',
  'doctor',
  'coach',
];

/**
 * How the part that is being typed may go on, as whole lines.
 *
 * @example completionsOf('left knee, li', 5) // ['left knee, limit']
 */
export function completionsOf(text: string, most: number): string[] {
  const at = text.lastIndexOf(',') + 1;
  const before = text.slice(0, at);
  const typed = text.slice(at).trimStart().toLowerCase();
  if (!typed) return [];
  const starts = completions.filter((c) => c.startsWith(typed) && c !== typed);
  return starts.slice(0, most).map((c) => `${before}${before ? ' ' : ''}${c}`);
}
