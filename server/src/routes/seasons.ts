import Router from '@koa/router';
import { dayAfter } from '@tropaeum/core/athlete/athlete';
import { readOwnSeason, readSeason } from '@tropaeum/core/formats/season';
import { entryKinds } from '@tropaeum/core/season/calendar';
import { typeOfDose } from '@tropaeum/core/season/written';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { notFound, notRight, Problem } from '../doors/problem';
import { newToken, tokenHash } from '../doors/tokens';
import { idFrom, uuid, validated } from '../doors/validated';
import { readAgain } from '../feeds-again';
import { athleteById, squadById } from '../store/athletes';
import {
  addCalendarLink,
  addFeed,
  endCalendarLinks,
  type FeedRow,
  feedById,
  feedsOf,
  forgetFeed,
  ownSeasonsOf,
  readFeed,
  saveOwnSeason,
  saveSeason,
  seasonOf,
} from '../store/seasons';
import { reportsOf, sessionsOfSquad } from '../store/sessions';
import { coachOf, type Services } from './context';

/** How far the season view looks back and ahead, days. */
const [lookBack, lookAhead] = [70, 120];

const revised = yup.object({
  revision: yup.number().integer('must be a whole number').min(0, 'must be 0 or more').required('is required'),
  season: yup.object().required('is required'),
});

const newFeed = yup.object({
  url: yup
    .string()
    .required('is required')
    .max(500, 'must be 500 characters or fewer')
    .matches(/^(https?|webcal):\/\/\S+$/i, 'must be an address such as https://league.example/fixtures.ics'),
  otherwise: yup.string().oneOf([...entryKinds], `must be one of ${entryKinds.join(', ')}`),
});

const savedInBetween = () =>
  new Problem(409, 'Somebody has saved this season in the meantime. Open it again to see what has changed.');

/** A feed as the coach sees it: what its last good copy says, how old that is, and what went wrong since. */
function told(feed: FeedRow, zone: string, today: string) {
  const { id, url, readAt, triedAt, problem } = feed;
  const { entries, bad, cancelled } = readFeed(feed, zone, today);
  return { id, url, readAt, triedAt, problem, entries, bad, cancelled: cancelled.length };
}

/** Seasons of squads and of their athletes, the calendars they read, and the ones they give out. */
export function seasonRoutes(services: Services): Router {
  const { database, feeds, now, today } = services;
  const router = new Router();

  const squadIn = async (tx: Transaction, id: string) => {
    const squad = await squadById(tx, id);
    if (!squad) throw notFound('squad');
    return squad;
  };

  router.get('/squads/:id/season', async (ctx) => {
    const id = idFrom(ctx.params.id, 'squad');
    ctx.body = await database.asOrganisation(coachOf(ctx).organisationId, async (tx) => {
      await squadIn(tx, id);
      const { content, revision } = await seasonOf(tx, id);
      const own = await ownSeasonsOf(tx, id);
      const sessions = await sessionsOfSquad(tx, id, dayAfter(today(), -lookBack), dayAfter(today(), lookAhead));
      const reports = await reportsOf(
        tx,
        sessions.map((s) => s.id),
      );
      const reportOf = new Map(reports.map((r) => [r.sessionId, r]));
      return {
        season: content,
        revision,
        feeds: (await feedsOf(tx, [id])).map((feed) => told(feed, content.zone, today())),
        own: [...own].map(([athleteId, { content: mine, revision: at }]) => ({
          athleteId,
          season: mine,
          revision: at,
        })),
        written: sessions.map(({ dose, type, ...session }) => {
          const report = reportOf.get(session.id);
          return {
            ...session,
            dose,
            type: type ?? (dose ? typeOfDose(dose, session.planned) : 'whole-body'),
            report: report ? { effort: report.effort, minutes: report.minutes } : null,
          };
        }),
      };
    });
  });

  router.put('/squads/:id/season', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const id = idFrom(ctx.params.id, 'squad');
    const body = validated(revised, ctx.request.body) as { revision: number };
    const reading = readSeason((ctx.request.body as { season: unknown }).season);
    if ('faults' in reading) throw notRight(reading.faults.map((f) => ({ ...f, path: `season.${f.path}` })));
    ctx.body = await database.asOrganisation(organisationId, async (tx) => {
      await squadIn(tx, id);
      const revision = await saveSeason(tx, organisationId, id, body.revision, reading.season);
      if (revision === undefined) throw savedInBetween();
      return { revision };
    });
  });

  router.put('/athletes/:id/season', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const id = idFrom(ctx.params.id, 'athlete');
    const body = validated(revised, ctx.request.body) as { revision: number };
    const reading = readOwnSeason((ctx.request.body as { season: unknown }).season);
    if ('faults' in reading) throw notRight(reading.faults.map((f) => ({ ...f, path: `season.${f.path}` })));
    ctx.body = await database.asOrganisation(organisationId, async (tx) => {
      if (!(await athleteById(tx, id))) throw notFound('athlete');
      const revision = await saveOwnSeason(tx, organisationId, id, body.revision, reading.season);
      if (revision === undefined) throw savedInBetween();
      return { revision };
    });
  });

  router.post('/squads/:id/feeds', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const id = idFrom(ctx.params.id, 'squad');
    const { url: typed, otherwise } = validated(newFeed, ctx.request.body) as { url: string; otherwise?: string };
    const url = typed.replace(/^webcal:/i, 'https:');
    const zone = await database.asOrganisation(organisationId, async (tx) => {
      await squadIn(tx, id);
      return (await seasonOf(tx, id)).content.zone;
    });
    const brought = await feeds.read(url);
    if ('problem' in brought) throw notRight([{ path: 'url', message: brought.problem }]);
    const readAt = now().toISOString();
    ctx.body = await database.asOrganisation(organisationId, async (tx) => {
      const kind = entryKinds.find((k) => k === otherwise) ?? 'fixture';
      const added = await addFeed(tx, organisationId, id, { url, otherwise: kind, copy: brought.copy, readAt });
      if (!added) throw notRight([{ path: 'url', message: 'is read already' }]);
      return told((await feedById(tx, added)) as FeedRow, zone, today());
    });
    ctx.status = 201;
  });

  router.post('/feeds/:id/read', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const id = idFrom(ctx.params.id, 'feed');
    if (!(await readAgain(services, organisationId, id))) throw notFound('feed');
    ctx.body = await database.asOrganisation(organisationId, async (tx) => {
      const feed = (await feedById(tx, id)) as FeedRow;
      return told(feed, (await seasonOf(tx, feed.squadId)).content.zone, today());
    });
  });

  router.delete('/feeds/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'feed');
    if (!(await database.asOrganisation(coachOf(ctx).organisationId, (tx) => forgetFeed(tx, id))))
      throw notFound('feed');
    ctx.status = 204;
  });

  router.post('/squads/:id/calendar-links', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const id = idFrom(ctx.params.id, 'squad');
    const { athleteId } = validated(yup.object({ athleteId: uuid }), ctx.request.body) as { athleteId?: string };
    const token = newToken();
    await database.asOrganisation(organisationId, async (tx) => {
      await squadIn(tx, id);
      const athlete = athleteId ? await athleteById(tx, athleteId) : undefined;
      if (athleteId && athlete?.squadId !== id) throw notFound('athlete');
      await addCalendarLink(tx, organisationId, {
        tokenHash: tokenHash(token),
        squadId: id,
        athleteId: athleteId ?? null,
      });
    });
    ctx.status = 201;
    ctx.body = { path: `/api/calendars/${token}.ics` };
  });

  router.delete('/squads/:id/calendar-links', async (ctx) => {
    const id = idFrom(ctx.params.id, 'squad');
    ctx.body = await database.asOrganisation(coachOf(ctx).organisationId, async (tx) => {
      await squadIn(tx, id);
      return { ended: await endCalendarLinks(tx, id) };
    });
  });

  return router;
}
