import Router from '@koa/router';
import { type AssumedField, assumedFields } from '@tropaeum/core/athlete/assumed';
import { isMinor, usualConsentAge } from '@tropaeum/core/people/consent';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { v7 } from 'uuid';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import type { SignedIn } from '../middleware/middleware';
import { email, emailTyped, idFrom, uuid, validated } from '../middleware/validated';
import { accountById, clubSettings, peopleOf } from '../store/accounts';
import { addAthlete, athleteById, type PlayedSport } from '../store/athletes';
import { addAthletesTo } from '../store/care';
import { addPending, pendingById, removePending, standingConsents } from '../store/consents';
import { eraseAthlete } from '../store/export';
import { type AthleteBody, fieldsFrom } from './athlete-fields';
import { personOf, type Services } from './context';
import { inviteByMail, sendOrSay } from './invitations';
import { faultsAt, type SquadBody, squadFields, squadMeant } from './squad-fields';

/** As many as a list may hold. */
const mostAtOnce = 100;

const assumed = yup
  .array()
  .of(
    yup
      .string()
      .oneOf(assumedFields, `must be ${assumedFields.join(', ')}`)
      .required('is required'),
  )
  .default([]);
const name = yup.string().trim().required('is required').max(80, 'must be 80 characters or fewer');
const oneAthlete = { name, athlete: yup.object().required('is required'), assumed };

interface NewAthlete extends AthleteBody {
  assumed?: AssumedField[];
  /** The name that has waited for consent. */
  pendingId?: string;
}

/** New athletes, one or a list. Of a minor nothing but the name is kept until a guardian has agreed. */
export function newAthleteRoutes({ database, today, ...services }: Services): Router {
  const router = new Router();

  /** The name that has waited, with the consent for it where it stands. */
  async function waited(tx: Transaction, pendingId: string | undefined) {
    if (pendingId === undefined) return undefined;
    const pending = await pendingById(tx, pendingId);
    if (!pending) throw validationFailed([{ path: 'pendingId', message: 'is nobody who waits for consent' }]);
    return { ...pending, agreed: (await standingConsents(tx, [pending.id])).length > 0 };
  }

  /** Somebody new in a squad, by the rules of a brief; what became of it. */
  async function addTo(
    tx: Transaction,
    { organisationId }: SignedIn,
    squadId: string,
    sport: PlayedSport,
    given: NewAthlete,
  ): Promise<{ id: string; waits: boolean }> {
    const { houseRules, consentAge = usualConsentAge } = await clubSettings(tx);
    const start = {
      date: today(),
      minutes: 30,
      kit: { items: [], anchors: [], partner: false },
      sport: { id: sport.id },
      ...(houseRules ? { houseRules } : {}),
    } as unknown as Brief;
    const { fields, restrictions } = fieldsFrom({ ...given, squadId }, start, sport);
    const pending = await waited(tx, given.pendingId);
    const id = pending?.id ?? v7();
    if (!pending?.agreed && isMinor(fields.born, today(), consentAge)) {
      if (!pending) await addPending(tx, { organisationId, squadId, name: fields.name, id });
      return { id, waits: true };
    }
    if (pending) await removePending(tx, id);
    await addAthlete(tx, organisationId, { ...fields, assumed: given.assumed ?? [] }, restrictions, id);
    return { id, waits: false };
  }

  router.post('/athletes', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(
      yup.object({ ...squadFields, ...oneAthlete, pendingId: uuid.default(undefined) }),
      ctx.request.body,
    ) as SquadBody;
    const given = ctx.request.body as NewAthlete;
    ctx.body = await database.asPerson(person, async (tx) => {
      const squad = await squadMeant(tx, person.organisationId, body);
      return addTo(tx, person, squad.id, squad.sport, given);
    });
    ctx.status = 201;
  });

  router.post('/athlete-lists', async (ctx) => {
    const person = personOf(ctx);
    const body = validated(
      yup.object({
        ...squadFields,
        athletes: yup
          .array()
          .of(yup.object(oneAthlete))
          .min(1, 'must hold one athlete at least')
          .max(mostAtOnce, `must hold ${mostAtOnce} athletes at most`)
          .required('is required'),
      }),
      ctx.request.body,
    ) as SquadBody;
    const given = (ctx.request.body as { athletes: NewAthlete[] }).athletes;
    ctx.body = await database.asPerson(person, async (tx) => {
      const squad = await squadMeant(tx, person.organisationId, body);
      const ids: string[] = [];
      const waiting: string[] = [];
      for (const [i, one] of given.entries()) {
        const { id, waits } = await faultsAt(`athletes[${i}]`, () => addTo(tx, person, squad.id, squad.sport, one));
        (waits ? waiting : ids).push(id);
      }
      return { squadId: squad.id, ids, waiting };
    });
    ctx.status = 201;
  });

  router.delete('/pending-athletes/:id', async (ctx) => {
    const id = idFrom(ctx.params.id, 'athlete');
    await database.asPerson(personOf(ctx), async (tx) => {
      if (!(await pendingById(tx, id))) throw notFound('athlete');
      await eraseAthlete(tx, id);
    });
    ctx.status = 204;
  });

  /** Asks a guardian, or gives an athlete a sign-in; somebody who is a guardian here already gets one more child. */
  router.post('/athletes/:id/invitations', async (ctx) => {
    const person = personOf(ctx);
    const athleteId = idFrom(ctx.params.id, 'athlete');
    const body = validated(
      yup.object({
        email,
        role: yup
          .string()
          .oneOf(['guardian', 'athlete'] as const, 'must be guardian or athlete')
          .required('is required'),
      }),
      emailTyped(ctx.request.body),
    );
    const asked = await database.asPerson(person, async (tx) => {
      const athlete = (await athleteById(tx, athleteId)) ?? (await pendingById(tx, athleteId));
      if (!athlete) throw notFound('athlete');
      const there = (await peopleOf(tx)).find((one) => one.email === body.email);
      if (there && (there.role !== 'guardian' || body.role !== 'guardian'))
        throw validationFailed([
          { path: 'email', message: `belongs to somebody of the club already, as ${there.role}` },
        ]);
      if (!there) return { athlete: athlete.name, from: await accountById(tx, person.accountId), isNew: true };
      await addAthletesTo(tx, person.organisationId, there.id, [athleteId]);
      return { athlete: athlete.name, from: await accountById(tx, person.accountId), isNew: false };
    });
    if (!asked.from) throw new HttpError(401, 'Please sign in.');
    const { organisation, name: who } = asked.from;
    const words =
      body.role === 'guardian'
        ? `${who} plans home training of ${asked.athlete} at ${organisation} and asks for your consent. Without it nothing but the name is kept.`
        : `${who} of ${organisation} gives you a sign-in to your sessions.`;
    if (asked.isNew)
      await inviteByMail({ database, ...services }, person, {
        ...{ email: body.email, role: body.role, squadIds: [], athleteIds: [athleteId] },
        words: () => ({ subject: `${organisation}: home training of ${asked.athlete}`, text: words }),
      });
    else
      await sendOrSay(services, person.organisationId, {
        to: body.email,
        subject: `${organisation}: home training of ${asked.athlete}`,
        text: `${words}\n\nYou are a guardian here already. Sign in and decide:\n${services.publicUrl}/family\n`,
      });
    ctx.status = 201;
    ctx.body = { invited: asked.isNew };
  });

  return router;
}
