import Router from '@koa/router';
import { dayAfter } from '@tropaeum/core/date/days';
import { readOwnSeason, readSeason } from '@tropaeum/core/formats/season';
import { entryKinds } from '@tropaeum/core/season/calendar/calendar';
import { typeOfDose } from '@tropaeum/core/season/plan/planned-session';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { refreshDueFeeds, refreshFeed } from '../jobs/feed-refresh';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import { newToken, tokenHash } from '../middleware/tokens';
import { idFrom, oneOf, revision, uuid, validated } from '../middleware/validated';
import { athleteById, squadById } from '../store/athletes';
import { addFeed, type FeedRow, feedById, feedReading, feedsOf, forgetFeed, readFeed } from '../store/feeds';
import { addCalendarLink, calendarLinksOf, endCalendarLink, endCalendarLinks } from '../store/links';
import { ownSeasonsOf, saveOwnSeason, saveSeason, seasonOf } from '../store/seasons';
import { sessionsOfSquad } from '../store/sessions';
import { personOf, type Services } from './context';

/** How far the season view looks back and ahead, days. */
const [lookBack, lookAhead] = [70, 120];

/** A calendar that is given out is so for a season and a little more, days. */
const calendarDays = 400;
const maxCalendarLinks = 100;

const revised = yup.object({
  revision,
  season: yup.object().required('is required'),
});

const newFeed = yup.object({
  url: yup
    .string()
    .required('is required')
    .max(500, 'must be 500 characters or fewer')
    .matches(/^(https?|webcal):\/\/\S+$/i, 'must be an address such as https://league.example/fixtures.ics'),
  otherwise: oneOf(entryKinds),
});

const savedInBetween = () =>
  new HttpError(409, 'Somebody has saved this season in the meantime. Open it again to see what has changed.');

/** A feed as the coach sees it: what its last good copy says, how old that is, and what went wrong since. One that another has deleted meanwhile is none. */
function told(feed: FeedRow | undefined) {
  if (!feed) throw notFound('feed');
  const { id, url, readAt, triedAt, problem } = feed;
  const { entries, bad, cancelled } = readFeed(feed);
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
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      await squadIn(tx, id);
      const { content, revision } = await seasonOf(tx, id);
      const own = await ownSeasonsOf(tx, id);
      const sessions = await sessionsOfSquad(tx, id, dayAfter(today(), -lookBack), dayAfter(today(), lookAhead));
      return {
        season: content,
        revision,
        feeds: (await feedsOf(tx, [id])).map((feed) => told(feed)),
        own: [...own].map(([athleteId, { content: mine, revision: at }]) => ({
          athleteId,
          season: mine,
          revision: at,
        })),
        written: sessions.map(({ dose, type, effort, minutes, ...session }) => ({
          ...session,
          dose,
          type: type ?? (dose ? typeOfDose(dose, session.planned) : 'whole-body'),
          report: effort === null ? null : { effort, minutes },
        })),
      };
    });
  });

  router.put('/squads/:id/season', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'squad');
    const body = validated(revised, ctx.request.body) as { revision: number };
    const reading = readSeason((ctx.request.body as { season: unknown }).season);
    if ('faults' in reading) throw validationFailed(reading.faults.map((f) => ({ ...f, path: `season.${f.path}` })));
    const { before, saved } = await database.asPerson(person, async (tx) => {
      await squadIn(tx, id);
      const { content } = await seasonOf(tx, id);
      return { before: content, saved: await saveSeason(tx, person.organisationId, id, body.revision, reading.season) };
    });
    if (saved === undefined) throw savedInBetween();
    if (before.zone !== reading.season.zone) await refreshDueFeeds(services, person.organisationId, id);
    ctx.body = { revision: saved };
  });

  router.put('/athletes/:id/season', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'athlete');
    const body = validated(revised, ctx.request.body) as { revision: number };
    const reading = readOwnSeason((ctx.request.body as { season: unknown }).season);
    if ('faults' in reading) throw validationFailed(reading.faults.map((f) => ({ ...f, path: `season.${f.path}` })));
    ctx.body = await database.asPerson(person, async (tx) => {
      if (!(await athleteById(tx, id))) throw notFound('athlete');
      const saved = await saveOwnSeason(tx, person.organisationId, id, body.revision, reading.season);
      if (saved === undefined) throw savedInBetween();
      return { revision: saved };
    });
  });

  router.post('/squads/:id/feeds', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'squad');
    const { url: typed, otherwise } = validated(newFeed, ctx.request.body) as { url: string; otherwise?: string };
    const url = typed.replace(/^webcal:/i, 'https:');
    const zone = await database.asPerson(person, async (tx) => {
      await squadIn(tx, id);
      return (await seasonOf(tx, id)).content.zone;
    });
    const kind = entryKinds.find((k) => k === otherwise) ?? 'fixture';
    const brought = await feeds.read(url, feedReading(zone, today(), kind));
    if ('problem' in brought) throw validationFailed([{ path: 'url', message: brought.problem }]);
    const readAt = now().toISOString();
    ctx.body = await database.asPerson(person, async (tx) => {
      const parsed = { ...brought.calendar, zone };
      const added = await addFeed(tx, person.organisationId, id, {
        url,
        otherwise: kind,
        copy: brought.copy,
        parsed,
        readAt,
      });
      if (!added) throw validationFailed([{ path: 'url', message: 'is read already' }]);
      return told(await feedById(tx, added));
    });
    ctx.status = 201;
  });

  router.post('/feeds/:id/read', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'feed');
    // Reading goes by the club; whether it may be asked for goes by who asks.
    if (!(await database.asPerson(person, (tx) => feedById(tx, id)))) throw notFound('feed');
    if (!(await refreshFeed(services, person.organisationId, id))) throw notFound('feed');
    ctx.body = await database.asPerson(person, async (tx) => told(await feedById(tx, id)));
  });

  router.delete('/feeds/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'feed');
    if (!(await database.asPerson(personOf(ctx), (tx) => forgetFeed(tx, id)))) throw notFound('feed');
    ctx.status = 204;
  });

  router.post('/squads/:id/calendar-links', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'squad');
    const { athleteId } = validated(yup.object({ athleteId: uuid }), ctx.request.body) as { athleteId?: string };
    const token = newToken();
    const made = await database.asPerson(person, async (tx) => {
      await squadIn(tx, id);
      const athlete = athleteId ? await athleteById(tx, athleteId) : undefined;
      if (athleteId && athlete?.squadId !== id) throw notFound('athlete');
      if ((await calendarLinksOf(tx, id)).length >= maxCalendarLinks)
        throw new HttpError(409, `A squad gives out ${maxCalendarLinks} addresses at most; end one that nobody reads.`);
      return addCalendarLink(tx, person.organisationId, {
        tokenHash: tokenHash(token),
        squadId: id,
        athleteId: athleteId ?? null,
        expiresAt: new Date(now().getTime() + calendarDays * 86_400_000).toISOString(),
      });
    });
    ctx.status = 201;
    ctx.body = { ...made, path: `/api/calendars/${token}.ics` };
  });

  router.get('/squads/:id/calendar-links', async (ctx) => {
    const id = idFrom(ctx.params.id, 'squad');
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      await squadIn(tx, id);
      return { links: await calendarLinksOf(tx, id) };
    });
  });

  router.delete('/calendar-links/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'calendar');
    if (!(await database.asPerson(personOf(ctx), (tx) => endCalendarLink(tx, id)))) throw notFound('calendar');
    ctx.status = 204;
  });

  router.delete('/squads/:id/calendar-links', async (ctx) => {
    const id = idFrom(ctx.params.id, 'squad');
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      await squadIn(tx, id);
      return { ended: await endCalendarLinks(tx, id) };
    });
  });

  return router;
}
