import Router from '@koa/router';
import { measuredOn } from '@tropaeum/core/capacity/test-trend';
import { writeBrief } from '@tropaeum/core/formats/brief';
import { review } from '@tropaeum/core/review/review';
import { defaultHouseRules } from '@tropaeum/core/session/brief/house-rules';
import type { Transaction } from '../database/database';
import { HttpError, notFound } from '../middleware/http-error';
import type { SignedIn } from '../middleware/middleware';
import { newToken, tokenHash } from '../middleware/tokens';
import { idFrom, validated } from '../middleware/validated';
import { sessionMessage } from '../session-message';
import { athleteById, restrictionOf } from '../store/athletes';
import { endLink, linkDays, openLink } from '../store/links';
import { addMessage, markDelivered, outbox } from '../store/messages';
import { decisionsOf } from '../store/results';
import { briefNow, resultsOf } from '../store/reviews';
import {
  addSession,
  bringUpToDate,
  doneBefore,
  latestSent,
  markSent,
  type SessionRow,
  saveSession,
  sessionById,
  sessionOn,
  sessionsBack,
} from '../store/sessions';
import { refuseWithoutConsent } from './consent-states';
import { personOf, type Services } from './context';
import { decideOn, progressRulesOf } from './decide-on';
import { contentFrom, decision, seenRevision, underRestrictions } from './session-fields';

async function refuseTakenDay(tx: Transaction, athleteId: string, on: string): Promise<void> {
  const there = await sessionOn(tx, athleteId, on);
  if (there) throw new HttpError(409, 'There is a session on that day already.', [{ path: 'date', message: there.id }]);
}

/** What was written before a house rule was there follows the usual one. */
const published = ({ organisationId, ...row }: SessionRow) => ({
  ...row,
  brief: writeBrief({ ...row.brief, houseRules: { ...defaultHouseRules, ...row.brief.houseRules } }),
});

/** Writing, sending and hearing back about sessions. */
export function sessionRoutes({ database, messages, now, today, publicUrl, log }: Services): Router {
  const router = new Router();
  const own = async (tx: Transaction, idText: string | undefined): Promise<SessionRow> => {
    const session = await sessionById(tx, idFrom(idText, 'session'));
    if (!session) throw notFound('session');
    return session;
  };

  router.post('/athletes/:id/sessions', async (ctx) => {
    const person = personOf(ctx);
    const athleteId = idFrom(ctx.params.id, 'athlete');
    const content = contentFrom(ctx.request.body);
    ctx.body = await database.asPerson(person, async (tx) => {
      if (!(await athleteById(tx, athleteId))) throw notFound('athlete');
      await refuseTakenDay(tx, athleteId, content.brief.date);
      return published(await addSession(tx, person.organisationId, athleteId, content.brief.date, content));
    });
    ctx.status = 201;
  });

  router.get('/sessions/:id', async (ctx) => {
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => published(await own(tx, ctx.params.id)));
  });

  router.put('/sessions/:id', async (ctx) => {
    const content = contentFrom(ctx.request.body);
    const seen = validated(seenRevision, ctx.request.body).revision;
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      const session = await own(tx, ctx.params.id);
      if (session.status === 'done')
        throw new HttpError(409, 'This session has been done; write a new one for another day.');
      // Another day in the brief moves the session there, when the day is free.
      if (content.brief.date !== session.on) await refuseTakenDay(tx, session.athleteId, content.brief.date);
      const saved = await saveSession(tx, session.id, seen, content);
      if (!saved)
        throw new HttpError(409, 'This session was saved elsewhere in the meantime; open it again to see both.');
      return published(saved);
    });
  });

  /** Opens a link to an athlete with a message that says what it is for, and hands both to the message service. */
  const deliver = async (
    person: SignedIn,
    write: (tx: Transaction) => Promise<{ session: SessionRow; name: string }>,
  ) => {
    const token = newToken();
    const link = `${publicUrl}/a/${token}`;
    const { messageId, to, words } = await database.asPerson(person, async (tx) => {
      const { session, name } = await write(tx);
      const { id, athleteId, on, plan } = session;
      const expiresAt = new Date(now().getTime() + linkDays * 86_400_000).toISOString();
      const linkHash = tokenHash(token);
      await openLink(tx, person.organisationId, athleteId, linkHash, expiresAt);
      const body = sessionMessage(name, on, plan.minutes.planned);
      const written = {
        organisationId: person.organisationId,
        athleteId,
        sessionId: id,
        body,
        linkHash,
        createdAt: now().toISOString(),
      };
      return { messageId: await addMessage(tx, written), to: name, words: body };
    });
    try {
      const deliveredAt = await messages.deliver({ to, body: `${words} ${link}` });
      await database.asPerson(person, (tx) => markDelivered(tx, messageId, deliveredAt));
    } catch (error) {
      // The link is open all the same, and whoever sent it has it in hand.
      log.warn({ error: (error as Error).name }, 'a message was not delivered');
    }
    return { link };
  };

  router.post('/sessions/:id/send', async (ctx) => {
    const person = personOf(ctx);
    ctx.body = await deliver(person, async (tx) => {
      const session = await own(tx, ctx.params.id);
      const athlete = await athleteById(tx, session.athleteId);
      if (!athlete) throw notFound('athlete');
      await refuseWithoutConsent(tx, athlete, today());
      if (session.status !== 'done') {
        const content = underRestrictions(session, athlete.restrictions.map(restrictionOf));
        await bringUpToDate(tx, session.id, content);
        await markSent(tx, session.id, content.plan, now().toISOString());
      }
      return { session, name: athlete.name };
    });
  });

  router.post('/athletes/:id/link', async (ctx) => {
    const person = personOf(ctx);
    const athleteId = idFrom(ctx.params.id, 'athlete');
    ctx.body = await deliver(person, async (tx) => {
      const athlete = await athleteById(tx, athleteId);
      if (!athlete) throw notFound('athlete');
      await refuseWithoutConsent(tx, athlete, today());
      const session = await latestSent(tx, athleteId);
      if (!session) throw new HttpError(409, 'Nothing has been sent yet: a link comes with the first session.');
      return { session, name: athlete.name };
    });
    ctx.status = 201;
  });

  router.delete('/athletes/:id/link', async (ctx) => {
    const athleteId = idFrom(ctx.params.id, 'athlete');
    if (!(await database.asPerson(personOf(ctx), (tx) => endLink(tx, athleteId, 'coach'))))
      throw new HttpError(404, 'No link of this athlete is open.');
    ctx.status = 204;
  });

  router.get('/outbox', async (ctx) => {
    ctx.body = { messages: await database.asPerson(personOf(ctx), (tx) => outbox(tx)) };
  });

  /** A session as it was done, with the proposals that follow from it and the sessions before. */
  const reviewed = async (tx: Transaction, session: SessionRow) => {
    const athlete = await athleteById(tx, session.athleteId);
    if (!athlete) throw notFound('athlete');
    const earlier = (await doneBefore(tx, session.athleteId, session.on, sessionsBack)).reverse();
    const { asDone, reports, told } = await resultsOf(
      tx,
      [...earlier, session].map(({ id }) => id),
    );
    const rules = await progressRulesOf(tx);
    const items = review(asDone(session), briefNow(session, athlete), earlier.map(asDone), rules);
    return { athlete, report: reports.get(session.id), readiness: told.get(session.id), items };
  };

  router.get('/sessions/:id/return', async (ctx) => {
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      const session = await own(tx, ctx.params.id);
      const { athlete, report, readiness, items } = await reviewed(tx, session);
      return {
        session: {
          id: session.id,
          athleteId: session.athleteId,
          on: session.on,
          status: session.status,
          planned: session.plan.minutes.planned,
        },
        athlete: athlete.name,
        report: report
          ? {
              effort: report.effort,
              minutes: report.minutes,
              pain: report.pain,
              note: report.note,
              betterSide: report.betterSide,
              morning: report.morning,
              finishedAt: report.finishedAt,
            }
          : null,
        readiness: readiness ?? null,
        measured: measuredOn(session.on, athlete.battery ?? []),
        items,
        decisions: (await decisionsOf(tx, [session.id])).map(
          ({ variant, proposed, decided, overruled, next, reason }) => ({
            ...{ variant, proposed, decided, overruled },
            ...(next ? { next } : {}),
            ...(reason ? { reason } : {}),
          }),
        ),
      };
    });
  });

  router.post('/sessions/:id/decisions', async (ctx) => {
    const person = personOf(ctx);
    const { variant, decided, reason } = validated(decision, ctx.request.body);
    await database.asPerson(person, async (tx) => {
      const session = await own(tx, ctx.params.id);
      await decideOn(tx, person, [{ sessionId: session.id, variant, decided, reason }]);
    });
    ctx.status = 204;
  });

  return router;
}
