import { PassThrough, Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import Router from '@koa/router';
import { houseRulesShape } from '@tropaeum/core/formats/brief';
import { consentAges } from '@tropaeum/core/people/consent';
import { sql } from 'drizzle-orm';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { v7 } from 'uuid';
import * as yup from 'yup';
import type { ClubSettings } from '../database/schema';
import { attach } from '../middleware/attachment';
import { HttpError, validationFailed } from '../middleware/http-error';
import { count } from '../middleware/limits';
import { hashPassword } from '../middleware/passwords';
import { endCookie } from '../middleware/sign-in-cookie';
import { SignInLimits } from '../middleware/sign-in-limits';
import { newToken, tokenHash } from '../middleware/tokens';
import { email, emailTyped, validated } from '../middleware/validated';
import { accountById, changeClub } from '../store/accounts';
import { linesOfClub } from '../store/club-document';
import { firstLinkDays } from '../store/mailed-links';
import { proven, typedPassword } from './account';
import { personOf, type Services } from './context';

const name = yup.string().trim().max(80, 'must be 80 characters or fewer');
const units = yup.object({
  mass: yup.string().oneOf(['kg', 'lb'], 'must be kg or lb').required('is required'),
  length: yup.string().oneOf(['cm', 'in'], 'must be cm or in').required('is required'),
});
const whole = (least: number, most: number) =>
  yup
    .number()
    .integer('must be a whole number')
    .min(least, `must be ${least} or more`)
    .max(most, `must be ${most} or less`);
const retention = yup.object({
  resultsMonths: whole(1, 240),
  auditMonths: whole(12, 240),
  messageDays: whole(1, 3650),
  consentDays: whole(0, 90),
});
/** A way to write dates; null is that of each reader. */
const language = yup
  .string()
  .nullable()
  .test('language', 'must be a language such as en-GB', (tag) => tag === undefined || tag === null || isLanguage(tag));

function isLanguage(tag: string): boolean {
  try {
    return Intl.DateTimeFormat.supportedLocalesOf(tag).length === 1;
  } catch {
    return false;
  }
}

const settings = yup
  .object({
    units: units.default(undefined),
    dates: language,
    consentAge: whole(consentAges.min, consentAges.max),
    retention: retention.default(undefined),
    houseRules: houseRulesShape,
  })
  .noUnknown('must be units, dates, consentAge, retention or houseRules')
  .default(undefined);

/** Name and settings of the club; taking it out whole, and taking it away. */
export function clubRoutes(services: Services): Router {
  const { database, publicUrl, now, log } = services;
  const router = new Router();
  const limits = new SignInLimits(database);

  router.patch('/club', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(yup.object({ name: name.min(1, 'is required'), settings }), ctx.request.body);
    await database.asPerson(person, (tx) =>
      changeClub(tx, person.organisationId, {
        ...(body.name ? { name: body.name } : {}),
        ...(body.settings ? { settings: body.settings as ClubSettings } : {}),
      }),
    );
    ctx.status = 204;
  });

  router.get('/club/export.jsonl', async (ctx) => {
    const person = personOf(ctx);
    const club = (await database.asPerson(person, (tx) => accountById(tx, person.accountId)))?.organisation ?? '';
    attach(ctx, club, 'jsonl');
    ctx.type = 'application/x-ndjson';
    const out = new PassThrough();
    ctx.body = out;
    // Read in one transaction, as fast as it is taken; who goes away ends it.
    database
      .asOf(person, (tx) => pipeline(Readable.from(linesOfClub(tx, club, now().toISOString())), out))
      .catch((error: Error) => {
        log.warn({ kind: error.constructor.name }, 'a club was not taken out to its end');
        out.destroy(error);
      });
  });

  router.post('/club/erasure', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(
      yup.object({ password: typedPassword, name: yup.string().trim().required('is required') }),
      ctx.request.body,
    );
    const account = await database.asPerson(person, (tx) => accountById(tx, person.accountId));
    if (body.name !== account?.organisation)
      throw validationFailed([{ path: 'name', message: `must be ${account?.organisation}` }]);
    await proven(services, limits, ctx, 'password', body.password);
    await database.asPerson(person, (tx) => tx.execute(sql`select erase_club()`));
    endCookie(ctx, publicUrl);
    ctx.status = 204;
  });

  return router;
}

/** A club that founds itself, where this installation allows it. */
export function signUpRoutes({ database, mail, signUp, publicUrl }: Services): Router {
  const router = new Router();
  const tries = new RateLimiterMemory({ points: 5, duration: 3600 });

  router.get('/installation', (ctx) => {
    ctx.body = { signUp };
  });

  router.post('/sign-ups', async (ctx) => {
    if (!signUp)
      throw new HttpError(403, 'Clubs do not sign up here themselves; whoever runs this installation adds them.');
    const body = validated(
      yup.object({ club: name.required('is required'), name: name.required('is required'), email }),
      emailTyped(ctx.request.body),
    );
    await count(tries, ctx.ip);
    const [clubId, token] = [v7(), newToken()];
    const owner = { id: v7(), name: body.name, email: body.email, passwordHash: await hashPassword(newToken()) };
    const first = { id: v7(), hash: tokenHash(token), minutes: firstLinkDays * 24 * 60 };
    const founded = await database.foundClub({ id: clubId, name: body.club }, owner, first);
    const link = `${publicUrl}/password/${token}`;
    // The same answer whether the address has an account or not; only its mail says which.
    ctx.status = 202;
    const text = founded
      ? `${body.club} is ready. Set your password here within ${firstLinkDays} days:\n${link}\n`
      : `Somebody wanted to found ${body.club} with this address. It signs in to a club already:\n${publicUrl}/sign-in\n`;
    await mail.send(clubId, { to: body.email, subject: 'Tropaeum for your club', text });
    // Nobody can see the simulated mail of a club that nobody is in yet.
    ctx.body = mail.simulated(clubId) && founded ? { simulatedLink: link } : {};
  });

  return router;
}
