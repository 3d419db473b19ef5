import Router from '@koa/router';
import { stationsOf } from '@tropaeum/core/session/player/hall';
import * as yup from 'yup';
import { notFound } from '../middleware/http-error';
import { idFrom, validated } from '../middleware/validated';
import { plansOfSquad } from '../store/squad-plans';
import { personOf, type Services } from './context';

const asked = yup.object({ on: yup.string().matches(/^\d{4}-\d{2}-\d{2}$/, 'must be a day such as 2026-12-09') });

/** One screen for a squad in a hall: what they have in common, each one's own way beside the name. */
export function hallRoutes({ database, today }: Services): Router {
  const router = new Router();
  router.get('/squads/:id/hall', async (ctx) => {
    const id = idFrom(ctx.params.id, 'squad');
    const { on = today() } = validated(asked, { ...ctx.query });
    const plans = await database.asPerson(personOf(ctx), (tx) => plansOfSquad(tx, id, on));
    if (!plans) throw notFound('squad');
    ctx.body = { on, stations: stationsOf(plans) };
  });
  return router;
}
