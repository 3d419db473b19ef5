import Router from '@koa/router';
import * as yup from 'yup';
import { HttpError } from '../middleware/http-error';
import { signedIn } from '../middleware/middleware';
import { hashAs } from '../middleware/passwords';
import { endCookie, giveCookie, tokenOf } from '../middleware/sign-in-cookie';
import { SignInLimits } from '../middleware/sign-in-limits';
import { newToken, tokenHash } from '../middleware/tokens';
import { validated } from '../middleware/validated';
import { addSignIn, coachById, endSignIn } from '../store/coaches';
import { coachOf, type Services } from './context';

const signInDays = 14;
const entry = yup.object({
  email: yup.string().required('is required').max(200, 'must be 200 characters or fewer'),
  password: yup.string().required('is required').max(200, 'must be 200 characters or fewer'),
});

/** Signing in and out, and who one is. */
export function signInRoutes({ database, now, today, publicUrl }: Services): Router {
  const router = new Router();
  const limits = new SignInLimits(database);

  router.post('/sign-in', async (ctx) => {
    const { email: typed, password } = validated(entry, ctx.request.body);
    const email = typed.trim().toLowerCase();
    await limits.begin(email, ctx.ip);
    // An address that nobody has takes as long as one that somebody has.
    const hashedWith = await database.door<{ hashed_with: string }>('door_salt', email);
    const hashed = await hashAs(hashedWith?.hashed_with ?? '', password);
    const coach = await database.door<{ id: string; organisation_id: string }>('door_coach', email, hashed);
    if (!coach) throw new HttpError(401, 'E-mail address or password is wrong.');
    await limits.succeeded(email, ctx.ip);
    const token = newToken();
    const expires = new Date(now().getTime() + signInDays * 86_400_000);
    await database.asOrganisation(coach.organisation_id, (tx) =>
      addSignIn(tx, {
        tokenHash: tokenHash(token),
        organisationId: coach.organisation_id,
        coachId: coach.id,
        expiresAt: expires.toISOString(),
      }),
    );
    giveCookie(ctx, publicUrl, token, expires);
    ctx.status = 204;
  });

  router.post('/sign-out', signedIn(database, publicUrl), async (ctx) => {
    const token = tokenOf(ctx, publicUrl) as string;
    await database.asOrganisation(coachOf(ctx).organisationId, (tx) => endSignIn(tx, tokenHash(token)));
    endCookie(ctx, publicUrl);
    ctx.status = 204;
  });

  router.get('/me', signedIn(database, publicUrl), async (ctx) => {
    const { organisationId, coachId } = coachOf(ctx);
    const coach = await database.asOrganisation(organisationId, (tx) => coachById(tx, coachId));
    ctx.body = { ...coach, today: today() };
  });

  return router;
}
