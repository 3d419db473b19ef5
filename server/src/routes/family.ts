import Router from '@koa/router';
import { dayAfter } from '@tropaeum/core/date/days';
import { consentVersion, consentWording, isMinor } from '@tropaeum/core/people/consent';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { attach } from '../middleware/attachment';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import type { SignedIn } from '../middleware/middleware';
import { idFrom, uuid, validated } from '../middleware/validated';
import { accountById } from '../store/accounts';
import { type AthleteRow, athleteById, restrictionOf } from '../store/athletes';
import { athletesOf, reportsSince } from '../store/care';
import {
  consentAgeOf,
  giveConsent,
  isMinorHere,
  pendingById,
  reduceToName,
  standingConsents,
  withdrawConsent,
} from '../store/consents';
import { everythingOf } from '../store/export';
import { seasonOfAthlete } from '../store/seasons';
import { plansOf } from '../store/sessions';
import { weekFrom } from './athlete-week';
import { personOf, type Services } from './context';

/** How far back results are shown, days. */
const lookBack = 42;

/** What guardians see and decide, and athletes with a sign-in of their own. */
export function familyRoutes({ database, today }: Services): Router {
  const router = new Router();

  /** An athlete of theirs by name: kept in full, or only as a name. */
  async function theirs(tx: Transaction, person: SignedIn, idText: string | undefined) {
    const id = idFrom(idText, 'athlete');
    if (!(await athletesOf(tx, person.accountId)).includes(id)) throw notFound('athlete');
    const athlete = await athleteById(tx, id);
    // Who has come of age decides alone.
    if (athlete && person.role === 'guardian' && !(await isMinorHere(tx, athlete.born, today())))
      throw notFound('athlete');
    const pending = athlete ? undefined : await pendingById(tx, id);
    if (!athlete && !pending) throw notFound('athlete');
    return { id, athlete, name: (athlete ?? pending)?.name ?? '', pending };
  }

  async function shown(tx: Transaction, athlete: AthleteRow & { restrictions: Parameters<typeof restrictionOf>[0][] }) {
    const season = await seasonOfAthlete(tx, athlete.squadId, athlete.id, today());
    return {
      restrictions: athlete.restrictions.map(restrictionOf),
      week: weekFrom(season, today(), undefined),
      plans: await plansOf(tx, athlete.id, dayAfter(today(), -lookBack), true),
      reports: await reportsSince(tx, [athlete.id], dayAfter(today(), -lookBack)),
    };
  }

  router.get('/family', async (ctx) => {
    const person = personOf(ctx);
    ctx.body = await database.asPerson(person, async (tx) => {
      const club = (await accountById(tx, person.accountId))?.organisation ?? '';
      const age = await consentAgeOf(tx);
      const ids = await athletesOf(tx, person.accountId);
      const consents = await standingConsents(tx, ids);
      const athletes = [];
      for (const id of ids) {
        const athlete = await athleteById(tx, id);
        const name = athlete?.name ?? (await pendingById(tx, id))?.name;
        if (!name) continue;
        const minor = !athlete || isMinor(athlete.born, today(), age);
        if (person.role === 'guardian' && !minor) continue;
        const consent = consents.find((one) => one.athleteId === id) ?? null;
        const wording = consent?.wording.split('\n') ?? consentWording({ athlete: name, club });
        athletes.push({
          ...{ id, name, minor, consent, wording, version: consentVersion },
          kept: athlete ? await shown(tx, athlete) : null,
        });
      }
      return { today: today(), club, consentAge: age, athletes };
    });
  });

  router.post('/consents', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(
      yup.object({
        athleteId: uuid.required('is required'),
        name: yup.string().trim().required('is required').max(80, 'must be 80 characters or fewer'),
        version: yup.string().required('is required'),
      }),
      ctx.request.body,
    );
    await database.asPerson(person, async (tx) => {
      const { id, name } = await theirs(tx, person, body.athleteId);
      if (body.version !== consentVersion)
        throw validationFailed([{ path: 'version', message: 'is not the wording in force; read it again' }]);
      const club = (await accountById(tx, person.accountId))?.organisation ?? '';
      await giveConsent(tx, {
        ...{ organisationId: person.organisationId, athleteId: id, version: consentVersion },
        wording: consentWording({ athlete: name, club }).join('\n'),
        ...{ givenBy: person.accountId, givenName: body.name },
      });
    });
    ctx.status = 201;
    ctx.body = {};
  });

  /** Withdrawing deletes all but the name at once. */
  router.post('/consents/:id/withdrawal', async (ctx) => {
    const person = personOf(ctx);
    const { name } = validated(yup.object({ name: yup.string().trim().required('is required') }), ctx.request.body);
    await database.asPerson(person, async (tx) => {
      const one = await theirs(tx, person, ctx.params.id);
      if (name !== one.name) throw validationFailed([{ path: 'name', message: `must be ${one.name}` }]);
      const who = (await accountById(tx, person.accountId))?.name ?? '';
      if (!(await withdrawConsent(tx, one.id, who)))
        throw new HttpError(409, 'No consent stands that could be withdrawn.');
      if (one.athlete) await reduceToName(tx, one.athlete);
    });
    ctx.status = 204;
  });

  router.get('/family/:id/export.json', async (ctx) => {
    const person = personOf(ctx);
    const found = await database.asPerson(person, async (tx) => {
      const { id, athlete } = await theirs(tx, person, ctx.params.id);
      return athlete ? everythingOf(tx, id) : undefined;
    });
    if (!found) throw notFound('athlete');
    attach(ctx, found.athlete.name, 'json');
    ctx.body = found;
  });

  return router;
}
