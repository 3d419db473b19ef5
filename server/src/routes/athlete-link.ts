import Router from '@koa/router';
import type { Restriction } from '@tropaeum/core/athlete/athlete';
import type { LoggedSet } from '@tropaeum/core/athlete/logged-set';
import { regions } from '@tropaeum/core/exercise/model/vocabulary';
import { changesOf } from '@tropaeum/core/limits/release';
import { labelAmong } from '@tropaeum/core/season/scheduler/day';
import * as yup from 'yup';
import { databaseCode, type Transaction } from '../database/database';
import { AuthLookup } from '../middleware/auth-lookup';
import { HttpError, validationFailed } from '../middleware/http-error';
import { moment, uuid, validated } from '../middleware/validated';
import { unitsOf } from '../store/accounts';
import { athleteById, restrictionOf } from '../store/athletes';
import { lacksConsent } from '../store/consents';
import { addMorning, addReport, logsOf, morningToAsk, reportsOf } from '../store/results';
import { seasonOfAthlete } from '../store/seasons';
import { bringUpToDate, type SessionRow, sessionById, sessionToDo } from '../store/sessions';
import { weekFrom } from './athlete-week';
import type { Services } from './context';
import { underRestrictions } from './session-fields';

const log = yup.object({
  id: uuid.required('is required'),
  variant: yup.string().required('is required').max(80, 'must be 80 characters or fewer'),
  setNumber: yup
    .number()
    .integer('must be a whole number')
    .min(1, 'must be 1 or more')
    .max(30, 'must be 30 or less')
    .required('is required'),
  side: yup
    .string()
    .oneOf(['left', 'right', 'both'] as const, 'must be left, right or both')
    .required('is required'),
  amount: yup.number().min(0, 'must be 0 or more').max(1000, 'must be 1000 or less').required('is required'),
  reserve: yup
    .number()
    .integer('must be a whole number')
    .min(0, 'must be 0 or more')
    .max(10, 'must be 10 or less')
    .nullable(),
  note: yup.string().max(500, 'must be 500 characters or fewer'),
  doneAt: moment.required('is required'),
});
const logBatch = yup.object({
  sessionId: uuid.required('is required'),
  logs: yup.array().of(log).min(1, 'must hold at least one').max(200, 'must hold 200 or fewer').required('is required'),
});

const pain = yup
  .array()
  .of(
    yup.object({
      region: yup
        .string()
        .oneOf([...regions], `must be one of ${regions.join(', ')}`)
        .required('is required'),
      side: yup.string().oneOf(['left', 'right', 'both'] as const, 'must be left, right or both'),
      score: yup.number().min(0, 'must be 0 or more').max(10, 'must be 10 or less').required('is required'),
    }),
  )
  .max(13, 'must hold 13 or fewer');
const morning = yup.object({ sessionId: uuid.required('is required'), pain: pain.required('is required') });

const report = yup.object({
  sessionId: uuid.required('is required'),
  effort: yup
    .number()
    .integer('must be a whole number')
    .min(0, 'must be 0 or more')
    .max(10, 'must be 10 or less')
    .required('is required'),
  minutes: yup
    .number()
    .integer('must be a whole number')
    .min(0, 'must be 0 or more')
    .max(600, 'must be 600 or less')
    .required('is required'),
  pain: pain.required('is required'),
  note: yup.string().max(1000, 'must be 1000 characters or fewer'),
  finishedAt: moment.required('is required'),
});

/**
 * A session that went out, under the restrictions of now: what a physio or coach has set since changes it at once. Where it holds what is not
 * allowed any more, it is withheld until another one comes.
 */
async function asItStands(
  tx: Transaction,
  session: SessionRow | undefined,
  restrictions: readonly Restriction[],
): Promise<{ session: SessionRow | undefined; withheld?: true }> {
  const stood = session?.brief.athlete.restrictions ?? [];
  const same = changesOf(stood, restrictions).length === 0;
  if (session?.status !== 'sent' || same) return { session };
  try {
    const content = underRestrictions(session, restrictions);
    await bringUpToDate(tx, session.id, content);
    return { session: { ...session, ...content } };
  } catch (error) {
    if (!(error instanceof HttpError)) throw error;
    return { session: undefined, withheld: true };
  }
}

/** Logs that a session may hold: far more than anybody does in one. */
const maxLogs = 1000;

/** What came twice in one call counts once, as it was said last. */
const once = (logs: readonly LoggedSet[]): LoggedSet[] => [...new Map(logs.map((one) => [one.id, one])).values()];

/** What an athlete can do with the link: see today's session, log sets, report at the end. Everything may arrive twice. */
export function athleteLinkRoutes({ database, today, now, linkRate, publicUrl }: Services): Router {
  const router = new Router({ prefix: '/link/:token' });
  const door = new AuthLookup(database, linkRate, publicUrl);

  router.get('/', async (ctx) => {
    const { organisation_id, athlete_id } = await door.holder(ctx);
    ctx.body = await database.asOrganisation(organisation_id, async (tx) => {
      const athlete = await athleteById(tx, athlete_id);
      const consents = !athlete || !(await lacksConsent(tx, athlete, today()));
      const toDo = consents ? await sessionToDo(tx, athlete_id, today()) : undefined;
      const { session, withheld } = await asItStands(tx, toDo, athlete?.restrictions.map(restrictionOf) ?? []);
      const ids = session ? [session.id] : [];
      const [logs, reports] = [await logsOf(tx, ids), await reportsOf(tx, ids)];
      const season = athlete && (await seasonOfAthlete(tx, athlete.squadId, athlete_id, today()));
      return {
        athlete: {
          id: athlete_id,
          name: athlete?.name,
          heightCm: athlete?.heightCm,
          massKg: athlete?.massKg,
          sex: athlete?.sex,
        },
        today: today(),
        ...(await unitsOf(tx)),
        ...(withheld ? { withheld } : {}),
        week: season ? weekFrom(season, today(), session?.on) : [],
        session: session
          ? {
              id: session.id,
              on: session.on,
              label: labelAmong(
                session.on,
                (season?.fixtures ?? []).map(({ on }) => on),
              ),
              status: session.status,
              plan: session.plan,
              secondSide: session.brief.houseRules.secondSide,
              dominantSide: athlete?.dominantSide,
            }
          : null,
        logs: logs.map(({ id, variant, setNumber, side, amount, reserve }) => ({
          id,
          variant,
          setNumber,
          side,
          amount,
          ...(reserve === null ? {} : { reserve }),
        })),
        reported: reports.length > 0,
        morning: consents ? ((await morningToAsk(tx, athlete_id, today())) ?? null) : null,
      };
    });
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
        pain: given.pain as never,
      });
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
    });
    ctx.status = 204;
  });

  return router;
}
