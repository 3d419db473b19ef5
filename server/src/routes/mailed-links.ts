import Router from '@koa/router';
import type { Context } from 'koa';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import * as yup from 'yup';
import { HttpError } from '../middleware/http-error';
import { count } from '../middleware/limits';
import { hashPassword } from '../middleware/passwords';
import { SignInLimits } from '../middleware/sign-in-limits';
import { tokenHash } from '../middleware/tokens';
import { emailTyped, validated } from '../middleware/validated';
import { addAccount, changeAccount, endSignInsOf } from '../store/accounts';
import { addMailedLink, endResets, useMailedLink } from '../store/mailed-links';
import { newPassword, personName } from './account';
import type { Services } from './context';
import { letIn } from './sign-in';

const resetMinutes = 60;

interface MailedLink extends Record<string, unknown> {
  organisation_id: string;
  kind: 'invitation' | 'reset';
  account_id: string | null;
  email: string;
  closed_by: 'use' | 'age' | null;
}

const closedWords = {
  use: 'This link has been used. Sign in, or ask for a new one.',
  age: 'This link has expired. Ask for a new one.',
};

/** What comes by mail: invitations, and ways to a new password. Each opens once. */
export function mailedLinkRoutes(services: Services): Router {
  const { database, mail, log, publicUrl, now } = services;
  const router = new Router();
  const strangers = new RateLimiterMemory({ points: 60, duration: 60 });
  const limits = new SignInLimits(database);

  async function opened(ctx: Context): Promise<MailedLink & { hash: string }> {
    const hash = tokenHash((ctx.params as { token: string }).token);
    const link = await database.door<MailedLink>('door_mailed_link', hash);
    if (link && !link.closed_by) return { ...link, hash };
    await count(strangers, ctx.ip);
    if (link?.closed_by) throw new HttpError(410, closedWords[link.closed_by]);
    throw new HttpError(404, 'This link is not valid. Check that the address is complete.');
  }

  router.get('/mailed-links/:token', async (ctx) => {
    const { kind, email } = await opened(ctx);
    ctx.body = { kind, email };
  });

  router.post('/mailed-links/:token', async (ctx) => {
    const link = await opened(ctx);
    const isNew = link.kind === 'invitation';
    const body = validated(
      yup.object({ password: newPassword, name: isNew ? personName : yup.string() }),
      ctx.request.body,
    );
    const passwordHash = await hashPassword(body.password);
    const accountId = await database.asOrganisation(link.organisation_id, async (tx) => {
      const used = await useMailedLink(tx, link.hash);
      if (!used) throw new HttpError(410, closedWords.use);
      if (isNew)
        return addAccount(tx, {
          ...{ organisationId: link.organisation_id, email: link.email, name: (body.name as string).trim() },
          ...{ role: used.role ?? 'assistant', passwordHash },
          ...{ squadIds: used.squadIds, athleteIds: used.athleteIds },
        });
      await changeAccount(tx, link.account_id as string, { passwordHash });
      await endSignInsOf(tx, link.account_id as string, {});
      await endResets(tx, link.account_id as string);
      return link.account_id as string;
    });
    // A second factor is asked for at signing in; mail alone opens nothing that it protects.
    if (isNew) await letIn(ctx, services, { id: accountId, organisation_id: link.organisation_id });
    ctx.body = { signedIn: isNew };
  });

  router.post('/password-resets', async (ctx) => {
    const { email } = validated(
      yup.object({ email: yup.string().required('is required').max(200, 'must be 200 characters or fewer') }),
      emailTyped(ctx.request.body),
    );
    await limits.begin(`reset ${email}`, ctx.ip);
    const account = await database.door<{ id: string; organisation_id: string }>('door_address', email);
    // The same answer for everybody: who has an account is nobody else's business.
    ctx.status = 204;
    if (!account) return;
    const token = await database.asOrganisation(account.organisation_id, async (tx) => {
      await endResets(tx, account.id);
      const link = { organisationId: account.organisation_id, kind: 'reset' as const, accountId: account.id, email };
      return addMailedLink(tx, link, resetMinutes, now());
    });
    const reset = {
      to: email,
      subject: 'A new password for Tropaeum',
      text: `Set a new password here within ${resetMinutes} minutes:\n${publicUrl}/password/${token}\n\nIf you did not ask for this, nothing has changed.\n`,
    };
    // Told to the log only: an answer of its own would say that the account is there.
    await mail
      .send(account.organisation_id, reset)
      .catch((error: { code?: string }) => log.error({ code: error.code }, 'mail was not sent'));
  });

  return router;
}
