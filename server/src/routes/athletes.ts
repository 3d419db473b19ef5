import Router from '@koa/router';
import { dayAfter } from '@tropaeum/core/date/days';
import { notFound } from '../middleware/http-error';
import { idFrom, validated } from '../middleware/validated';
import { athletesAmong } from '../store/accounts';
import {
  allAthletes,
  allSquads,
  athleteById,
  athleteToChange,
  briefOf,
  changeAthlete,
  changesOfAthlete,
  type FullAthlete,
  putRestrictions,
  restrictionOf,
} from '../store/athletes';
import { familyOf, releaseRequestsOf, setByPhysios } from '../store/care';
import { consentsOf } from '../store/consents';
import { evidenceOf, withEvidence } from '../store/evidence';
import { grouped } from '../store/grouped';
import { allOwnVariants } from '../store/own-variants';
import { decisionsOf, logsOf } from '../store/results';
import { seasonOfAthlete, seasonsOfSquads } from '../store/seasons';
import { fullSessions, sessionsBetween, sessionsOfAthlete } from '../store/sessions';
import {
  type AthleteBody,
  changedFields,
  mergedRestrictions,
  refuseOverruled,
  refuseUnreleased,
  releasesFrom,
  seenBefore,
} from './athlete-fields';
import { consentStates, waitingForConsent } from './consent-states';
import { personOf, type Services } from './context';
import { sportOf } from './squad-fields';

/** How far back and ahead the squad view looks, days. */
const lookBack = 42;
const lookAhead = 42;

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
      const consents = await consentStates(tx, athletes, today());
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
          ...(athlete.assumed.length > 0 ? { assumed: athlete.assumed } : {}),
          ...(consents.has(athlete.id) ? { consent: consents.get(athlete.id) } : {}),
          sessions: (byAthlete.get(athlete.id) ?? []).map(({ athleteId, ...session }) => session),
        })),
        waiting: await waitingForConsent(tx),
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
        physios: await setByPhysios(tx, id),
        releaseRequests: await releaseRequestsOf(tx, [id]),
        family: await familyOf(tx, [id]),
        consents: await consentsOf(tx, id),
        season,
        brief: { ...brief, ...(own.length ? { own } : {}) },
        sessions: sessions.map(({ athleteId, ...session }) => session),
      };
    });
  });

  /** Who has changed a restriction last, and when: a page that is open asks now and then. What was changed it reads anew. */
  router.get('/athletes/:id/last-change', async (ctx) => {
    const id = idFrom(ctx.params.id, 'athlete');
    const [last] = await database.asPerson(personOf(ctx), async (tx) => {
      if ((await athletesAmong(tx, [id])).length === 0) throw notFound('athlete');
      return changesOfAthlete(tx, id, 1);
    });
    ctx.body = { last: last ? { at: last.changedAt, by: last.by, byId: last.byId } : null };
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
        refuseOverruled(standing, merged, await setByPhysios(tx, id));
        refuseUnreleased(standing, merged, releases);
        await putRestrictions(tx, person.organisationId, athlete, merged, { releases, by: person.accountId });
      }
      // What has been said is assumed no longer.
      const assumed = athlete.assumed.filter((field) => !(field in fields));
      await changeAthlete(tx, id, { ...fields, ...(assumed.length < athlete.assumed.length ? { assumed } : {}) });
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
