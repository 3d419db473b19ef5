import Router from '@koa/router';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import * as yup from 'yup';
import { cookieName, signedIn } from '../doors/middleware';
import { passwordMatches } from '../doors/passwords';
import { Problem } from '../doors/problem';
import { newToken, tokenHash } from '../doors/tokens';
import { validated } from '../doors/validated';
import { addSignIn, coachById, endSignIn } from '../store/coaches';
import { coachOf, type Services } from './context';

const signInDays = 14;
const entry = yup.object({
  email: yup.string().required('is required').max(200, 'must be 200 characters or fewer'),
  password: yup.string().required('is required').max(200, 'must be 200 characters or fewer'),
});

/** Signing in and out, and who one is. */
export function signInRoutes({ database, now, today }: Services): Router {
  const router = new Router();
  const attempts = new RateLimiterMemory({ points: 20, duration: 60 });

  router.post('/sign-in', async (ctx) => {
    await attempts.consume(ctx.ip).catch(() => {
      throw new Problem(429, 'Too many attempts; try again in a minute.');
    });
    const { email, password } = validated(entry, ctx.request.body);
    const coach = await database.door<{ id: string; organisation_id: string; password_hash: string }>(
      'door_coach',
      email.trim().toLowerCase(),
    );
    if (!(await passwordMatches(coach?.password_hash, password)) || !coach)
      throw new Problem(401, 'E-mail address or password is not right.');
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
    ctx.cookies.set(cookieName, token, { httpOnly: true, sameSite: 'lax', expires, overwrite: true });
    ctx.status = 204;
  });

  router.post('/sign-out', signedIn(database), async (ctx) => {
    const token = ctx.cookies.get(cookieName) as string;
    await database.asOrganisation(coachOf(ctx).organisationId, (tx) => endSignIn(tx, tokenHash(token)));
    ctx.cookies.set(cookieName, null);
    ctx.status = 204;
  });

  router.get('/me', signedIn(database), async (ctx) => {
    const { organisationId, coachId } = coachOf(ctx);
    const coach = await database.asOrganisation(organisationId, (tx) => coachById(tx, coachId));
    ctx.body = { ...coach, today: today() };
  });

  return router;
}
