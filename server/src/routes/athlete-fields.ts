import { isDeepStrictEqual } from 'node:util';
import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { readBrief, writeBrief } from '@tropaeum/core/formats/brief';
import { day } from '@tropaeum/core/formats/days';
import {
  guardedChanges,
  isReleased,
  isSamePlace,
  isSameRestriction,
  type Release,
} from '@tropaeum/core/limits/release';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import * as yup from 'yup';
import { HttpError, validationFailed } from '../middleware/http-error';
import { uuid, validated } from '../middleware/validated';
import type { AthleteFields, PlayedSport } from '../store/athletes';

const shape = yup.object({
  name: yup.string().trim().min(1, 'is required').max(80, 'must be 80 characters or fewer'),
  squadId: uuid,
  minutes: yup.number(),
  role: yup.string(),
});

/** Fields of the brief that are kept with the athlete, in the words of the document. */
export interface AthleteBody {
  name?: string;
  squadId?: string;
  minutes?: number;
  aim?: string;
  role?: string;
  athlete?: Partial<Brief['athlete']>;
  kit?: Brief['kit'];
  houseRules?: Brief['houseRules'];
  moved?: Brief['sport']['moved'];
  /** Releases in writing, for what only a clinician may loosen. */
  releases?: Release[];
}

function withoutNothing<T extends object>(fields: T): Partial<T> {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Partial<T>;
}

/** Reads what may be kept of an athlete by the same rules as a brief, on top of what is known. */
export function fieldsFrom(
  body: AthleteBody,
  known: Brief,
  sport: PlayedSport,
): { fields: AthleteFields; restrictions: readonly Restriction[] } {
  validated(shape, body);
  const merged = {
    ...writeBrief(known),
    ...withoutNothing({ minutes: body.minutes, aim: body.aim, kit: body.kit, houseRules: body.houseRules }),
    athlete: { ...known.athlete, ...body.athlete },
    sport: {
      ...sport,
      ...withoutNothing({ role: body.role ?? known.sport.role, moved: body.moved ?? known.sport.moved }),
    },
  };
  const reading = readBrief(merged);
  if ('faults' in reading) throw validationFailed(reading.faults);
  const { athlete, kit, houseRules, minutes, aim, sport: played } = reading.brief;
  return {
    fields: {
      name: body.name ?? '',
      squadId: body.squadId ?? '',
      role: played.role,
      born: athlete.born,
      sex: athlete.sex ?? null,
      heightCm: athlete.heightCm,
      massKg: athlete.massKg,
      level: athlete.level,
      dominantSide: athlete.dominantSide ?? null,
      minutes,
      aim,
      kit,
      houseRules,
      history: [...(athlete.history ?? [])],
      tests: [...(athlete.tests ?? [])],
      battery: [...(athlete.battery ?? [])],
      moved: played.moved ?? {},
    },
    restrictions: athlete.restrictions ?? [],
  };
}

const releaseShape = yup.object({
  releases: yup.array().of(
    yup.object({
      region: yup.string().required('is required'),
      side: yup.string().oneOf(['left', 'right', 'both'], 'must be left, right or both'),
      by: yup
        .string()
        .oneOf(['physiotherapist', 'doctor'], 'must be physiotherapist or doctor')
        .required('is required'),
      on: day.required('is required'),
      words: yup.string().trim().required('must say what is allowed').max(400, 'must be 400 characters or fewer'),
    }),
  ),
});

export function releasesFrom(body: AthleteBody): Release[] {
  return (validated(releaseShape, { releases: body.releases ?? [] }).releases ?? []) as Release[];
}

/** What only a clinician may loosen stays as it is without a release in writing. */
export function refuseUnreleased(
  before: readonly Restriction[],
  after: readonly Restriction[],
  releases: readonly Release[],
): void {
  const open = guardedChanges(before, after).filter((change) => !isReleased(change, releases));
  if (open.length === 0) return;
  throw validationFailed(
    open.map(({ before: was }) => ({
      path: 'athlete.restrictions',
      message: `${restrictionWords(was)}: only a clinician loosens this; name who released it in writing, when, and what is allowed`,
    })),
  );
}

/** What a physio of the club has set, nobody else eases, not with a release in writing either: they ask the physio. */
export function refuseOverruled(
  before: readonly Restriction[],
  after: readonly Restriction[],
  setBy: readonly { region: Restriction['region']; side: Restriction['side'] | null; physio: string }[],
): void {
  const faults = guardedChanges(before, after).flatMap(({ before: was }) => {
    const theirs = setBy.find((one) => isSamePlace(one, was));
    return theirs
      ? [
          {
            path: 'athlete.restrictions',
            message: `${restrictionWords(was)}: set by ${theirs.physio}, physio; ask for a release`,
          },
        ]
      : [];
  });
  if (faults.length > 0) throw validationFailed(faults);
}

/** What whoever writes has seen of the fields that are changed, so that nobody's change is lost under another's. */
export const seenBefore = yup.object({ was: yup.object().default(undefined) });

type Column = keyof AthleteFields;
const own = ['name', 'squadId', 'minutes', 'aim', 'role', 'kit', 'houseRules', 'moved'] as const;
const ofAthlete = [
  'born',
  'sex',
  'heightCm',
  'massKg',
  'level',
  'dominantSide',
  'history',
  'tests',
  'battery',
] as const;

/** The columns that a body speaks of. */
const columnsIn = (body: AthleteBody): Column[] => [
  ...own.filter((key) => body[key] !== undefined),
  ...ofAthlete.filter((key) => body.athlete?.[key] !== undefined),
];

const columnWords: Partial<Record<Column, string>> = {
  kit: 'Kit and room',
  houseRules: 'The house rules',
  moved: 'The needs',
  history: 'The old injuries',
  tests: 'The tests',
  battery: 'The tests done at home',
};

const changedElsewhere = (what: string) =>
  new HttpError(
    409,
    `${what} was changed elsewhere in the meantime. What you have written is still here; open the athlete again to see the other change.`,
  );

/**
 * The fields that a change speaks of, and nothing else: two coaches who change different things of an athlete do not meet. Where one has been
 * changed since it was seen, the change is refused.
 */
export function changedFields(
  body: AthleteBody,
  was: AthleteBody,
  standing: { name: string; squadId: string },
  known: Brief,
  sport: PlayedSport,
): {
  fields: Partial<AthleteFields>;
  restrictions?: { was: readonly Restriction[] | undefined; now: readonly Restriction[] };
} {
  const after = fieldsFrom({ ...standing, ...body }, known, sport);
  const before = fieldsFrom(standing, known, sport);
  const seen = fieldsFrom({ ...standing, ...was }, known, sport);
  const compared = new Set(columnsIn(was));
  const fields: Partial<AthleteFields> = {};
  for (const column of columnsIn(body)) {
    const [is, came] = [before.fields[column], after.fields[column]];
    if (compared.has(column) && !isDeepStrictEqual(seen.fields[column], is) && !isDeepStrictEqual(came, is))
      throw changedElsewhere(columnWords[column] ?? `"${column}"`);
    Object.assign(fields, { [column]: came });
  }
  if (!body.athlete?.restrictions) return { fields };
  return { fields, restrictions: { was: was.athlete?.restrictions && seen.restrictions, now: after.restrictions } };
}

/**
 * A new list of restrictions laid over the ones that stand, by what whoever writes has seen: what came or went elsewhere in the meantime stays
 * so, and one that both have changed is refused.
 */
export function mergedRestrictions(
  standing: readonly Restriction[],
  was: readonly Restriction[],
  now: readonly Restriction[],
): Restriction[] {
  const merged = [...standing];
  const added = now.filter((r) => !was.some((old) => isSameRestriction(old, r)));
  for (const gone of was.filter((old) => !now.some((r) => isSameRestriction(r, old)))) {
    const at = merged.findIndex((r) => isSameRestriction(r, gone));
    const instead = added.findIndex((r) => isSamePlace(r, gone));
    if (at < 0) {
      // Both have lifted it: there is nothing left to say.
      if (instead < 0 && !merged.some((r) => isSamePlace(r, gone))) continue;
      if (instead >= 0 && merged.some((r) => isSameRestriction(r, added[instead] as Restriction))) continue;
      throw changedElsewhere(`The restriction "${restrictionWords(gone)}"`);
    }
    merged.splice(at, 1, ...(instead < 0 ? [] : added.splice(instead, 1)));
  }
  return [...merged, ...added.filter((r) => !merged.some((there) => isSameRestriction(there, r)))];
}
