import Router from '@koa/router';
import { dayAfter } from '@tropaeum/core/date/days';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { sportById } from '@tropaeum/core/sport/sports';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { notFound, validationFailed } from '../middleware/http-error';
import { idFrom, uuid, validated } from '../middleware/validated';
import {
  addAthlete,
  addSquad,
  allAthletes,
  allSquads,
  athleteById,
  athleteToChange,
  briefOf,
  changeAthlete,
  changesOfAthlete,
  type FullAthlete,
  type PlayedSport,
  putRestrictions,
  restrictionOf,
  squadById,
} from '../store/athletes';
import { evidenceOf, withEvidence } from '../store/evidence';
import { grouped } from '../store/grouped';
import { allOwnVariants } from '../store/own-variants';
import { decisionsOf, logsOf } from '../store/results';
import { seasonOfAthlete, seasonsOfSquads } from '../store/seasons';
import { fullSessions, sessionsBetween, sessionsOfAthlete } from '../store/sessions';
import { clubSport } from '../store/sports';
import {
  type AthleteBody,
  changedFields,
  fieldsFrom,
  mergedRestrictions,
  refuseUnreleased,
  releasesFrom,
  seenBefore,
} from './athlete-fields';
import { personOf, type Services } from './context';

/** How far back and ahead the squad view looks, days. */
const lookBack = 42;
const lookAhead = 42;

/** A squad begins with its first athlete: both are there, or neither. */
async function beginSquad(
  tx: Transaction,
  organisationId: string,
  { name, sportId }: { name: string; sportId: string },
): Promise<string> {
  const club = await clubSport(tx, sportId);
  if (!sportById(sportId) && (!club || club.removed))
    throw validationFailed([{ path: 'newSquad.sportId', message: `"${sportId}" is not a sport here` }]);
  return addSquad(tx, organisationId, name.trim(), sportId);
}

async function sportOf(tx: Transaction, squadId: string): Promise<PlayedSport> {
  const squad = await squadById(tx, squadId);
  if (!squad) throw validationFailed([{ path: 'squadId', message: 'is not a squad of yours' }]);
  const club = await clubSport(tx, squad.sportId);
  return { id: squad.sportId, ...(club ? { profile: club.profile } : {}) };
}

/** Squads, athletes and what is known of them. */
export function athleteRoutes({ database, today }: Services): Router {
  const router = new Router();

  router.get('/squads', async (ctx) => {
    const person = personOf(ctx);
    ctx.body = await database.asPerson(person, async (tx) => {
      const [squads, athletes, sessions] = [
        await allSquads(tx),
        await allAthletes(tx),
        await sessionsBetween(tx, dayAfter(today(), -lookBack), dayAfter(today(), lookAhead)),
      ];
      const seasons = await seasonsOfSquads(
        tx,
        squads.map((s) => s.id),
      );
      const byAthlete = grouped(sessions, (s) => s.athleteId);
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
          sessions: (byAthlete.get(athlete.id) ?? []).map(({ athleteId, ...session }) => session),
        })),
      };
    });
  });

  router.get('/athletes/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'athlete');
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      const athlete = await athleteById(tx, id);
      if (!athlete) throw notFound('athlete');
      const season = await seasonOfAthlete(tx, athlete.squadId, id, today());
      const sport = await sportOf(tx, athlete.squadId);
      const own = await allOwnVariants(tx);
      const sessions = await sessionsOfAthlete(tx, id);
      const ids = sessions.map((s) => s.id);
      const logs = await logsOf(tx, ids);
      // Only what was logged of late says something; the others are not read in full.
      const said = new Set(logs.map((l) => l.sessionId));
      const inFull = await fullSessions(
        tx,
        ids.filter((one) => said.has(one)),
      );
      const decided = await decisionsOf(tx, ids);
      const evidence = evidenceOf(inFull, logs, sessions, decided, today());
      const brief = withEvidence(briefOf(athlete, sport, season, today()), evidence);
      return {
        athlete: publicAthlete(athlete),
        restrictionChanges: await changesOfAthlete(tx, id),
        season,
        brief: { ...brief, ...(own.length ? { own } : {}) },
        sessions: sessions.map(({ athleteId, ...session }) => session),
      };
    });
  });

  router.post('/athletes', async (ctx) => {
    const person = personOf(ctx);
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
    const id = await database.asPerson(person, async (tx) => {
      const squadId = body.newSquad
        ? await beginSquad(tx, person.organisationId, body.newSquad)
        : (body.squadId as string);
      const sport = await sportOf(tx, squadId);
      const start = {
        date: today(),
        minutes: 30,
        kit: { items: [], anchors: [], partner: false },
        sport: { id: sport.id },
      } as unknown as Brief;
      const { fields, restrictions } = fieldsFrom({ ...given, squadId }, start, sport);
      return addAthlete(tx, person.organisationId, fields, restrictions);
    });
    ctx.status = 201;
    ctx.body = { id };
  });

  router.patch('/athletes/:id', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'athlete');
    await database.asPerson(person, async (tx) => {
      // Whoever changes the same athlete at the same moment waits, and sees what came of this.
      const athlete = await athleteToChange(tx, id);
      if (!athlete) throw notFound('athlete');
      const body = (ctx.request.body ?? {}) as AthleteBody & { was?: AthleteBody };
      const { was = {} } = validated(seenBefore, body) as { was?: AthleteBody };
      const sport = await sportOf(tx, body.squadId ?? athlete.squadId);
      const known = briefOf(athlete, sport, { phases: [], fixtures: [] }, today());
      const { fields, restrictions } = changedFields(
        body,
        was,
        { name: athlete.name, squadId: athlete.squadId },
        known,
        sport,
      );
      const releases = releasesFrom(body);
      if (restrictions) {
        const standing = athlete.restrictions.map(restrictionOf);
        const merged = mergedRestrictions(standing, restrictions.was ?? standing, restrictions.now);
        refuseUnreleased(standing, merged, releases);
        await putRestrictions(tx, person.organisationId, athlete, merged, releases);
      }
      await changeAthlete(tx, id, fields);
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
