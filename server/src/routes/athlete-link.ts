import Router from '@koa/router';
import type { LoggedSet } from '@tropaeum/core/athlete/logged-set';
import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import type { ReadinessToday } from '@tropaeum/core/session/player/readiness-today';
import { databaseCode } from '../database/database';
import { AuthLookup } from '../middleware/auth-lookup';
import { HttpError, validationFailed } from '../middleware/http-error';
import { validated } from '../middleware/validated';
import { noticeGuardians } from '../store/guardian-notices';
import { linkDays, renewLink, untilOfLink } from '../store/links';
import { addMorning, addReadiness, addReport } from '../store/results';
import { sessionById } from '../store/sessions';
import { addTestResult } from '../store/test-results';
import type { Services } from './context';
import { logBatch, morning, readiness, report, resultFaults, testResult } from './link-fields';
import { phoneAnswer } from './phone-answer';

/** Logs that a session may hold: far more than anybody does in one. */
const maxLogs = 1000;

/** What came twice in one call counts once, as it was said last. */
const once = (logs: readonly LoggedSet[]): LoggedSet[] => [...new Map(logs.map((one) => [one.id, one])).values()];

/** What an athlete can do with the link: see today's session, log sets, report at the end. Everything may arrive twice. */
export function athleteLinkRoutes({ database, today, now, linkRate, publicUrl }: Services): Router {
  const router = new Router({ prefix: '/link/:token' });
  const door = new AuthLookup(database, linkRate, publicUrl);
  const moment = () => ({ now: now().toISOString(), today: today() });

  router.get('/', async (ctx) => {
    const hash = await door.hashOf(ctx);
    const { organisation_id, athlete_id } = await door.holderOf(ctx, hash);
    ctx.body = await database.asOrganisation(organisation_id, async (tx) =>
      phoneAnswer(tx, athlete_id, today(), await untilOfLink(tx, hash)),
    );
  });

  router.post('/renewal', async (ctx) => {
    const hash = await door.hashOf(ctx);
    const { organisation_id } = await door.holderOf(ctx, hash);
    const linkUntil = new Date(now().getTime() + linkDays * 86_400_000).toISOString();
    if (!(await database.asOrganisation(organisation_id, (tx) => renewLink(tx, hash, linkUntil))))
      throw new HttpError(409, 'There is nothing to renew: you are signed in.');
    ctx.body = { linkUntil };
  });

  router.post('/tests', async (ctx) => {
    const { organisation_id, athlete_id } = await door.holder(ctx);
    const { on, ...given } = validated(testResult, ctx.request.body);
    const faults = resultFaults(given);
    if (faults.length > 0) throw validationFailed(faults);
    await database.asOrganisation(organisation_id, async (tx) => {
      if (!(await addTestResult(tx, athlete_id, { ...given, on } as TestResult)))
        throw new HttpError(404, 'There is no such athlete.');
    });
    ctx.status = 204;
  });

  router.post('/logs', async (ctx) => {
    const hash = await door.hashOf(ctx);
    const { sessionId, logs } = validated(logBatch, ctx.request.body);
    const came = await database.keepLogs(hash, sessionId, once(logs as LoggedSet[]), maxLogs).catch((error) => {
      if (databaseCode(error) === 'TR001')
        throw new HttpError(422, `A session holds ${maxLogs} sets; this is more than anybody does in one.`);
      throw error;
    });
    if (came === 'no link') await door.refuse(ctx, hash);
    if (came === 'no session') throw new HttpError(404, 'There is no such session.');
    if (came !== 'kept')
      throw validationFailed([{ path: 'logs', message: `"${came.replace('variant ', '')}" is not in this session` }]);
    ctx.body = { kept: logs.map((l) => l.id) };
  });

  router.post('/report', async (ctx) => {
    const { organisation_id, athlete_id } = await door.holder(ctx);
    const given = validated(report, ctx.request.body);
    await database.asOrganisation(organisation_id, async (tx) => {
      const session = await sessionById(tx, given.sessionId);
      if (!session || session.athleteId !== athlete_id || session.status === 'draft')
        throw new HttpError(404, 'There is no such session.');
      await addReport(tx, {
        ...given,
        organisationId: organisation_id,
        note: given.note ?? null,
        betterSide: given.betterSide ?? null,
        pain: given.pain as never,
      });
      await noticeGuardians(tx, session, moment());
    });
    ctx.status = 204;
  });

  router.post('/readiness', async (ctx) => {
    const { organisation_id, athlete_id } = await door.holder(ctx);
    const { sessionId, toldAt, ...told } = validated(readiness, ctx.request.body);
    await database.asOrganisation(organisation_id, async (tx) => {
      const session = await sessionById(tx, sessionId);
      if (session?.athleteId !== athlete_id || session.status === 'draft')
        throw new HttpError(404, 'There is no such session.');
      await addReadiness(tx, { sessionId, organisationId: organisation_id, content: told as ReadinessToday, toldAt });
      await noticeGuardians(tx, session, moment());
    });
    ctx.status = 204;
  });

  router.post('/morning', async (ctx) => {
    const { organisation_id, athlete_id } = await door.holder(ctx);
    const given = validated(morning, ctx.request.body);
    await database.asOrganisation(organisation_id, async (tx) => {
      const session = await sessionById(tx, given.sessionId);
      const isOwn = session?.athleteId === athlete_id;
      if (!isOwn || !(await addMorning(tx, session.id, given.pain as never, now().toISOString())))
        throw new HttpError(404, 'There is no finished session to answer for.');
      await noticeGuardians(tx, session, moment());
    });
    ctx.status = 204;
  });

  return router;
}
