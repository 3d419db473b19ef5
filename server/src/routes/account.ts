import Router from '@koa/router';
import { minPassword } from '@tropaeum/core/people/permissions';
import { toString as pictureOf } from 'qrcode';
import * as yup from 'yup';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import { hashPassword } from '../middleware/passwords';
import { newRecoveryCodes, newSecondFactor, stepOfCode } from '../middleware/second-factor';
import { tokenOf } from '../middleware/sign-in-cookie';
import { SignInLimits } from '../middleware/sign-in-limits';
import { tokenHash } from '../middleware/tokens';
import { idFrom, validated } from '../middleware/validated';
import { accountById, changeAccount, endSignInsOf, signInsOf } from '../store/accounts';
import { endResets } from '../store/mailed-links';
import { beginSecondFactor, changeSecondFactor, endSecondFactor, secondFactorOf } from '../store/second-factors';
import { personOf, type Services } from './context';
import { accountWith } from './sign-in';

/** A password that is set: long is what counts; which letters is left to whoever has to remember it. */
export const newPassword = yup
  .string()
  .required('is required')
  .min(minPassword, `must be ${minPassword} characters or more`)
  .max(200, 'must be 200 characters or fewer');
export const personName = yup.string().trim().required('is required').max(80, 'must be 80 characters or fewer');

export const typedPassword = yup.string().required('is required').max(200, 'must be 200 characters or fewer');

/** Asks for the password once more before what cannot be had back, or what protects the account, is changed. */
export async function proven(
  services: Services,
  limits: SignInLimits,
  ctx: Parameters<typeof personOf>[0],
  path: string,
  password: string,
): Promise<void> {
  const { accountId } = personOf(ctx);
  const account = await services.database.asPerson(personOf(ctx), (tx) => accountById(tx, accountId));
  const email = account?.email ?? '';
  await limits.begin(email, ctx.ip);
  if (!(await accountWith(services, email, password)))
    throw validationFailed([{ path, message: 'is not your password' }]);
  await limits.succeeded(email, ctx.ip);
}

/** One's own account: name, password, second factor, sign-ins. */
export function accountRoutes(services: Services): Router {
  const { database, publicUrl, now, today } = services;
  const router = new Router();
  const limits = new SignInLimits(database);

  router.get('/me', async (ctx) => {
    const person = personOf(ctx);
    const account = await database.asPerson(person, (tx) => accountById(tx, person.accountId));
    ctx.body = { ...account, limited: person.limited, today: today() };
  });

  router.patch('/me', async (ctx) => {
    const { name } = validated(yup.object({ name: personName }), ctx.request.body);
    await database.asPerson(personOf(ctx), (tx) => changeAccount(tx, personOf(ctx).accountId, { name }));
    ctx.status = 204;
  });

  router.put('/me/password', async (ctx) => {
    const person = personOf(ctx);
    const { current, next } = validated(yup.object({ current: typedPassword, next: newPassword }), ctx.request.body);
    await proven(services, limits, ctx, 'current', current);
    const passwordHash = await hashPassword(next);
    const exceptHash = tokenHash(tokenOf(ctx, publicUrl) as string);
    await database.asPerson(person, async (tx) => {
      await changeAccount(tx, person.accountId, { passwordHash });
      // Whoever knew the old one is out; this sign-in stays.
      await endSignInsOf(tx, person.accountId, { exceptHash });
      await endResets(tx, person.accountId);
    });
    ctx.status = 204;
  });

  router.get('/sign-ins', async (ctx) => {
    const ownHash = tokenHash(tokenOf(ctx, publicUrl) as string);
    ctx.body = {
      signIns: await database.asPerson(personOf(ctx), (tx) => signInsOf(tx, personOf(ctx).accountId, ownHash)),
    };
  });

  router.delete('/sign-ins', async (ctx) => {
    const exceptHash = tokenHash(tokenOf(ctx, publicUrl) as string);
    const ended = await database.asPerson(personOf(ctx), (tx) =>
      endSignInsOf(tx, personOf(ctx).accountId, { exceptHash }),
    );
    ctx.body = { ended };
  });

  router.delete('/sign-ins/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'sign-in');
    if ((await database.asPerson(personOf(ctx), (tx) => endSignInsOf(tx, personOf(ctx).accountId, { id }))) === 0)
      throw notFound('sign-in');
    ctx.status = 204;
  });

  router.post('/second-factor', async (ctx) => {
    const person = personOf(ctx);
    const { password } = validated(yup.object({ password: typedPassword }), ctx.request.body);
    await proven(services, limits, ctx, 'password', password);
    const made = await database.asPerson(person, async (tx) => {
      const account = await accountById(tx, person.accountId);
      if (account?.hasSecondFactor) throw new HttpError(409, 'A second factor is set already; turn it off first.');
      const factor = newSecondFactor(account?.email ?? '');
      await beginSecondFactor(tx, person.organisationId, person.accountId, factor.secret);
      return factor;
    });
    ctx.body = { ...made, picture: await pictureOf(made.uri, { type: 'svg', margin: 1 }) };
  });

  router.post('/second-factor/confirmation', async (ctx) => {
    const person = personOf(ctx);
    const { code } = validated(yup.object({ code: yup.string().required('is required').max(20) }), ctx.request.body);
    const { codes, hashes } = newRecoveryCodes();
    await database.asPerson(person, async (tx) => {
      const factor = await secondFactorOf(tx, person.accountId);
      if (!factor || factor.confirmedAt) throw new HttpError(409, 'There is no second factor to confirm.');
      const lastStep = stepOfCode(factor.secret, code, now(), factor.lastStep);
      if (lastStep === undefined)
        throw validationFailed([{ path: 'code', message: 'is wrong: look whether the clock of the phone is right' }]);
      await changeSecondFactor(tx, person.accountId, {
        confirmedAt: now().toISOString(),
        recoveryHashes: hashes,
        lastStep,
      });
    });
    ctx.body = { recoveryCodes: codes };
  });

  router.post('/second-factor/removal', async (ctx) => {
    const { password } = validated(yup.object({ password: typedPassword }), ctx.request.body);
    await proven(services, limits, ctx, 'password', password);
    await database.asPerson(personOf(ctx), (tx) => endSecondFactor(tx, personOf(ctx).accountId));
    ctx.status = 204;
  });

  return router;
}
