import Router from '@koa/router';
import { type Role, roles } from '@tropaeum/core/people/permissions';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import { emailTyped, idFrom, moment, uuid, validated } from '../middleware/validated';
import {
  accountById,
  addMailedLink,
  changeAccount,
  changeClub,
  endSignInsOf,
  limitTo,
  openInvitations,
  otherOwners,
  peopleOf,
  removeAccount,
  squadsAmong,
  withdrawInvitation,
} from '../store/accounts';
import { auditOf } from '../store/audit';
import { personOf, type Services } from './context';

const invitationDays = 7;
const invitationMinutes = invitationDays * 24 * 60;
const auditPage = 100;

const role = yup.string().oneOf(roles, `must be ${roles.join(', ')}`);
const squadIds = yup.array().of(uuid.required('is required')).max(100, 'must be 100 squads or fewer');
const email = yup
  .string()
  .trim()
  .lowercase()
  .matches(/^[^\s@]+@[^\s@]+\.[^\s@]+$/, 'must be an e-mail address')
  .max(200, 'must be 200 characters or fewer')
  .required('is required');
const units = yup.object({
  mass: yup.string().oneOf(['kg', 'lb'], 'must be kg or lb').required('is required'),
  length: yup.string().oneOf(['cm', 'in'], 'must be cm or in').required('is required'),
});

/** Squads that somebody is limited to have to be the club's, and an owner is limited to none. */
async function refuseForeignSquads(tx: Transaction, ids: readonly string[], of: Role): Promise<void> {
  if (of === 'owner' && ids.length > 0)
    throw validationFailed([{ path: 'squadIds', message: 'must be empty: an owner sees the whole club' }]);
  const there = await squadsAmong(tx, ids);
  if (there.length !== new Set(ids).size)
    throw validationFailed([{ path: 'squadIds', message: 'must be squads of the club' }]);
}

/** The club and who belongs to it; what they have read and changed. */
export function peopleRoutes({ database, mail, log, publicUrl, now }: Services): Router {
  const router = new Router();

  router.patch('/club', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(
      yup.object({
        name: yup.string().trim().min(1, 'is required').max(80, 'must be 80 characters or fewer'),
        settings: yup.object({ units: units.default(undefined) }).default(undefined),
      }),
      ctx.request.body,
    );
    await database.asPerson(person, (tx) =>
      changeClub(tx, person.organisationId, {
        ...(body.name ? { name: body.name } : {}),
        ...(body.settings?.units ? { settings: { units: body.settings.units } } : {}),
      }),
    );
    ctx.status = 204;
  });

  router.get('/people', async (ctx) => {
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => ({
      people: await peopleOf(tx),
      invitations: await openInvitations(tx),
    }));
  });

  router.post('/invitations', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(yup.object({ email, role: role.required('is required'), squadIds: squadIds.default([]) }), {
      squadIds: [],
      ...emailTyped(ctx.request.body),
    });
    const { from, token } = await database.asPerson(person, async (tx) => {
      await refuseForeignSquads(tx, body.squadIds, body.role);
      if ((await peopleOf(tx)).some((one) => one.email === body.email))
        throw validationFailed([{ path: 'email', message: 'belongs to somebody of the club already' }]);
      // A new invitation takes the place of the one before.
      await withdrawInvitation(tx, { email: body.email });
      const link = { organisationId: person.organisationId, kind: 'invitation' as const, ...body };
      return {
        token: await addMailedLink(tx, link, invitationMinutes, now()),
        from: await accountById(tx, person.accountId),
      };
    });
    const invitation = {
      to: body.email,
      subject: `${from?.organisation} invites you to Tropaeum`,
      text: `${from?.name} invites you to work with ${from?.organisation} as ${body.role}.\n\nSet your password here within ${invitationDays} days:\n${publicUrl}/join/${token}\n`,
    };
    await mail.send(person.organisationId, invitation).catch((error: { code?: string }) => {
      log.error({ code: error.code }, 'mail was not sent');
      throw new HttpError(503, 'The mail could not be sent. Look whether the mail server is there, and invite again.');
    });
    ctx.status = 201;
    ctx.body = {};
  });

  router.delete('/invitations/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'invitation');
    if (!(await database.asPerson(personOf(ctx), (tx) => withdrawInvitation(tx, { id })))) throw notFound('invitation');
    ctx.status = 204;
  });

  router.patch('/people/:id', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'person');
    const body = validated(yup.object({ role, squadIds }), ctx.request.body);
    await database.asPerson(person, async (tx) => {
      const there = (await peopleOf(tx)).find((one) => one.id === id);
      if (!there) throw notFound('person');
      const becomes = body.role ?? there.role;
      if (there.role === 'owner' && becomes !== 'owner' && (await otherOwners(tx, id)) === 0)
        throw new HttpError(409, 'A club keeps one owner at least; make somebody else an owner first.');
      const squads = becomes === 'owner' ? [] : ((body.squadIds as string[] | undefined) ?? there.squadIds);
      await refuseForeignSquads(tx, squads, becomes);
      if (becomes !== there.role) await changeAccount(tx, id, { role: becomes });
      await limitTo(tx, person.organisationId, id, squads);
    });
    ctx.status = 204;
  });

  router.delete('/people/:id', async (ctx) => {
    const person = personOf(ctx);
    const id = idFrom(ctx.params.id, 'person');
    await database.asPerson(person, async (tx) => {
      if ((await otherOwners(tx, id)) === 0)
        throw new HttpError(409, 'A club keeps one owner at least; make somebody else an owner first.');
      await endSignInsOf(tx, id, {});
      if (!(await removeAccount(tx, id))) throw notFound('person');
    });
    ctx.status = 204;
  });

  router.get('/mails', (ctx) => {
    ctx.body = { mails: mail.simulated(personOf(ctx).organisationId) ?? null };
  });

  router.get('/audit', async (ctx) => {
    const { at, id, athlete } = validated(yup.object({ at: moment, id: uuid, athlete: uuid }), { ...ctx.query });
    const asked = {
      ...(at && id ? { before: { at, id } } : {}),
      ...(athlete ? { athleteId: athlete } : {}),
    };
    ctx.body = {
      entries: await database.asPerson(personOf(ctx), (tx) => auditOf(tx, asked, auditPage)),
    };
  });

  return router;
}
