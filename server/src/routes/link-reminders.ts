import Router from '@koa/router';
import { isZone } from '@tropaeum/core/date/zone-time';
import type { ReminderWishes } from '@tropaeum/core/session/player/reminders';
import { v7 } from 'uuid';
import * as yup from 'yup';
import { AuthLookup } from '../middleware/auth-lookup';
import { HttpError, validationFailed } from '../middleware/http-error';
import { validated } from '../middleware/validated';
import { changeWishes, pushKeysOf, subscribe, subscriptionsOf, unsubscribe } from '../store/push';
import type { Services } from './context';

const minute = yup
  .number()
  .integer('must be a whole number of minutes')
  .min(0, 'must be 0 or more')
  .max(1439, 'must be 1439 or less');
const wishes = yup.object({
  sessionAt: minute.nullable().defined('is required'),
  morningAt: minute.nullable().defined('is required'),
  whenSent: yup.boolean().required('is required'),
  quietFrom: minute.required('is required'),
  quietTo: minute.required('is required'),
  timeZone: yup
    .string()
    .required('is required')
    .max(64, 'must be 64 characters or fewer')
    .test('zone', 'must be a time zone such as Europe/Oslo', (name) => isZone(name ?? '')),
});
const key = yup.string().matches(/^[A-Za-z0-9_-]{16,200}$/, 'must be a key of the browser, base64url');
const endpoint = yup.string().url('must be an address').max(1000, 'must be 1000 characters or fewer');
const wanted = yup.object({
  /** Left out where reminders are simulated: the stand-in has phones of its own. Without keys it is a phone that is known and wishes something else. */
  endpoint,
  keys: yup.object({ p256dh: key, auth: key }).default(undefined),
  wishes: wishes.required('is required'),
});
const ended = yup.object({ endpoint: endpoint.required('is required') });

/** Reminders of a phone: the key to say yes with, when it wants what, and no more. */
export function linkReminderRoutes({ database, linkRate, publicUrl, pushSimulator }: Services): Router {
  const router = new Router({ prefix: '/link/:token/reminders' });
  const door = new AuthLookup(database, linkRate, publicUrl);
  const keys = pushKeysOf(database);

  router.get('/', async (ctx) => {
    const { organisation_id, athlete_id } = await door.holder(ctx);
    const phones = await database.asOrganisation(organisation_id, (tx) => subscriptionsOf(tx, athlete_id));
    ctx.body = {
      key: (await keys()).publicKey,
      simulated: pushSimulator !== undefined,
      phones: phones.map(({ endpoint: where, wishes: when }) => ({ endpoint: where, wishes: when })),
    };
  });

  router.post('/', async (ctx) => {
    const { organisation_id, athlete_id } = await door.holder(ctx);
    const given = validated(wanted, ctx.request.body);
    const when = given.wishes as ReminderWishes;
    if (given.endpoint && !given.keys) {
      const { endpoint: known } = given;
      if (!(await database.asOrganisation(organisation_id, (tx) => changeWishes(tx, athlete_id, known, when))))
        throw new HttpError(404, 'This phone is not reminded any more; say yes once more.');
      ctx.body = { endpoint: known };
      return;
    }
    const target =
      given.endpoint && given.keys?.p256dh && given.keys.auth
        ? { endpoint: given.endpoint, keys: { p256dh: given.keys.p256dh, auth: given.keys.auth } }
        : pushSimulator?.subscribe();
    if (!target) throw validationFailed([{ path: 'endpoint', message: 'is required, with its keys' }]);
    if (!pushSimulator && !target.endpoint.startsWith('https:'))
      throw validationFailed([{ path: 'endpoint', message: 'must begin with https:' }]);
    await database.asOrganisation(organisation_id, (tx) =>
      subscribe(tx, {
        ...{ id: v7(), organisationId: organisation_id, athleteId: athlete_id },
        ...target,
        wishes: when,
      }),
    );
    ctx.body = { endpoint: target.endpoint };
  });

  router.post('/end', async (ctx) => {
    const { organisation_id, athlete_id } = await door.holder(ctx);
    const given = validated(ended, ctx.request.body);
    await database.asOrganisation(organisation_id, (tx) => unsubscribe(tx, athlete_id, given.endpoint));
    ctx.status = 204;
  });

  return router;
}
