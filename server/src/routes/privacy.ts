import Router from '@koa/router';
import { stringify } from 'csv-stringify/sync';
import { attach } from '../middleware/attachment';
import { notFound } from '../middleware/http-error';
import { idFrom } from '../middleware/validated';
import { eraseAthlete, everythingOf } from '../store/export';
import { personOf, type Services } from './context';

type Everything = NonNullable<Awaited<ReturnType<typeof everythingOf>>>;

/** One line a logged set, with the day of its session and what was said of it: what a spreadsheet can take. */
function setsAsCsv({ sessions, sets, reports }: Everything): string {
  const lines = sets.map((set) => {
    const session = sessions.find((s) => s.id === set.sessionId);
    const report = reports.find((r) => r.sessionId === set.sessionId);
    return {
      day: session?.on,
      exercise: set.variant,
      set: set.setNumber,
      side: set.side,
      amount: set.amount,
      reps_in_reserve: set.reserve,
      note: set.note,
      done_at: set.doneAt,
      session_rpe: report?.effort,
      session_minutes: report?.minutes,
      pain: report?.pain.map(({ region, side, score }) => `${region}${side ? ` ${side}` : ''} ${score}`).join('; '),
    };
  });
  // A cell that a spreadsheet would take for a formula is kept as text.
  return stringify(lines, { header: true, escape_formulas: true });
}

/** What a club owes whoever asks for it: all that is kept of an athlete, and that it is taken away. */
export function privacyRoutes({ database }: Services): Router {
  const router = new Router();
  const everything = async (ctx: Parameters<typeof personOf>[0], given: string | undefined) => {
    const id = idFrom(given, 'athlete');
    const found = await database.asPerson(personOf(ctx), (tx) => everythingOf(tx, id));
    if (!found) throw notFound('athlete');
    return found;
  };

  router.get('/athletes/:id/export.json', async (ctx) => {
    const found = await everything(ctx, ctx.params.id);
    attach(ctx, found.athlete.name, 'json');
    ctx.body = found;
  });

  router.get('/athletes/:id/export.csv', async (ctx) => {
    const found = await everything(ctx, ctx.params.id);
    attach(ctx, found.athlete.name, 'csv');
    ctx.type = 'text/csv';
    ctx.body = setsAsCsv(found);
  });

  router.delete('/athletes/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'athlete');
    if (!(await database.asPerson(personOf(ctx), (tx) => eraseAthlete(tx, id)))) throw notFound('athlete');
    ctx.status = 204;
  });

  return router;
}
