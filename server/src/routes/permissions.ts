import type Router from '@koa/router';
import { type Action, may } from '@tropaeum/core/people/permissions';
import type { Middleware } from 'koa';
import type { Database } from '../database/database';
import { HttpError } from '../middleware/http-error';
import type { SignedIn } from '../middleware/middleware';
import { addAudit } from '../store/audit';

interface Rule {
  needs: Action;
  /** What of somebody's health is in the answer: it is put down who has read it. */
  reads?: string;
}

/** What every route behind the sign-in needs. One that is not here answers nobody. */
export const routeRules: Readonly<Record<string, Rule>> = {
  'GET /me': { needs: 'account' },
  'PATCH /me': { needs: 'account' },
  'PUT /me/password': { needs: 'account' },
  'GET /sign-ins': { needs: 'account' },
  'DELETE /sign-ins': { needs: 'account' },
  'DELETE /sign-ins/:id': { needs: 'account' },
  'POST /second-factor': { needs: 'account' },
  'POST /second-factor/confirmation': { needs: 'account' },
  'POST /second-factor/removal': { needs: 'account' },

  'PATCH /club': { needs: 'club' },
  'GET /club/export.jsonl': { needs: 'club', reads: 'club export' },
  'POST /club/erasure': { needs: 'club' },
  'GET /people': { needs: 'people' },
  'PATCH /people/:id': { needs: 'people' },
  'DELETE /people/:id': { needs: 'people' },
  'POST /invitations': { needs: 'people' },
  'DELETE /invitations/:id': { needs: 'people' },
  'GET /mails': { needs: 'people' },
  'GET /audit': { needs: 'audit' },

  'GET /squads': { needs: 'read', reads: 'squad list' },
  'GET /athletes/:id': { needs: 'read', reads: 'athlete' },
  'GET /athletes/:id/last-change': { needs: 'read' },
  'GET /athletes/:id/export.json': { needs: 'delete', reads: 'export' },
  'GET /athletes/:id/export.csv': { needs: 'delete', reads: 'export' },
  'DELETE /athletes/:id': { needs: 'delete' },
  'POST /athletes': { needs: 'write' },
  'POST /athlete-lists': { needs: 'write' },
  'PATCH /athletes/:id': { needs: 'write' },
  'POST /athletes/:id/invitations': { needs: 'send' },
  'DELETE /pending-athletes/:id': { needs: 'delete' },
  'POST /athletes/:id/release-requests': { needs: 'write' },

  'GET /treated': { needs: 'treat', reads: 'treated list' },
  'GET /treated/:id': { needs: 'treat', reads: 'athlete' },
  'PUT /treated/:id/restrictions': { needs: 'treat' },
  'PUT /treated/:id/tests': { needs: 'treat' },
  'POST /release-requests/:id/answer': { needs: 'treat' },

  'GET /family': { needs: 'family', reads: 'family list' },
  'GET /family/:id/export.json': { needs: 'family', reads: 'export' },
  'POST /consents': { needs: 'consent' },
  'POST /consents/:id/withdrawal': { needs: 'consent' },

  'POST /athletes/:id/link': { needs: 'send' },
  'DELETE /athletes/:id/link': { needs: 'send' },

  'POST /athletes/:id/sessions': { needs: 'write' },
  'GET /sessions/:id': { needs: 'read', reads: 'session' },
  'PUT /sessions/:id': { needs: 'write' },
  'POST /sessions/:id/send': { needs: 'send' },
  'GET /sessions/:id/return': { needs: 'read', reads: 'results' },
  'POST /sessions/:id/decisions': { needs: 'write' },

  'GET /desk': { needs: 'read', reads: 'desk' },
  'GET /weeks': { needs: 'read', reads: 'squad weeks' },
  'GET /squads/:id/hall': { needs: 'read', reads: 'squad plans' },
  'POST /desk/decisions': { needs: 'write' },
  'POST /desk/marks': { needs: 'write' },
  'POST /desk/marks/removal': { needs: 'write' },
  'PUT /progress-rules': { needs: 'write' },
  'POST /athletes/:id/messages': { needs: 'send' },
  'GET /outbox': { needs: 'read' },

  'PATCH /squads/:id': { needs: 'write' },
  'DELETE /squads/:id': { needs: 'delete' },
  'GET /links': { needs: 'send' },

  'GET /squads/:id/season': { needs: 'read' },
  'PUT /squads/:id/season': { needs: 'write' },
  'PUT /athletes/:id/season': { needs: 'write' },
  'POST /squads/:id/feeds': { needs: 'write' },
  'POST /feeds/:id/read': { needs: 'write' },
  'DELETE /feeds/:id': { needs: 'delete' },
  'GET /squads/:id/calendar-links': { needs: 'read' },
  'POST /squads/:id/calendar-links': { needs: 'send' },
  'DELETE /squads/:id/calendar-links': { needs: 'send' },
  'DELETE /calendar-links/:id': { needs: 'send' },

  'GET /own-variants': { needs: 'read' },
  'POST /own-variants': { needs: 'write' },
  'PUT /own-variants/:id': { needs: 'write' },
  'DELETE /own-variants/:id': { needs: 'delete' },
  'GET /sports': { needs: 'read' },
  'PUT /sports/:id': { needs: 'write' },
  'DELETE /sports/:id': { needs: 'delete' },
  'GET /templates': { needs: 'read' },
  'POST /templates': { needs: 'write' },
  'DELETE /templates/:id': { needs: 'delete' },
  'GET /devices/hanging-scale': { needs: 'read' },
  'GET /devices/contact-mat': { needs: 'read' },
};

/** Puts a guard before every route of a router, as the table says. A route that is not in the table keeps the server from starting. */
export function guarded(router: Router, database: Database): Router {
  for (const layer of router.stack)
    for (const method of layer.methods.filter((m) => m !== 'HEAD')) {
      const route = `${method} ${String(layer.path)}`;
      const rule = routeRules[route];
      if (!rule) throw new Error(`${route} is not in the table of permissions`);
      layer.stack.unshift(permitted(database, rule, route.includes('/sessions/')));
    }
  return router;
}

/** Lets through whom the rule lets, and puts down who has read what of somebody's health. */
function permitted(database: Database, { needs, reads }: Rule, isSession = false): Middleware {
  return async (ctx, next) => {
    const person = ctx.state.signedIn as SignedIn;
    if (!may(person.role, needs))
      throw new HttpError(403, 'Your role does not allow this. An owner of the club can change it under Settings.');
    await next();
    if (!reads || ctx.status >= 300) return;
    const { id } = (ctx as unknown as { params: { id?: string } }).params;
    await database.asPerson(person, (tx) =>
      addAudit(tx, {
        ...{ organisationId: person.organisationId, accountId: person.accountId, address: person.address },
        ...{ action: 'read', subject: reads },
        ...(id && !isSession ? { athleteId: id } : {}),
        ...(id && isSession ? { ofSession: id } : {}),
      }),
    );
  };
}
