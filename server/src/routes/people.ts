import Router from '@koa/router';
import { type Role, staffRoles } from '@tropaeum/core/people/permissions';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import { email, emailTyped, idFrom, moment, uuid, validated } from '../middleware/validated';
import { remindersShown } from '../simulators/push-simulator';
import {
  athletesAmong,
  changeAccount,
  endSignInsOf,
  limitTo,
  otherOwners,
  peopleOf,
  removeAccount,
  squadsAmong,
} from '../store/accounts';
import { auditOf } from '../store/audit';
import { giveAthletes } from '../store/care';
import { openInvitations, withdrawInvitation } from '../store/mailed-links';
import { namedSubscriptions } from '../store/push';
import { personOf, type Services } from './context';
import { inviteByMail } from './invitations';

const auditPage = 100;

const role = yup.string().oneOf(staffRoles, `must be ${staffRoles.join(', ')}`);
const squadIds = yup.array().of(uuid.required('is required')).max(100, 'must be 100 squads or fewer');
const athleteIds = yup.array().of(uuid.required('is required')).max(500, 'must be 500 athletes or fewer');
/** What somebody is limited to has to be the club's: an owner is limited to nothing, athletes are given to physios only. */
async function refuseForeign(
  tx: Transaction,
  given: { role: Role; squadIds: readonly string[]; athleteIds: readonly string[] },
): Promise<void> {
  if (given.role === 'owner' && given.squadIds.length > 0)
    throw validationFailed([{ path: 'squadIds', message: 'must be empty: an owner sees the whole club' }]);
  if (given.role !== 'physio' && given.athleteIds.length > 0)
    throw validationFailed([{ path: 'athleteIds', message: 'must be empty: athletes are given to physios' }]);
  if ((await squadsAmong(tx, given.squadIds)).length !== new Set(given.squadIds).size)
    throw validationFailed([{ path: 'squadIds', message: 'must be squads of the club' }]);
  if ((await athletesAmong(tx, given.athleteIds)).length !== new Set(given.athleteIds).size)
    throw validationFailed([{ path: 'athleteIds', message: 'must be athletes of the club' }]);
}

/** The club and who belongs to it; what they have read and changed. */
export function peopleRoutes({ database, mail, pushSimulator, log, publicUrl, now }: Services): Router {
  const router = new Router();

  router.get('/people', async (ctx) => {
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => ({
      people: await peopleOf(tx),
      invitations: await openInvitations(tx),
    }));
  });

  router.post('/invitations', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(
      yup.object({
        ...{ email, role: role.required('is required') },
        ...{ squadIds: squadIds.default([]), athleteIds: athleteIds.default([]) },
      }),
      { squadIds: [], athleteIds: [], ...emailTyped(ctx.request.body) },
    );
    await inviteByMail({ database, mail, log, publicUrl, now }, person, {
      ...body,
      check: async (tx) => {
        await refuseForeign(tx, body);
        if ((await peopleOf(tx)).some((one) => one.email === body.email))
          throw validationFailed([{ path: 'email', message: 'belongs to somebody of the club already' }]);
      },
      words: ({ name, organisation }) => ({
        subject: `${organisation} invites you to Tropaeum`,
        text: `${name} invites you to work with ${organisation} as ${body.role}.`,
      }),
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
    const body = validated(yup.object({ role, squadIds, athleteIds }), ctx.request.body);
    await database.asPerson(person, async (tx) => {
      const there = (await peopleOf(tx)).find((one) => one.id === id);
      if (!there) throw notFound('person');
      if (!staffRoles.includes(there.role))
        throw new HttpError(409, 'Guardians and athletes belong to an athlete; invite them there.');
      const becomes = body.role ?? there.role;
      if (there.role === 'owner' && becomes !== 'owner' && (await otherOwners(tx, id)) === 0)
        throw new HttpError(409, 'A club keeps one owner at least; make somebody else an owner first.');
      const given = {
        role: becomes,
        squadIds: becomes === 'owner' ? [] : ((body.squadIds as string[] | undefined) ?? there.squadIds),
        athleteIds: becomes === 'physio' ? ((body.athleteIds as string[] | undefined) ?? there.athleteIds) : [],
      };
      await refuseForeign(tx, given);
      if (becomes !== there.role) await changeAccount(tx, id, { role: becomes });
      await limitTo(tx, person.organisationId, id, given.squadIds);
      await giveAthletes(tx, person.organisationId, id, given.athleteIds);
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

  router.get('/mails', async (ctx) => {
    const person = personOf(ctx);
    const reminders = pushSimulator
      ? await database.asPerson(person, async (tx) => remindersShown(pushSimulator, await namedSubscriptions(tx)))
      : null;
    ctx.body = { mails: mail.simulated(person.organisationId) ?? null, reminders };
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
