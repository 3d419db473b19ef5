import Router from '@koa/router';
import { variantById } from '@tropaeum/core/exercise/library/library';
import { type CustomExercise, readCustomExercise } from '@tropaeum/core/exercise/model/custom-exercise';
import { notFound, validationFailed } from '../middleware/http-error';
import { addOwnVariant, allOwnVariants, changeOwnVariant, removeOwnVariant } from '../store/own-variants';
import { personOf, type Services } from './context';

function ownFrom(body: unknown, taken: readonly string[]): CustomExercise {
  const reading = readCustomExercise(body, variantById, taken);
  if ('faults' in reading) throw validationFailed(reading.faults);
  return reading.own;
}

/** A club's own exercises; the shipped ones are part of the program. */
export function libraryRoutes({ database }: Services): Router {
  const router = new Router();

  router.get('/own-variants', async (ctx) => {
    ctx.body = await database.asPerson(personOf(ctx), allOwnVariants);
  });

  router.post('/own-variants', async (ctx) => {
    const person = personOf(ctx);
    const own = await database.asPerson(person, async (tx) => {
      const taken = (await allOwnVariants(tx)).map((v) => v.id);
      const words = ownFrom(ctx.request.body, taken);
      await addOwnVariant(tx, person.organisationId, words);
      return words;
    });
    ctx.status = 201;
    ctx.body = own;
  });

  router.put('/own-variants/:id', async (ctx) => {
    const id = ctx.params.id ?? '';
    await database.asPerson(personOf(ctx), async (tx) => {
      const known = (await allOwnVariants(tx)).map((v) => v.id);
      if (!known.includes(id)) throw notFound('own exercise');
      const words = ownFrom(
        ctx.request.body,
        known.filter((k) => k !== id),
      );
      await changeOwnVariant(tx, id, words);
    });
    ctx.status = 204;
  });

  router.delete('/own-variants/:id', async (ctx) => {
    const removed = await database.asPerson(personOf(ctx), (tx) => removeOwnVariant(tx, ctx.params.id ?? ''));
    if (!removed) throw notFound('own exercise');
    ctx.status = 204;
  });

  return router;
}
