import Router from '@koa/router';
import type { Context } from 'koa';
import * as yup from 'yup';
import { HttpError } from '../middleware/http-error';
import { signedIn } from '../middleware/middleware';
import { hashAs } from '../middleware/passwords';
import { passesSecondFactor } from '../middleware/second-factor';
import { endCookie, giveCookie, tokenOf } from '../middleware/sign-in-cookie';
import { SignInLimits } from '../middleware/sign-in-limits';
import { newToken, tokenHash } from '../middleware/tokens';
import { emailTyped, validated } from '../middleware/validated';
import { addSignIn, endSignIn } from '../store/accounts';
import { addAudit } from '../store/audit';
import { personOf, type Services } from './context';

const signInDays = 14;
const entry = yup.object({
  email: yup.string().required('is required').max(200, 'must be 200 characters or fewer'),
  password: yup.string().required('is required').max(200, 'must be 200 characters or fewer'),
  code: yup.string().max(20, 'must be 20 characters or fewer'),
});

/** An account by its password; nothing where the two do not belong together. An address that nobody has takes as long as one that somebody has. */
export async function accountWith(
  { database }: Services,
  email: string,
  password: string,
): Promise<{ id: string; organisation_id: string } | undefined> {
  const hashedWith = await database.door<{ hashed_with: string }>('door_salt', email);
  const hashed = await hashAs(hashedWith?.hashed_with ?? '', password);
  return database.door<{ id: string; organisation_id: string }>('door_account', email, hashed);
}

/** Lets an account in from here on: a sign-in that is kept, a cookie that names it, a line in the trail. */
export async function letIn(
  ctx: Context,
  { database, publicUrl, now }: Services,
  account: { id: string; organisation_id: string },
): Promise<void> {
  const token = newToken();
  const expires = new Date(now().getTime() + signInDays * 86_400_000);
  const [organisationId, accountId] = [account.organisation_id, account.id];
  await database.asOrganisation(organisationId, async (tx) => {
    await addSignIn(tx, {
      ...{ tokenHash: tokenHash(token), organisationId, accountId, expiresAt: expires.toISOString() },
      ...{ agent: ctx.get('user-agent').slice(0, 200), address: ctx.ip },
    });
    await addAudit(tx, { organisationId, accountId, action: 'sign-in', subject: 'account', address: ctx.ip });
  });
  giveCookie(ctx, publicUrl, token, expires);
}

/** Signing in and out. */
export function signInRoutes(services: Services): Router {
  const { database, now, publicUrl } = services;
  const router = new Router();
  const limits = new SignInLimits(database);

  router.post('/sign-in', async (ctx) => {
    const { email, password, code } = validated(entry, emailTyped(ctx.request.body));
    await limits.begin(email, ctx.ip);
    const account = await accountWith(services, email, password);
    if (!account) throw new HttpError(401, 'E-mail address or password is wrong.');
    const passes = await database.asOrganisation(account.organisation_id, (tx) =>
      passesSecondFactor(tx, account.id, code, now()),
    );
    if (passes !== 'yes') {
      const words =
        passes === 'asks' ? 'Enter the code of your authenticator app.' : 'That code is wrong or was used before.';
      throw new HttpError(401, words, [{ path: 'code', message: words }]);
    }
    await limits.succeeded(email, ctx.ip);
    await letIn(ctx, services, account);
    ctx.status = 204;
  });

  router.post('/sign-out', signedIn(database, publicUrl), async (ctx) => {
    const token = tokenOf(ctx, publicUrl) as string;
    await database.asPerson(personOf(ctx), (tx) => endSignIn(tx, tokenHash(token)));
    endCookie(ctx, publicUrl);
    ctx.status = 204;
  });

  return router;
}
