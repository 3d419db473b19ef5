import Router from '@koa/router';
import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { dayAfter } from '@tropaeum/core/date/days';
import { regions } from '@tropaeum/core/exercise/model/vocabulary';
import { guardedChanges, isSamePlace, isSameRestriction } from '@tropaeum/core/limits/release';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { HttpError, notFound } from '../middleware/http-error';
import { idFrom, oneOf, validated } from '../middleware/validated';
import { accountById } from '../store/accounts';
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
import { addReleaseRequest, answerRequests, releaseRequestsOf, reportsSince, setByPhysios } from '../store/care';
import { plansOf } from '../store/sessions';
import { type AthleteBody, changedFields, mergedRestrictions, seenBefore } from './athlete-fields';
import { personOf, type Services } from './context';
import { sportOf } from './squad-fields';

/** How far back pain is shown, and how far plans, days. */
const painDays = 120;
const planDays = 14;

const partSide = yup.string().oneOf(['left', 'right', 'both'] as const, 'must be left, right or both');
const someWords = yup.string().trim().max(400, 'must be 400 characters or fewer');

/** What a physio does: restrictions, stages, criteria and releases, tests and pain of those treated; and what coaches ask of it. */
export function careRoutes({ database, mail, log, publicUrl, today }: Services): Router {
  const router = new Router();

  const treated = async (tx: Transaction, idText: string | undefined): Promise<FullAthlete> => {
    const athlete = await athleteToChange(tx, idFrom(idText, 'athlete'));
    if (!athlete) throw notFound('athlete');
    return athlete;
  };

  router.get('/treated', async (ctx) => {
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      const squads = new Map((await allSquads(tx)).map((s) => [s.id, s.name]));
      const athletes = await allAthletes(tx);
      const ids = athletes.map(({ id }) => id);
      const requests = await releaseRequestsOf(tx, ids);
      const reports = await reportsSince(tx, ids, dayAfter(today(), -28));
      return {
        today: today(),
        athletes: athletes.map((athlete) => ({
          ...{ id: athlete.id, name: athlete.name, squad: squads.get(athlete.squadId), born: athlete.born },
          restrictions: athlete.restrictions.map(restrictionOf),
          requests: requests.filter((r) => r.athleteId === athlete.id && r.answeredAt === null),
          lastReport: reports.find((r) => r.athleteId === athlete.id) ?? null,
        })),
      };
    });
  });

  router.get('/treated/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'athlete');
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      const athlete = await athleteById(tx, id);
      if (!athlete) throw notFound('athlete');
      return {
        today: today(),
        athlete: {
          ...{ id, name: athlete.name, born: athlete.born, role: athlete.role },
          restrictions: athlete.restrictions.map(restrictionOf),
          ...{ history: athlete.history, tests: athlete.tests, battery: athlete.battery },
        },
        physios: await setByPhysios(tx, id),
        changes: await changesOfAthlete(tx, id),
        requests: await releaseRequestsOf(tx, [id]),
        reports: await reportsSince(tx, [id], dayAfter(today(), -painDays)),
        plans: await plansOf(tx, id, dayAfter(today(), -planDays)),
      };
    });
  });

  /** The physio's word on a part: it is a release where it allows more, and answers what was asked of it. */
  router.put('/treated/:id/restrictions', async (ctx) => {
    const person = personOf(ctx);
    const given = ctx.request.body as { was?: Restriction[]; restrictions?: Restriction[]; words?: string };
    const { words = '' } = validated(
      yup.object({
        was: yup.array().required('is required'),
        restrictions: yup.array().required('is required'),
        words: someWords,
      }),
      given,
    );
    await database.asPerson(person, async (tx) => {
      const athlete = await treated(tx, ctx.params.id);
      const sport = await sportOf(tx, athlete.squadId);
      const known = briefOf(athlete, sport, { phases: [], fixtures: [] }, today());
      const standing = athlete.restrictions.map(restrictionOf);
      const isNew = (r: Restriction) => !(given.was ?? []).some((one) => isSameRestriction(one, r));
      const body: AthleteBody = {
        athlete: {
          restrictions: (given.restrictions ?? []).map((r) =>
            isNew(r) && r.setBy !== 'doctor' ? { ...r, setBy: 'physiotherapist' as const } : r,
          ),
        },
      };
      const standingAthlete = { name: athlete.name, squadId: athlete.squadId };
      const { restrictions } = changedFields(
        body,
        { athlete: { restrictions: given.was ?? [] } },
        standingAthlete,
        known,
        sport,
      );
      const merged = mergedRestrictions(standing, restrictions?.was ?? standing, restrictions?.now ?? standing);
      const loosened = guardedChanges(standing, merged);
      await putRestrictions(tx, person.organisationId, athlete, merged, {
        releases: loosened.map(({ before, after }) => ({
          region: before.region,
          ...(before.side ? { side: before.side } : {}),
          ...{ by: 'physiotherapist' as const, on: today() },
          words: words.trim() || (after ? `now ${restrictionWords(after)}` : 'released'),
        })),
        ...{ by: person.accountId, asPhysio: true },
      });
      for (const { before } of loosened)
        await answerRequests(tx, { athleteId: athlete.id, region: before.region }, words.trim() || 'released');
    });
    ctx.status = 204;
  });

  router.put('/treated/:id/tests', async (ctx) => {
    const person = personOf(ctx);
    const given = (ctx.request.body ?? {}) as AthleteBody;
    const { was = {} } = validated(seenBefore, given) as { was?: AthleteBody };
    await database.asPerson(person, async (tx) => {
      const athlete = await treated(tx, ctx.params.id);
      const sport = await sportOf(tx, athlete.squadId);
      const { tests, battery, history } = given.athlete ?? {};
      const { fields } = changedFields(
        { athlete: { ...(tests ? { tests } : {}), ...(battery ? { battery } : {}), ...(history ? { history } : {}) } },
        was,
        { name: athlete.name, squadId: athlete.squadId },
        briefOf(athlete, sport, { phases: [], fixtures: [] }, today()),
        sport,
      );
      await changeAthlete(tx, athlete.id, fields);
    });
    ctx.status = 204;
  });

  router.post('/athletes/:id/release-requests', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'athlete');
    const body = validated(
      yup.object({
        region: oneOf(regions).required('is required'),
        side: partSide,
        words: someWords.required('must say why'),
      }),
      ctx.request.body,
    );
    const asked = await database.asPerson(person, async (tx) => {
      const athlete = await athleteById(tx, id);
      if (!athlete) throw notFound('athlete');
      const theirs = (await setByPhysios(tx, id)).find((one) => isSamePlace(one, body));
      if (!theirs) throw new HttpError(409, 'No physio of the club has set a restriction there.');
      const from = await accountById(tx, person.accountId);
      await addReleaseRequest(tx, {
        ...{ organisationId: person.organisationId, athleteId: id, region: theirs.region, side: theirs.side },
        ...{ words: body.words, askedBy: from?.name ?? '' },
      });
      return { to: theirs.email, from: from?.name };
    });
    // No word on health in a mail: who is allowed to reads it after signing in.
    const note = {
      to: asked.to,
      subject: 'Release requested',
      text: `${asked.from} asks whether a restriction can be eased. Sign in to decide:\n${publicUrl}/care/${id}\n`,
    };
    await mail
      .send(person.organisationId, note)
      .catch((error: { code?: string }) => log.error({ code: error.code }, 'mail was not sent'));
    ctx.status = 201;
    ctx.body = {};
  });

  /** A request that is turned down, with the reason. */
  router.post('/release-requests/:id/answer', async (ctx) => {
    const id = idFrom(ctx.params.id, 'request');
    const { words } = validated(yup.object({ words: someWords.required('must say why not') }), ctx.request.body);
    if ((await database.asPerson(personOf(ctx), (tx) => answerRequests(tx, { id }, words))) === 0)
      throw notFound('request');
    ctx.status = 204;
  });

  return router;
}
