import Router from '@koa/router';
import * as yup from 'yup';
import { HttpError, notFound } from '../middleware/http-error';
import { idFrom, validated } from '../middleware/validated';
import { deleteSquad, renameSquad } from '../store/athletes';
import { allOpenLinks } from '../store/links';
import { personOf, type Services } from './context';

/** Squads as such, and every link that is open. */
export function squadRoutes({ database }: Services): Router {
  const router = new Router();

  router.patch('/squads/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'squad');
    const { name } = validated(
      yup.object({ name: yup.string().trim().required('is required').max(80, 'must be 80 characters or fewer') }),
      ctx.request.body,
    );
    if (!(await database.asPerson(personOf(ctx), (tx) => renameSquad(tx, id, name)))) throw notFound('squad');
    ctx.status = 204;
  });

  router.delete('/squads/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'squad');
    const became = await database.asPerson(personOf(ctx), (tx) => deleteSquad(tx, id));
    if (became === 'none') throw notFound('squad');
    if (became === 'full') throw new HttpError(409, 'Somebody is in this squad; move or delete its athletes first.');
    ctx.status = 204;
  });

  router.get('/links', async (ctx) => {
    ctx.body = await database.asPerson(personOf(ctx), allOpenLinks);
  });

  return router;
}
