import * as yup from 'yup';
import { bandLevels } from '../body/band';
import { parseDose } from '../dose/notation';
import { catalogueOf } from '../exercise/catalogue';
import type { OwnVariant } from '../exercise/own';
import { anchors, kitKinds, levels, regions } from '../exercise/vocabulary';
import { fills } from '../kit/kit';
import { aims, type Brief, defaultHouseRules, houseRuleChoices, phases } from '../session/brief';
import { sportById, sports } from '../sport/sports';
import { knownIn, type ReadingContext, readOwn } from './own';

export const briefFormat = 'tropaeum-brief/1';

/** One thing wrong with a document: where, and what would be right. */
export interface DocumentFault {
  path: string;
  message: string;
}

export type BriefReading = { brief: Brief } | { faults: DocumentFault[] };

const listed = (values: readonly string[]) => `one of ${values.join(', ')}`;
const anyOf = (values: readonly string[]) =>
  yup
    .string()
    .oneOf([...values], `must be ${listed(values)}`)
    .typeError(`must be ${listed(values)}`);
const number = (low: number, high: number, unit: string) =>
  yup
    .number()
    .typeError(`must be a number of ${unit}`)
    .min(low, `must be ${low} ${unit} or more`)
    .max(high, `must be ${high} ${unit} or less`);
const yesNo = yup.boolean().typeError('must be true or false');

function isDay(value: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(value)) return false;
  const time = Date.parse(`${value}T00:00:00Z`);
  return !Number.isNaN(time) && new Date(time).toISOString().slice(0, 10) === value;
}
const day = yup
  .string()
  .typeError('must be a date such as 2026-12-09')
  .test('day', 'must be a date such as 2026-12-09', (value) => value === undefined || isDay(value));

const variantId = yup
  .string()
  .typeError('must be the id of a variant')
  .test(
    'variant',
    ({ value }) => `"${value}" is not a variant of the library`,
    (value, test) => value === undefined || knownIn(test)(value),
  );

const sided = anyOf(['left', 'right', 'both']);
const object = <S extends yup.ObjectShape>(shape: S) => yup.object(shape).typeError('must be an object');
const list = <T extends yup.ISchema<unknown>>(of: T) => yup.array().of(of).typeError('must be a list');

const restriction = object({
  region: anyOf(regions).required('is required'),
  side: sided,
  severity: anyOf(['avoid', 'limit']).required('is required'),
  reason: yup.string().max(200, 'must be 200 characters or fewer'),
  until: day,
});

const athlete = object({
  heightCm: number(120, 220, 'cm').required('is required'),
  massKg: number(25, 200, 'kg').required('is required'),
  born: day.required('is required').test('past', 'must not be after the date of the session', function (value) {
    const date = (this.options.context as ReadingContext | undefined)?.date;
    return typeof date !== 'string' || !isDay(date) || !value || value <= date;
  }),
  sex: anyOf(['female', 'male']),
  level: anyOf(levels),
  dominantSide: anyOf(['left', 'right']),
  restrictions: list(restriction),
  readiness: object({
    ill: yesNo,
    sleepHours: number(0, 24, 'hours'),
    pain: list(
      object({
        region: anyOf(regions).required('is required'),
        side: sided,
        score: number(0, 10, 'points').required('is required'),
      }),
    ),
  }).default(undefined),
  tests: list(
    object({
      variant: variantId.required('is required'),
      maxReps: number(0, 300, 'repetitions').integer('must be a whole number').required('is required'),
      on: day,
    }),
  ),
});

const kitItem = object({
  kind: anyOf(kitKinds).required('is required'),
  count: number(1, 20, 'pieces').integer('must be a whole number'),
  massKg: number(0.05, 200, 'kg'),
  volumeL: number(0.1, 60, 'litres'),
  fill: anyOf(fills),
  level: anyOf(bandLevels),
});

const kit = object({
  items: list(kitItem),
  anchors: list(anyOf(anchors)),
  partner: yesNo,
  room: object({
    lengthM: number(0.5, 100, 'm').required('is required'),
    widthM: number(0.5, 100, 'm').required('is required'),
    ceilingM: number(1.5, 30, 'm'),
    wall: yesNo,
    stairs: yesNo,
    slidingFloor: yesNo,
    quiet: yesNo,
  }).default(undefined),
});

const season = object({
  phase: anyOf(phases),
  week: number(0, 60, 'weeks'),
  lastFixture: day,
  nextFixture: day,
  recent: list(
    object({
      date: day.required('is required'),
      minutes: number(0, 600, 'minutes'),
      rpe: number(0, 10, 'points'),
      items: list(
        object({ variant: yup.string().required('is required'), sets: number(0, 20, 'sets').required('is required') }),
      ),
    }),
  ),
}).default(undefined);

const houseRules = object(
  Object.fromEntries(Object.entries(houseRuleChoices).map(([rule, choices]) => [rule, anyOf(choices)])),
).default(undefined);

const typedDoses = yup
  .object()
  .typeError('must be an object of doses by variant')
  .test('doses', 'must hold doses such as 3x8/side 3-1-1 rir2 r60', (value, test) => {
    return Object.entries(value ?? {}).every(([id, text]) => {
      if (!knownIn(test)(id) || typeof text !== 'string') return false;
      try {
        parseDose(text);
        return true;
      } catch {
        return false;
      }
    });
  })
  .default(undefined);

const schema = object({
  format: anyOf([briefFormat]).required('is required'),
  date: day.required('is required'),
  minutes: number(5, 180, 'minutes').required('is required'),
  aim: anyOf(aims),
  athlete: athlete.required('is required').default(undefined),
  sport: object({
    id: anyOf(sports.map((s) => s.id)).required('is required'),
    role: yup.string().typeError('must be a role'),
  })
    .required('is required')
    .default(undefined)
    .test('role', 'role is not one of this sport', function (value) {
      const sport = value && typeof value.id === 'string' ? sportById(value.id) : undefined;
      if (!sport || value?.role === undefined || sport.roles.some((r) => r.id === value.role)) return true;
      return this.createError({
        path: `${this.path}.role`,
        message: `must be ${listed(sport.roles.map((r) => r.id))}`,
      });
    }),
  kit: kit.required('is required').default(undefined),
  season,
  houseRules,
  lock: object({ include: list(variantId), exclude: list(variantId), doses: typedDoses }).default(undefined),
});

/** A room of which nothing is said: small, quiet neighbours unknown; common practice, no source. */
const usualRoom = {
  lengthM: 2,
  widthM: 2,
  ceilingM: 2.4,
  wall: true,
  stairs: false,
  slidingFloor: false,
  quiet: false,
};

type Read = { [key: string]: unknown } & Partial<Brief>;

function completed(read: Read, own: readonly OwnVariant[]): Brief {
  const sport = read.sport as Brief['sport'];
  const kitRead = read.kit as Partial<Brief['kit']>;
  return {
    date: read.date as string,
    minutes: read.minutes as number,
    aim: read.aim ?? 'hold',
    athlete: { ...(read.athlete as Brief['athlete']), level: read.athlete?.level ?? 'beginner' },
    sport: { id: sport.id, role: sport.role ?? (sportById(sport.id)?.roles[0]?.id as string) },
    kit: {
      items: kitRead.items ?? [],
      anchors: kitRead.anchors ?? [],
      partner: kitRead.partner ?? false,
      room: { ...usualRoom, ...kitRead.room },
    },
    season: { ...read.season, phase: read.season?.phase ?? 'in-season' },
    houseRules: { ...defaultHouseRules, ...read.houseRules },
    ...(own.length ? { own } : {}),
    lock: { ...read.lock, include: read.lock?.include ?? [], exclude: read.lock?.exclude ?? [] },
  };
}

/**
 * Reads a brief document: the brief with everything that may be left out filled in, or every fault with its path.
 *
 * @example readBrief({ format: 'tropaeum-brief/1' })
 * // { faults: [{ path: 'date', message: 'is required' }, ...] }
 */
export function readBrief(document: unknown): BriefReading {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) {
    return { faults: [{ path: '', message: 'must be an object in the format tropaeum-brief/1' }] };
  }
  const { own, faults: ownFaults } = readOwn((document as { own?: unknown }).own);
  const catalogue = catalogueOf(own);
  const context: ReadingContext = {
    date: (document as { date?: unknown }).date,
    known: (id) => catalogue.byId(id) !== undefined,
  };
  try {
    const read = schema.validateSync(document, { abortEarly: false, strict: true, context });
    if (ownFaults.length) return { faults: ownFaults };
    return { brief: completed(read as unknown as Read, own) };
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    const inner = error.inner.length ? error.inner : [error];
    const faults = inner.map((e) => ({
      path: e.path ?? '',
      message:
        e.message.startsWith('must') || e.message.startsWith('is') || e.message.startsWith('"')
          ? e.message
          : `is not right: ${e.message}`,
    }));
    const unique = new Map([...ownFaults, ...faults].map((f) => [`${f.path}|${f.message}`, f]));
    return { faults: [...unique.values()] };
  }
}

/** A brief as the open document that `readBrief` reads. */
export function writeBrief(brief: Brief): Brief & { format: typeof briefFormat } {
  return { format: briefFormat, ...brief };
}
