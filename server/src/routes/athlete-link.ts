import Router from '@koa/router';
import { dayAfter } from '@tropaeum/core/athlete/athlete';
import { regions } from '@tropaeum/core/exercise/vocabulary';
import { labelAmong } from '@tropaeum/core/season/days/day';
import { sessionTypeNames } from '@tropaeum/core/session-type/session-type';
import type { Context } from 'koa';
import * as yup from 'yup';
import { Problem } from '../doors/problem';
import { tokenHash } from '../doors/tokens';
import { moment, uuid, validated } from '../doors/validated';
import { athleteById } from '../store/athletes';
import { type SquadSeason, seasonOfAthlete } from '../store/seasons';
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

/** The next seven days as the athlete has to know them: fixtures, and sessions that are laid, with their labels. */
function weekFrom({ fixtures, laid }: SquadSeason, today: string, sent: string | undefined) {
  const to = dayAfter(today, 6);
  const inside = ({ on }: { on: string }) => on >= today && on <= to;
  return [
    ...fixtures.filter(inside).map(({ on, name }) => ({ on, label: 'MD', name })),
    // What is sent for a day stands in place of what is laid.
    ...laid
      .filter((session) => inside(session) && session.on !== sent)
      .map(({ on, type, minutes, start, label }) => ({ on, label, name: sessionTypeNames[type], minutes, start })),
  ].sort((a, b) => a.on.localeCompare(b.on));
}

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
      const season = athlete && (await seasonOfAthlete(tx, athlete.squadId, athlete_id, today()));
      return {
        athlete: { name: athlete?.name, heightCm: athlete?.heightCm, massKg: athlete?.massKg, sex: athlete?.sex },
        today: today(),
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
