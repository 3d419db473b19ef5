import { randomUUID } from 'node:crypto';
import type { Role } from '@tropaeum/core/people/permissions';
import type { Middleware } from 'koa';
import type { Logger } from 'pino';
import { type Database, databaseCode, isDatabaseAway, type Who } from '../database/database';
import { HttpError } from './http-error';
import { tokenOf } from './sign-in-cookie';
import { tokenHash } from './tokens';

export interface SignedIn extends Who {
  role: Role;
}

/** What the body parser refuses, by its status. */
const ofBody: Readonly<Record<number, string>> = {
  400: 'The body is not JSON.',
  413: 'That is too much at once.',
  415: 'The body must be JSON in UTF-8.',
};
const away = 'The database cannot be reached at the moment; nothing was saved. Try again in a moment.';

/** What the database refuses because somebody else was first, by its code. */
const ofDatabase: Readonly<Record<string, string>> = {
  '23505': 'That is there already: somebody has put it down in the meantime. Open it again to see it.',
  '23503': 'What this belongs to is not there any more; somebody has taken it away in the meantime.',
  '40P01': 'Somebody was changing the same at the same moment; try once more.',
};

/** What whoever asked is told of an error; nothing where the fault is ours. */
function problemOf(error: unknown): HttpError | undefined {
  if (error instanceof HttpError) return error;
  const { status } = error as { status?: number };
  // A file that is not there says so itself; its code is that of a socket that is not there.
  if (status === 404) return new HttpError(404, 'There is nothing here.');
  const refused = status === undefined ? undefined : ofBody[status];
  if (status !== undefined && refused) return new HttpError(status, refused);
  if (isDatabaseAway(error)) return new HttpError(503, away, [], 5);
  // Row-level security holds who is limited to squads to these.
  if (databaseCode(error) === '42501') return new HttpError(403, 'That belongs to a squad that is not one of yours.');
  const clash = ofDatabase[databaseCode(error) ?? ''];
  return clash === undefined ? undefined : new HttpError(409, clash);
}

/** Turns every error into an answer of one shape; only problems speak. Of everything else the log has the cause, under the id that the answer names. */
export const answerErrors: Middleware = async (ctx, next) => {
  try {
    await next();
    if (ctx.status === 404 && ctx.path.startsWith('/api/') && ctx.body === undefined)
      throw new HttpError(404, 'There is nothing here.');
  } catch (error) {
    const problem = problemOf(error);
    const log = ctx.state.log as Logger;
    if (problem?.status === 503) log.warn(causeOf(error), 'database away');
    if (problem?.retryAfter) ctx.set('retry-after', String(problem.retryAfter));
    if (!problem) log.error({ ...causeOf(error), stack: placesOf(error) }, 'request failed');
    ctx.status = problem?.status ?? 500;
    ctx.body = {
      error: {
        message: problem?.message ?? 'Something went wrong on our side; nothing was saved.',
        faults: problem?.faults ?? [],
        ...(problem ? {} : { id: ctx.state.id }),
      },
    };
  }
};

/** The kind of an error, with the database's own code and words where it said something. Values that it quotes stay out, and so do other errors' words: they may hold what nobody is to read. */
function causeOf(error: unknown): { kind: string; code?: string; cause?: string } {
  const code = databaseCode(error);
  const deepest = ((error as { cause?: unknown }).cause ?? error) as Error;
  return {
    kind: deepest.constructor?.name ?? typeof deepest,
    ...(code ? { code, cause: deepest.message.replace(/: ".*/s, '') } : {}),
  };
}

/** Where an error comes from, without its words. */
const placesOf = (error: unknown) =>
  String((error as Error).stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 12)
    .map((line) => line.trim());

/** Gives every request an id and notes what came of it: the route as it is written, never the address, which may hold a token. */
export function noted(log: Logger): Middleware {
  return async (ctx, next) => {
    const begun = performance.now();
    ctx.state.id = randomUUID();
    ctx.state.log = log.child({ request: ctx.state.id });
    ctx.set('x-request-id', ctx.state.id);
    await next();
    const ms = Math.round((performance.now() - begun) * 10) / 10;
    const route = (ctx as { _matchedRoute?: string })._matchedRoute ?? (ctx.path.startsWith('/api/') ? 'none' : 'page');
    const level = ctx.status >= 500 || ms > slowMs ? 'warn' : 'info';
    ctx.state.log[level]({ method: ctx.method, route, status: ctx.status, ms }, 'answered');
  };
}

/** An answer that takes so long is worth a look, ms. */
const slowMs = 2000;

/** Personal answers are kept by nobody in between. */
export const notKept: Middleware = async (ctx, next) => {
  if (ctx.path.startsWith('/api/')) ctx.set('cache-control', 'no-store');
  await next();
};

/** Writes are taken only from our own pages: those of the public address, and on this machine those of the address that was called. */
export function sameOrigin(publicUrl: string): Middleware {
  const home = new URL(publicUrl).host;
  const ours = (host: string | undefined, called: string) =>
    host === home || (host === called && /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/.test(called));
  return async (ctx, next) => {
    if (ctx.method !== 'GET' && ctx.method !== 'HEAD') {
      const origin = ctx.get('origin');
      const site = ctx.get('sec-fetch-site');
      if (origin ? !ours(hostOf(origin), ctx.host) : site && site !== 'same-origin')
        throw new HttpError(403, 'Writes are taken only from this site.');
    }
    await next();
  };
}

const hostOf = (origin: string): string | undefined => (URL.canParse(origin) ? new URL(origin).host : undefined);

const wantsGzip = /(^|,)\s*gzip\s*(;\s*q=(1(\.0*)?|0\.\d*[1-9]\d*))?\s*(,|$)/i;

/** Answers are packed for those who say plainly that they unpack them; what is asked in any other way comes as it is. */
export const packedWhereAsked: Middleware = async (ctx, next) => {
  if (!wantsGzip.test(ctx.get('accept-encoding'))) ctx.compress = false;
  await next();
};

/** Bodies come as they are: one that is packed could unpack to anything. */
export const unpackedBody: Middleware = async (ctx, next) => {
  const encoding = ctx.get('content-encoding');
  if (encoding && encoding.toLowerCase() !== 'identity') throw new HttpError(415, 'The body must come unpacked.');
  await next();
};

/** Deepest that a body may nest: no document of ours comes near it. */
const maxDepth = 40;

/** A text that a database or a program after us could not hold: a NUL, or half of a pair of surrogates. */
const isBroken = (text: string) => text.includes('\0') || /\p{Cs}/u.test(text);

/** What in a body cannot be meant by anybody: names of its own that programs trip over, broken text, endless nesting. */
export function troubleIn(value: unknown, path = '', depth = 0): string | undefined {
  if (typeof value === 'string')
    return isBroken(value) ? `${path || 'The body'} holds text that is broken.` : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  if (depth >= maxDepth) return `${path} is nested too deep.`;
  for (const [key, inner] of Object.entries(value)) {
    const here = Array.isArray(value) ? `${path}[${key}]` : path ? `${path}.${key}` : key;
    if (key in Object.prototype || key === 'prototype') return 'A field has a name that is not taken.';
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
    throw new HttpError(400, 'The address is invalid.');
  }
  if (isBroken(path)) throw new HttpError(400, 'The address is invalid.');
  const trouble = troubleIn(ctx.request.body);
  if (trouble) throw new HttpError(400, trouble);
  await next();
};

/** Lets people in by their cookie and notes who they are. */
export function signedIn(database: Database, publicUrl: string): Middleware {
  return async (ctx, next) => {
    const token = tokenOf(ctx, publicUrl);
    const found = token
      ? await database.door<{ organisation_id: string; account_id: string; role: Role; limited: boolean }>(
          'door_sign_in',
          tokenHash(token),
        )
      : undefined;
    if (!found) throw new HttpError(401, 'Please sign in.');
    ctx.state.signedIn = {
      organisationId: found.organisation_id,
      accountId: found.account_id,
      role: found.role,
      limited: found.limited,
      address: ctx.ip,
    } satisfies SignedIn;
    await next();
  };
}
