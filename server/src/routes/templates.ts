import Router from '@koa/router';
import { readTemplate } from '@tropaeum/core/formats/template';
import { notFound, notRight } from '../doors/problem';
import { idFrom } from '../doors/validated';
import { forgetTemplate, keepTemplate, templatesOf } from '../store/templates';
import { coachOf, type Services } from './context';

/** Sessions kept by name for the whole club. */
export function templateRoutes({ database }: Services): Router {
  const router = new Router();

  router.get('/templates', async (ctx) => {
    ctx.body = { templates: await database.asOrganisation(coachOf(ctx).organisationId, templatesOf) };
  });

  router.post('/templates', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const reading = readTemplate(ctx.request.body);
    if ('faults' in reading) throw notRight(reading.faults);
    ctx.body = await database.asOrganisation(organisationId, (tx) =>
      keepTemplate(tx, organisationId, reading.template),
    );
    ctx.status = 201;
  });

  router.delete('/templates/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'template');
    if (!(await database.asOrganisation(coachOf(ctx).organisationId, (tx) => forgetTemplate(tx, id))))
      throw notFound('template');
    ctx.status = 204;
  });

  return router;
}
