import Router from '@koa/router';
import { readSport } from '@tropaeum/core/formats/sport';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import { revision, validated } from '../middleware/validated';
import { clubSport, clubSports, forgetSport, playersOf, saveSport, takeOffList } from '../store/sports';
import { personOf, type Services } from './context';

const seenRevision = yup.object({
  revision,
});

function profileFrom(body: unknown, sportId: string): SportProfile {
  const reading = readSport((body as { profile?: unknown } | undefined)?.profile);
  if ('faults' in reading) throw validationFailed(reading.faults);
  if (reading.profile.id !== sportId) throw validationFailed([{ path: 'id', message: `must be "${sportId}"` }]);
  return reading.profile;
}

/** A role that somebody plays stays: their sessions are composed from it. */
async function keepPlayedRoles(tx: Transaction, sportId: string, profile: SportProfile): Promise<void> {
  const known = new Set(profile.roles.map((r) => r.id));
  const faults = (await playersOf(tx, sportId))
    .filter((p) => !known.has(p.role))
    .map((p) => ({ path: 'roles', message: `must keep "${p.role}", which ${p.name} plays` }));
  if (faults.length) throw validationFailed(faults);
}

/** Sports as the club sees them; the shipped ones are part of the program. */
export function sportRoutes({ database }: Services): Router {
  const router = new Router();

  router.get('/sports', async (ctx) => {
    ctx.body = { sports: await database.asPerson(personOf(ctx), clubSports) };
  });

  router.put('/sports/:id', async (ctx) => {
    const person = personOf(ctx);
    const sportId = ctx.params.id ?? '';
    const profile = profileFrom(ctx.request.body, sportId);
    const { revision: seen } = validated(seenRevision, ctx.request.body);
    const saved = await database.asPerson(person, async (tx) => {
      await keepPlayedRoles(tx, sportId, profile);
      return saveSport(tx, person.organisationId, profile, seen);
    });
    if (saved === undefined)
      throw new HttpError(409, 'This sport was changed elsewhere in the meantime; open it again to see both.');
    ctx.body = { revision: saved };
  });

  router.delete('/sports/:id', async (ctx) => {
    const sportId = ctx.params.id ?? '';
    const shipped = sportById(sportId);
    await database.asPerson(personOf(ctx), async (tx) => {
      if (!(await clubSport(tx, sportId))) throw notFound('sport');
      if (shipped) {
        await keepPlayedRoles(tx, sportId, shipped);
        await forgetSport(tx, sportId);
      } else if ((await playersOf(tx, sportId)).length) await takeOffList(tx, sportId);
      else await forgetSport(tx, sportId);
    });
    ctx.status = 204;
  });

  return router;
}
