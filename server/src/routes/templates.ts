import Router from '@koa/router';
import { readTemplate } from '@tropaeum/core/formats/template';
import { notFound, validationFailed } from '../middleware/http-error';
import { idFrom } from '../middleware/validated';
import { deleteTemplate, saveTemplate, templatesOf } from '../store/templates';
import { personOf, type Services } from './context';

/** Sessions kept by name for the whole club. */
export function templateRoutes({ database }: Services): Router {
  const router = new Router();

  router.get('/templates', async (ctx) => {
    ctx.body = { templates: await database.asPerson(personOf(ctx), templatesOf) };
  });

  router.post('/templates', async (ctx) => {
    const person = personOf(ctx);
    const reading = readTemplate(ctx.request.body);
    if ('faults' in reading) throw validationFailed(reading.faults);
    ctx.body = await database.asPerson(person, (tx) => saveTemplate(tx, person.organisationId, reading.template));
    ctx.status = 201;
  });

  router.delete('/templates/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'template');
    if (!(await database.asPerson(personOf(ctx), (tx) => deleteTemplate(tx, id)))) throw notFound('template');
    ctx.status = 204;
  });

  return router;
}
