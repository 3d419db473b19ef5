import type { Middleware } from 'koa';
import type { Logger } from 'pino';
import { type Database, isDatabaseAway } from '../database/database';
import { Problem } from './problem';
import { tokenHash } from './tokens';

export const cookieName = 'tropaeum_sign_in';

export interface SignedIn {
  organisationId: string;
  coachId: string;
}

/** What the body parser refuses, by its status. */
const ofBody: Readonly<Record<number, string>> = {
  400: 'The body is not JSON.',
  413: 'That is too much at once.',
  415: 'The body must be JSON in UTF-8.',
};
const away = 'The database cannot be reached at the moment; nothing was saved. Try again in a moment.';

/** What whoever asked is told of an error; nothing where the fault is ours. */
function problemOf(error: unknown): Problem | undefined {
  if (error instanceof Problem) return error;
  const { status } = error as { status?: number };
  const refused = status === undefined ? undefined : ofBody[status];
  if (status !== undefined && refused) return new Problem(status, refused);
  return isDatabaseAway(error) ? new Problem(503, away) : undefined;
}

/** Turns every error into an answer of one shape; only problems speak. */
export function answerErrors(log: Logger): Middleware {
  return async (ctx, next) => {
    try {
      await next();
      if (ctx.status === 404 && ctx.path.startsWith('/api/') && ctx.body === undefined)
        throw new Problem(404, 'There is nothing here.');
    } catch (error) {
      const problem = problemOf(error);
      if (problem?.status === 503) {
        ctx.set('retry-after', '5');
        log.warn(causeOf(error), 'database away');
      }
      // No path: it may hold the token of a link.
      if (!problem) log.error({ ...causeOf(error), error: (error as Error).stack }, 'request failed');
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

/** The database's own code and message, where it said something: what was asked of it stays out, for it may hold what nobody is to read. */
function causeOf(error: unknown): { code?: string; cause?: string } {
  const { cause, code } = error as { cause?: { code?: string; message?: string }; code?: string };
  const said = cause?.code ?? code;
  return { ...(said ? { code: said } : {}), ...(cause?.message ? { cause: cause.message } : {}) };
}

/** Personal answers are kept by nobody in between. */
export const notKept: Middleware = async (ctx, next) => {
  if (ctx.path.startsWith('/api/')) ctx.set('cache-control', 'no-store');
  await next();
};

/** Writes are taken only from our own pages. */
export const sameOrigin: Middleware = async (ctx, next) => {
  if (ctx.method !== 'GET' && ctx.method !== 'HEAD') {
    const origin = ctx.get('origin');
    if (origin && hostOf(origin) !== ctx.host) throw new Problem(403, 'Writes are taken only from this site.');
    if (!origin && ctx.get('sec-fetch-site') && ctx.get('sec-fetch-site') !== 'same-origin')
      throw new Problem(403, 'Writes are taken only from this site.');
  }
  await next();
};

const hostOf = (origin: string): string | undefined => (URL.canParse(origin) ? new URL(origin).host : undefined);

/** Deepest that a body may nest: no document of ours comes near it. */
const mostDepth = 40;

/** A text that a database or a program after us could not hold: a NUL, or half of a pair of surrogates. */
const isBroken = (text: string) => text.includes('\0') || /\p{Cs}/u.test(text);

/** What in a body cannot be meant by anybody: names of its own that programs trip over, broken text, endless nesting. */
export function troubleIn(value: unknown, path = '', depth = 0): string | undefined {
  if (typeof value === 'string')
    return isBroken(value) ? `${path || 'The body'} holds text that is broken.` : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  if (depth >= mostDepth) return `${path} is nested too deep.`;
  for (const [key, inner] of Object.entries(value)) {
    const here = Array.isArray(value) ? `${path}[${key}]` : path ? `${path}.${key}` : key;
    if (key === '__proto__' || key === 'constructor' || key === 'prototype')
      return 'A field has a name that is not taken.';
    if (isBroken(key)) return 'A field has a name that is broken.';
    const trouble = troubleIn(inner, here, depth + 1);
    if (trouble) return trouble;
  }
  return undefined;
}

/** Refuses bodies and addresses that nothing behind it could hold. */
export const soundInput: Middleware = async (ctx, next) => {
  let path: string;
  try {
    path = decodeURIComponent(ctx.path);
  } catch {
    throw new Problem(400, 'The address is not right.');
  }
  if (isBroken(path)) throw new Problem(400, 'The address is not right.');
  const trouble = troubleIn(ctx.request.body);
  if (trouble) throw new Problem(400, trouble);
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
