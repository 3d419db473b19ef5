import Router from '@koa/router';
import { regions } from '@tropaeum/core/exercise/vocabulary';
import type { Context } from 'koa';
import * as yup from 'yup';
import { Problem } from '../doors/problem';
import { tokenHash } from '../doors/tokens';
import { moment, uuid, validated } from '../doors/validated';
import { athleteById } from '../store/athletes';
import { addLogs, addReport, type IncomingLog, logsOf, reportsOf, sessionById, sessionToDo } from '../store/sessions';
import type { Services } from './context';

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
  pain: yup
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
    .max(13, 'must hold 13 or fewer')
    .required('is required'),
  note: yup.string().max(1000, 'must be 1000 characters or fewer'),
  finishedAt: moment.required('is required'),
});

interface LinkHolder {
  organisation_id: string;
  athlete_id: string;
}

/** What an athlete can do with the link: see today's session, log sets, report at the end. Everything may arrive twice. */
export function athleteLinkRoutes({ database, today }: Services): Router {
  const router = new Router({ prefix: '/link/:token' });
  const holder = async (ctx: Context): Promise<LinkHolder> => {
    const token = (ctx.params as { token: string }).token;
    const found = await database.door<LinkHolder & Record<string, unknown>>('door_link', tokenHash(token));
    if (!found) throw new Problem(404, 'This link is not valid any more; ask your coach for a new one.');
    return found;
  };

  router.get('/', async (ctx) => {
    const { organisation_id, athlete_id } = await holder(ctx);
    ctx.body = await database.asOrganisation(organisation_id, async (tx) => {
      const athlete = await athleteById(tx, athlete_id);
      const session = await sessionToDo(tx, athlete_id, today());
      const ids = session ? [session.id] : [];
      const [logs, reports] = [await logsOf(tx, ids), await reportsOf(tx, ids)];
      return {
        athlete: { name: athlete?.name, heightCm: athlete?.heightCm, massKg: athlete?.massKg, sex: athlete?.sex },
        today: today(),
        session: session
          ? {
              id: session.id,
              on: session.on,
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
      };
    });
  });

  router.post('/logs', async (ctx) => {
    const { organisation_id, athlete_id } = await holder(ctx);
    const { sessionId, logs } = validated(logBatch, ctx.request.body);
    await database.asOrganisation(organisation_id, async (tx) => {
      const session = await sessionById(tx, sessionId);
      if (!session || session.athleteId !== athlete_id) throw new Problem(404, 'There is no such session.');
      await addLogs(tx, organisation_id, sessionId, logs as IncomingLog[]);
    });
    ctx.body = { kept: logs.map((l) => l.id) };
  });

  router.post('/report', async (ctx) => {
    const { organisation_id, athlete_id } = await holder(ctx);
    const given = validated(report, ctx.request.body);
    await database.asOrganisation(organisation_id, async (tx) => {
      const session = await sessionById(tx, given.sessionId);
      if (!session || session.athleteId !== athlete_id) throw new Problem(404, 'There is no such session.');
      await addReport(tx, {
        ...given,
        organisationId: organisation_id,
        note: given.note ?? null,
        pain: given.pain as never,
      });
    });
    ctx.status = 204;
  });

  return router;
}
