import Router from '@koa/router';
import { dayAfter, type Restriction } from '@tropaeum/core/athlete/athlete';
import { readBrief, writeBrief } from '@tropaeum/core/formats/brief';
import { day } from '@tropaeum/core/formats/days';
import { guardedChanges, isReleased, type Release } from '@tropaeum/core/limits/release';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import type { Brief } from '@tropaeum/core/session/brief';
import { sportById } from '@tropaeum/core/sport/sports';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { notFound, notRight } from '../doors/problem';
import { idFrom, uuid, validated } from '../doors/validated';
import {
  type AthleteFields,
  addAthlete,
  addSquad,
  allAthletes,
  allSquads,
  athleteById,
  briefOf,
  changeAthlete,
  changesOfAthlete,
  type FullAthlete,
  type PlayedSport,
  restrictionOf,
  squadById,
} from '../store/athletes';
import { evidenceOf, withEvidence } from '../store/evidence';
import { allOwnVariants } from '../store/own-variants';
import { seasonOfAthlete, seasonsOfSquads } from '../store/seasons';
import { decisionsOf, logsOf, reportsOf, sessionsBetween, sessionsOfAthlete } from '../store/sessions';
import { clubSport } from '../store/sports';
import { coachOf, type Services } from './context';

/** How far back and ahead the squad view looks, days. */
const lookBack = 42;
const lookAhead = 42;

const shape = yup.object({
  name: yup.string().trim().min(1, 'is required').max(80, 'must be 80 characters or fewer'),
  squadId: uuid,
  minutes: yup.number(),
  role: yup.string(),
});

/** Fields of the brief that are kept with the athlete, in the words of the document. */
interface AthleteBody {
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
function fieldsFrom(
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
  if ('faults' in reading) throw notRight(reading.faults);
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

function releasesFrom(body: AthleteBody): Release[] {
  return (validated(releaseShape, { releases: body.releases ?? [] }).releases ?? []) as Release[];
}

/** What only a clinician may loosen stays as it is without a release in writing. */
function refuseUnreleased(
  before: readonly Restriction[],
  after: readonly Restriction[],
  releases: readonly Release[],
): void {
  const open = guardedChanges(before, after).filter((change) => !isReleased(change, releases));
  if (open.length === 0) return;
  throw notRight(
    open.map(({ before: was }) => ({
      path: 'athlete.restrictions',
      message: `${restrictionWords(was)}: only a clinician loosens this; name who released it in writing, when, and what is allowed`,
    })),
  );
}

/** A squad begins with its first athlete: both are there, or neither. */
async function beginSquad(
  tx: Transaction,
  organisationId: string,
  { name, sportId }: { name: string; sportId: string },
): Promise<string> {
  const club = await clubSport(tx, sportId);
  if (!sportById(sportId) && (!club || club.removed))
    throw notRight([{ path: 'newSquad.sportId', message: `"${sportId}" is not a sport here` }]);
  return addSquad(tx, organisationId, name.trim(), sportId);
}

async function sportOf(tx: Transaction, squadId: string): Promise<PlayedSport> {
  const squad = await squadById(tx, squadId);
  if (!squad) throw notRight([{ path: 'squadId', message: 'is not a squad of yours' }]);
  const club = await clubSport(tx, squad.sportId);
  return { id: squad.sportId, ...(club ? { profile: club.profile } : {}) };
}

/** Squads, athletes and what is known of them. */
export function athleteRoutes({ database, today }: Services): Router {
  const router = new Router();

  router.get('/squads', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    ctx.body = await database.asOrganisation(organisationId, async (tx) => {
      const [squads, athletes, sessions] = [
        await allSquads(tx),
        await allAthletes(tx),
        await sessionsBetween(tx, dayAfter(today(), -lookBack), dayAfter(today(), lookAhead)),
      ];
      const reports = await reportsOf(
        tx,
        sessions.map((s) => s.id),
      );
      const seasons = await seasonsOfSquads(
        tx,
        squads.map((s) => s.id),
        today(),
      );
      const reportBySession = new Map(reports.map((r) => [r.sessionId, r]));
      return {
        squads: squads.map((squad, i) => ({ ...squad, season: seasons[i] })),
        athletes: athletes.map((athlete) => ({
          id: athlete.id,
          squadId: athlete.squadId,
          name: athlete.name,
          role: athlete.role,
          born: athlete.born,
          level: athlete.level,
          minutes: athlete.minutes,
          restrictions: athlete.restrictions.map(restrictionOf),
          sessions: sessions
            .filter((s) => s.athleteId === athlete.id)
            .map(({ athleteId, ...s }) => ({ ...s, report: reportWords(reportBySession.get(s.id)) })),
        })),
      };
    });
  });

  router.get('/athletes/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'athlete');
    ctx.body = await database.asOrganisation(coachOf(ctx).organisationId, async (tx) => {
      const athlete = await athleteById(tx, id);
      if (!athlete) throw notFound('athlete');
      const season = await seasonOfAthlete(tx, athlete.squadId, id, today());
      const sport = await sportOf(tx, athlete.squadId);
      const own = await allOwnVariants(tx);
      const sessions = await sessionsOfAthlete(tx, id);
      const ids = sessions.map((s) => s.id);
      const reports = await reportsOf(tx, ids);
      const logs = await logsOf(tx, ids);
      const decided = await decisionsOf(tx, ids);
      const evidence = evidenceOf(sessions, logs, reports, decided, today());
      const brief = withEvidence(briefOf(athlete, sport, season, today()), evidence);
      return {
        athlete: publicAthlete(athlete),
        restrictionChanges: await changesOfAthlete(tx, id),
        season,
        brief: { ...brief, ...(own.length ? { own } : {}) },
        sessions: sessions.map((s) => ({
          id: s.id,
          on: s.on,
          status: s.status,
          planned: s.plan.minutes.planned,
          work: s.work,
          report: reportWords(reports.find((r) => r.sessionId === s.id)),
        })),
      };
    });
  });

  router.post('/athletes', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const body = validated(
      yup.object({
        name: yup.string().trim().required('is required'),
        squadId: uuid.when('newSquad', ([begun], one) => (begun === undefined ? one.required('is required') : one)),
        newSquad: yup
          .object({
            name: yup.string().trim().required('is required').max(80, 'must be 80 characters or fewer'),
            sportId: yup.string().required('is required'),
          })
          .default(undefined),
        athlete: yup.object().required('is required'),
      }),
      ctx.request.body,
    ) as AthleteBody & { newSquad?: { name: string; sportId: string } };
    const given = ctx.request.body as AthleteBody;
    const id = await database.asOrganisation(organisationId, async (tx) => {
      const squadId = body.newSquad ? await beginSquad(tx, organisationId, body.newSquad) : (body.squadId as string);
      const sport = await sportOf(tx, squadId);
      const start = {
        date: today(),
        minutes: 30,
        kit: { items: [], anchors: [], partner: false },
        sport: { id: sport.id },
      } as unknown as Brief;
      const { fields, restrictions } = fieldsFrom({ ...given, squadId }, start, sport);
      return addAthlete(tx, organisationId, fields, restrictions);
    });
    ctx.status = 201;
    ctx.body = { id };
  });

  router.patch('/athletes/:id', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const id = idFrom(ctx.params.id, 'athlete');
    await database.asOrganisation(organisationId, async (tx) => {
      const athlete = await athleteById(tx, id);
      if (!athlete) throw notFound('athlete');
      const body = (ctx.request.body ?? {}) as AthleteBody;
      const squadId = body.squadId ?? athlete.squadId;
      const sport = await sportOf(tx, squadId);
      const known = briefOf(athlete, sport, { phases: [], fixtures: [] }, today());
      const { fields, restrictions } = fieldsFrom({ ...body, name: body.name ?? athlete.name, squadId }, known, sport);
      const releases = releasesFrom(body);
      if (!body.athlete?.restrictions) {
        await changeAthlete(tx, organisationId, id, fields);
        return;
      }
      refuseUnreleased(athlete.restrictions.map(restrictionOf), restrictions, releases);
      await changeAthlete(tx, organisationId, id, fields, restrictions, releases);
    });
    ctx.status = 204;
  });

  return router;
}

function publicAthlete({ organisationId, createdAt, ...rest }: FullAthlete) {
  return {
    ...rest,
    restrictions: rest.restrictions.map(restrictionOf),
  };
}

function reportWords(report: Awaited<ReturnType<typeof reportsOf>>[number] | undefined) {
  return report ? { effort: report.effort, minutes: report.minutes, pain: report.pain, note: report.note } : null;
}
