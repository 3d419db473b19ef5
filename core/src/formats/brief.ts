import * as yup from 'yup';
import { workKinds } from '../dose/dose';
import { parseDose } from '../dose/notation';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import type { CustomExercise } from '../exercise/model/custom-exercise';
import { blockKinds, regions } from '../exercise/model/vocabulary';
import { decidedMoves } from '../progress/proposal';
import type { Brief } from '../session/brief/brief';
import { defaultHouseRules, houseRuleChoices } from '../session/brief/house-rules';
import { aims, phases } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import type { SportProfile } from '../sport/profile';
import { sportById, sports } from '../sport/sports';
import { athlete, variantId } from './brief-athlete';
import { kit } from './brief-kit';
import { knownIn, type ReadingContext, readCustom } from './custom-exercise';
import { day } from './days';
import { readSport, sportFormat } from './sport';
import { anyOf, issuesOf, list, number, object, type ValidationIssue } from './validation';

export const briefFormat = 'tropaeum-brief/1';

export type BriefReading = { brief: Brief } | { faults: ValidationIssue[] };

const season = object({
  phase: anyOf(phases),
  week: number(0, 60, 'weeks'),
  lastFixture: day,
  nextFixture: day,
  spare: anyOf(['lower'] as const),
  laid: object({
    type: anyOf(sessionTypes).required('is required'),
    minutes: number(1, 180, 'minutes').required('is required'),
    heavyLower: number(0, 60, 'sets').required('is required'),
    heavyUpper: number(0, 60, 'sets').required('is required'),
    contacts: number(0, 400, 'jump contacts').required('is required'),
    eccentric: number(0, 60, 'sets').required('is required'),
  }).default(undefined),
  recent: list(
    object({
      date: day.required('is required'),
      minutes: number(0, 600, 'minutes'),
      rpe: number(0, 10, 'points'),
      aim: anyOf(aims),
      items: list(
        object({
          variant: yup.string().required('is required'),
          sets: number(0, 20, 'sets').required('is required'),
          decided: anyOf(decidedMoves),
          next: object({
            variant: yup.string(),
            kg: number(0, 300, 'kg'),
            sets: number(1, 10, 'sets'),
            amount: number(1, 600, 'a set'),
            counts: anyOf(workKinds),
            restSeconds: number(0, 600, 'seconds'),
          }).default(undefined),
        }),
      ),
    }),
  ),
}).default(undefined);

/** House rules as documents and settings hold them; those that are left out are as usual. */
export const houseRulesShape = object(
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

/** Floors of the coach: items of a block, or effective sets for a need. */
const floors = list(
  object({
    block: anyOf(blockKinds),
    need: yup.string().typeError('must be the id of a movement or risk').max(80, 'must be 80 characters or fewer'),
    least: number(0.1, 20, 'items or sets').required('is required'),
  }).test('floor', 'must name a block or a need, and not both', (floor) => {
    const { block, need } = (floor ?? {}) as { block?: string; need?: string };
    return (block === undefined) !== (need === undefined);
  }),
);

/** How far a need may be moved, as a factor. */
const maxMoved = 1000;

const sport = object({
  id: yup.string().typeError('must be the id of a sport').required('is required'),
  role: yup.string().typeError('must be a role'),
  profile: yup.mixed(),
  moved: yup
    .object()
    .typeError('must be an object of factors by need')
    .test('factors', `must hold factors from 0 to ${maxMoved}`, (value) =>
      Object.values(value ?? {}).every((f) => typeof f === 'number' && f >= 0 && f <= maxMoved),
    )
    .default(undefined),
}).test('known', '', function (value) {
  const { profile } = this.options.context as SportContext;
  const known = profile ?? (typeof value?.id === 'string' ? sportById(value.id) : undefined);
  // What is wrong with a profile that is brought has been said already.
  if (value?.id === undefined || (value.profile !== undefined && !profile)) return true;
  const fault = (field: string, message: string) => this.createError({ path: `${this.path}.${field}`, message });
  if (!known) return fault('id', `must be one of ${sports.map((s) => s.id).join(', ')}, or bring its profile`);
  if (known.id !== value.id) return fault('id', `must be "${known.id}", as in its profile`);
  if (value.role === undefined || known.roles.some((r) => r.id === value.role)) return true;
  return fault('role', `must be one of ${known.roles.map((r) => r.id).join(', ')}`);
});

const schema = object({
  format: anyOf([briefFormat]).required('is required'),
  date: day.required('is required'),
  minutes: number(5, 180, 'minutes').required('is required'),
  aim: anyOf(aims),
  sessionType: anyOf(sessionTypes),
  focus: anyOf(regions),
  athlete: athlete.required('is required').default(undefined),
  sport: sport.required('is required').default(undefined),
  kit: kit.required('is required').default(undefined),
  season,
  houseRules: houseRulesShape,
  lock: object({ include: list(variantId), exclude: list(variantId), doses: typedDoses, floors }).default(undefined),
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

function completed(read: Read, own: readonly CustomExercise[], profile: SportProfile | undefined): Brief {
  const { id, role, moved } = read.sport as Partial<Brief['sport']> & { id: string };
  const kitRead = read.kit as Partial<Brief['kit']>;
  const firstRole = (profile ?? sportById(id))?.roles[0]?.id as string;
  return {
    date: read.date as string,
    minutes: read.minutes as number,
    aim: read.aim ?? 'hold',
    ...(read.sessionType ? { sessionType: read.sessionType } : {}),
    ...(read.focus ? { focus: read.focus } : {}),
    athlete: { ...(read.athlete as Brief['athlete']), level: read.athlete?.level ?? 'beginner' },
    sport: { id, role: role ?? firstRole, ...(profile ? { profile } : {}), ...(moved ? { moved } : {}) },
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

/** What the reading of a brief hands to its checks: dates, exercises, and the profile that it brings. */
interface SportContext extends ReadingContext {
  profile?: SportProfile;
}

/** The profile that a brief brings, where it brings one. */
function broughtProfile(document: object): { profile?: SportProfile; faults: ValidationIssue[] } {
  const { sport: given } = document as { sport?: { profile?: unknown } | null };
  const brought = typeof given === 'object' && given !== null ? given.profile : undefined;
  if (brought === undefined) return { faults: [] };
  const reading = readSport(
    typeof brought === 'object' && brought !== null ? { ...brought, format: sportFormat } : brought,
  );
  if ('profile' in reading) return { profile: reading.profile, faults: [] };
  return {
    faults: reading.faults.map((f) => ({ ...f, path: f.path ? `sport.profile.${f.path}` : 'sport.profile' })),
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
  const { own, faults: ownFaults } = readCustom((document as { own?: unknown }).own);
  const { profile, faults: profileFaults } = broughtProfile(document);
  const brought = [...ownFaults, ...profileFaults];
  const catalogue = catalogueOf(own);
  const context: SportContext = {
    date: (document as { date?: unknown }).date,
    known: (id) => catalogue.byId(id) !== undefined,
    ...(profile ? { profile } : {}),
  };
  try {
    const read = schema.validateSync(document, { abortEarly: false, strict: true, context });
    if (brought.length) return { faults: brought };
    return { brief: completed(read as unknown as Read, own, profile) };
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    return { faults: [...brought, ...issuesOf(error)] };
  }
}

/** A brief as the open document that `readBrief` reads. */
export function writeBrief(brief: Brief): Brief & { format: typeof briefFormat } {
  return { format: briefFormat, ...brief };
}
