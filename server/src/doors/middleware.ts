import type { Middleware } from 'koa';
import type { Logger } from 'pino';
import type { Database } from '../database/database';
import { Problem } from './problem';
import { tokenHash } from './tokens';

export const cookieName = 'tropaeum_sign_in';

export interface SignedIn {
  organisationId: string;
  coachId: string;
}

/** Turns every error into an answer of one shape; only problems speak. */
export function answerErrors(log: Logger): Middleware {
  return async (ctx, next) => {
    try {
      await next();
      if (ctx.status === 404 && ctx.path.startsWith('/api/') && ctx.body === undefined)
        throw new Problem(404, 'There is nothing here.');
    } catch (error) {
      const status = (error as { status?: number }).status;
      const problem =
        error instanceof Problem
          ? error
          : status === 400
            ? new Problem(400, 'The body is not JSON.')
            : status === 413
              ? new Problem(413, 'That is too much at once.')
              : undefined;
      if (!problem) log.error({ error: (error as Error).stack, path: ctx.path }, 'request failed');
      ctx.status = problem?.status ?? 500;
      ctx.body = {
        error: {
          message: problem?.message ?? 'Something went wrong on our side; nothing was saved.',
          faults: problem?.faults ?? [],
        },
      };
    }
  };
}

/** Writes are taken only from our own pages. */
export const sameOrigin: Middleware = async (ctx, next) => {
  if (ctx.method !== 'GET' && ctx.method !== 'HEAD') {
    const origin = ctx.get('origin');
    if (origin && new URL(origin).host !== ctx.host) throw new Problem(403, 'Writes are taken only from this site.');
    if (!origin && ctx.get('sec-fetch-site') && ctx.get('sec-fetch-site') !== 'same-origin')
      throw new Problem(403, 'Writes are taken only from this site.');
  }
  await next();
};

/** Lets coaches in by their cookie and notes who they are. */
export function signedIn(database: Database): Middleware {
  return async (ctx, next) => {
    const token = ctx.cookies.get(cookieName);
    const found = token
      ? await database.door<{ organisation_id: string; coach_id: string }>('door_sign_in', tokenHash(token))
      : undefined;
    if (!found) throw new Problem(401, 'Please sign in.');
    ctx.state.signedIn = { organisationId: found.organisation_id, coachId: found.coach_id } satisfies SignedIn;
    await next();
  };
}
