import Router from '@koa/router';
import { dayAfter } from '@tropaeum/core/date/days';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { notFound } from '../middleware/http-error';
import { idFrom, validated } from '../middleware/validated';
import {
  addAthlete,
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
} from '../store/athletes';
import { evidenceOf, withEvidence } from '../store/evidence';
import { grouped } from '../store/grouped';
import { allOwnVariants } from '../store/own-variants';
import { decisionsOf, logsOf } from '../store/results';
import { seasonOfAthlete, seasonsOfSquads } from '../store/seasons';
import { fullSessions, sessionsBetween, sessionsOfAthlete } from '../store/sessions';
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
import { faultsAt, type SquadBody, sportOf, squadFields, squadMeant } from './squad-fields';

/** How far back and ahead the squad view looks, days. */
const lookBack = 42;
const lookAhead = 42;

/** As many as a list may hold. */
const mostAtOnce = 100;

/** Squads, athletes and what is known of them. */
export function athleteRoutes({ database, today }: Services): Router {
  const router = new Router();

  /** Somebody new in a squad, by the rules of a brief. */
  function addTo(tx: Transaction, organisationId: string, squadId: string, sport: PlayedSport, given: AthleteBody) {
    const start = {
      date: today(),
      minutes: 30,
      kit: { items: [], anchors: [], partner: false },
      sport: { id: sport.id },
    } as unknown as Brief;
    const { fields, restrictions } = fieldsFrom({ ...given, squadId }, start, sport);
    return addAthlete(tx, organisationId, fields, restrictions);
  }

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
        ...squadFields,
        athlete: yup.object().required('is required'),
      }),
      ctx.request.body,
    ) as AthleteBody & SquadBody;
    const given = ctx.request.body as AthleteBody;
    const id = await database.asPerson(person, async (tx) => {
      const squad = await squadMeant(tx, person.organisationId, body);
      return addTo(tx, person.organisationId, squad.id, squad.sport, given);
    });
    ctx.status = 201;
    ctx.body = { id };
  });

  router.post('/athlete-lists', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(
      yup.object({
        ...squadFields,
        athletes: yup
          .array()
          .of(yup.object({ name: yup.string().trim().required('is required'), athlete: yup.object().required() }))
          .min(1, 'must hold one athlete at least')
          .max(mostAtOnce, `must hold ${mostAtOnce} athletes at most`)
          .required('is required'),
      }),
      ctx.request.body,
    ) as SquadBody;
    const given = (ctx.request.body as { athletes: AthleteBody[] }).athletes;
    ctx.body = await database.asPerson(person, async (tx) => {
      const squad = await squadMeant(tx, person.organisationId, body);
      const ids: string[] = [];
      for (const [i, one] of given.entries())
        ids.push(await faultsAt(`athletes[${i}]`, () => addTo(tx, person.organisationId, squad.id, squad.sport, one)));
      return { squadId: squad.id, ids };
    });
    ctx.status = 201;
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
