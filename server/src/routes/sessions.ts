import Router from '@koa/router';
import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue';
import { readBrief, writeBrief } from '@tropaeum/core/formats/brief';
import { readDraft } from '@tropaeum/core/formats/draft';
import { review } from '@tropaeum/core/progress/review';
import { defaultHouseRules } from '@tropaeum/core/session/brief';
import type { Proof } from '@tropaeum/core/session/compose';
import { contextOf } from '@tropaeum/core/session/context';
import { planOf } from '@tropaeum/core/session/plan';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { notFound, notRight, Problem } from '../doors/problem';
import { newToken, tokenHash } from '../doors/tokens';
import { idFrom, validated } from '../doors/validated';
import { athleteById, restrictionOf } from '../store/athletes';
import { addLink, addMessage, markDelivered, outbox } from '../store/messages';
import {
  addSession,
  bringUpToDate,
  decide,
  decisionsOf,
  logsOf,
  markSent,
  reportsOf,
  type SessionContent,
  type SessionRow,
  saveSession,
  sessionById,
  sessionOn,
  sessionsOfAthlete,
} from '../store/sessions';
import { coachOf, type Services } from './context';

const linkDays = 60;
const moves = ['up', 'same', 'down', 'stop'] as const;
const decision = yup.object({
  variant: yup.string().required('is required').max(80),
  decided: yup
    .string()
    .oneOf([...moves], `must be one of ${moves.join(', ')}`)
    .required('is required'),
});
const revision = yup.object({ revision: yup.number().integer('must be a whole number').required('is required') });

/** The server works the plan out itself from brief and draft: what is stored is always what the core says. */
function contentFrom(body: unknown): SessionContent {
  const {
    brief: givenBrief,
    draft: givenDraft,
    proof,
  } = (body ?? {}) as { brief?: object; draft?: unknown; proof?: Proof };
  const brief = readBrief({ ...givenBrief, format: 'tropaeum-brief/1' });
  const draft = readDraft(givenDraft, catalogueOf('brief' in brief ? brief.brief.own : []));
  const faults = [
    'faults' in brief ? brief.faults.map((f) => ({ ...f, path: `brief.${f.path}` })) : [],
    'faults' in draft ? draft.faults : [],
  ].flat();
  if ('faults' in brief || 'faults' in draft) throw notRight(faults);
  return {
    brief: brief.brief,
    draft: draft.draft,
    plan: planOf(contextOf(brief.brief), draft.draft, validProof(proof)),
  };
}

/**
 * A session as it stands under the restrictions that hold when it goes out: they may have come after it was written. What they forbid is not sent.
 */
function underRestrictions({ brief, draft, plan }: SessionRow, restrictions: readonly Restriction[]): SessionContent {
  const known = { ...brief, athlete: { ...brief.athlete, restrictions } };
  const now = planOf(contextOf(known), draft, plan.solution);
  const against = now.checks.find((check) => check.id === 'restrictions' && check.status === 'stop');
  if (against) throw new Problem(409, `Not sent. ${against.text}`);
  return { brief: known, draft, plan: now };
}

function validProof(proof: Proof | undefined): Proof | undefined {
  const numbers = [proof?.objective, proof?.bound, proof?.gap];
  return proof && numbers.every((n) => typeof n === 'number' && Number.isFinite(n)) ? proof : undefined;
}

/** What was written before a house rule was there follows the usual one. */
const published = ({ organisationId, ...row }: SessionRow) => ({
  ...row,
  brief: writeBrief({ ...row.brief, houseRules: { ...defaultHouseRules, ...row.brief.houseRules } }),
});

/** Writing, sending and hearing back about sessions. */
export function sessionRoutes({ database, messages, now }: Services): Router {
  const router = new Router();
  const own = async (tx: Transaction, idText: string | undefined): Promise<SessionRow> => {
    const session = await sessionById(tx, idFrom(idText, 'session'));
    if (!session) throw notFound('session');
    return session;
  };

  router.post('/athletes/:id/sessions', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const athleteId = idFrom(ctx.params.id, 'athlete');
    const content = contentFrom(ctx.request.body);
    ctx.body = await database.asOrganisation(organisationId, async (tx) => {
      if (!(await athleteById(tx, athleteId))) throw notFound('athlete');
      const there = await sessionOn(tx, athleteId, content.brief.date);
      if (there)
        throw new Problem(409, 'There is a session on that day already; it has been opened.', [
          { path: 'date', message: there.id },
        ]);
      return published(await addSession(tx, organisationId, athleteId, content.brief.date, content));
    });
    ctx.status = 201;
  });

  router.get('/sessions/:id', async (ctx) => {
    ctx.body = await database.asOrganisation(coachOf(ctx).organisationId, async (tx) =>
      published(await own(tx, ctx.params.id)),
    );
  });

  router.put('/sessions/:id', async (ctx) => {
    const content = contentFrom(ctx.request.body);
    const seen = validated(revision, ctx.request.body).revision;
    ctx.body = await database.asOrganisation(coachOf(ctx).organisationId, async (tx) => {
      const session = await own(tx, ctx.params.id);
      if (session.status === 'done')
        throw new Problem(409, 'This session has been done; write a new one for another day.');
      const saved = await saveSession(tx, session.id, seen, content);
      if (!saved)
        throw new Problem(409, 'This session was saved elsewhere in the meantime; open it again to see both.');
      return published(saved);
    });
  });

  router.post('/sessions/:id/send', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const token = newToken();
    const link = `${ctx.origin}/a/${token}`;
    const { messageId, to, body } = await database.asOrganisation(organisationId, async (tx) => {
      const session = await own(tx, ctx.params.id);
      const athlete = await athleteById(tx, session.athleteId);
      if (!athlete) throw notFound('athlete');
      if (session.status !== 'done')
        await bringUpToDate(tx, session.id, underRestrictions(session, athlete.restrictions.map(restrictionOf)));
      const at = now().toISOString();
      await addLink(
        tx,
        organisationId,
        athlete.id,
        tokenHash(token),
        new Date(now().getTime() + linkDays * 86_400_000).toISOString(),
      );
      await markSent(tx, session.id, at);
      const words = `Hello ${athlete.name.split(' ')[0]}, your session for ${session.on} is ready: ${Math.round(session.plan.minutes.planned)} minutes.`;
      const id = await addMessage(tx, {
        organisationId,
        athleteId: athlete.id,
        sessionId: session.id,
        body: words,
        link,
        createdAt: at,
      });
      return { messageId: id, to: athlete.name, body: `${words} ${link}` };
    });
    const deliveredAt = await messages.deliver({ to, body });
    await database.asOrganisation(organisationId, (tx) => markDelivered(tx, messageId, deliveredAt));
    ctx.body = { link };
  });

  router.get('/outbox', async (ctx) => {
    ctx.body = { messages: await database.asOrganisation(coachOf(ctx).organisationId, (tx) => outbox(tx)) };
  });

  router.get('/sessions/:id/return', async (ctx) => {
    ctx.body = await database.asOrganisation(coachOf(ctx).organisationId, async (tx) => {
      const session = await own(tx, ctx.params.id);
      const earlier = (await sessionsOfAthlete(tx, session.athleteId)).find(
        (s) => s.on < session.on && s.status === 'done',
      );
      const logs = await logsOf(tx, [session.id, ...(earlier ? [earlier.id] : [])]);
      const [report] = await reportsOf(tx, [session.id]);
      const mine = logs.filter((l) => l.sessionId === session.id);
      const before = earlier ? { plan: earlier.plan, logs: logs.filter((l) => l.sessionId === earlier.id) } : undefined;
      const athlete = await athleteById(tx, session.athleteId);
      return {
        session: {
          id: session.id,
          athleteId: session.athleteId,
          on: session.on,
          status: session.status,
          planned: session.plan.minutes.planned,
        },
        athlete: athlete?.name,
        report: report
          ? {
              effort: report.effort,
              minutes: report.minutes,
              pain: report.pain,
              note: report.note,
              finishedAt: report.finishedAt,
            }
          : null,
        items: review(session.plan, mine, report, before, catalogueOf(session.brief.own)),
        decisions: (await decisionsOf(tx, [session.id])).map(({ variant, proposed, decided, overruled }) => ({
          variant,
          proposed,
          decided,
          overruled,
        })),
      };
    });
  });

  router.post('/sessions/:id/decisions', async (ctx) => {
    const { organisationId } = coachOf(ctx);
    const { variant, decided } = validated(decision, ctx.request.body);
    await database.asOrganisation(organisationId, async (tx) => {
      const session = await own(tx, ctx.params.id);
      const logs = await logsOf(tx, [session.id]);
      const [report] = await reportsOf(tx, [session.id]);
      const item = review(session.plan, logs, report, undefined, catalogueOf(session.brief.own)).find(
        (i) => i.item.variant === variant,
      );
      if (!item) throw notRight([{ path: 'variant', message: 'is not in this session' }]);
      await decide(tx, {
        sessionId: session.id,
        organisationId,
        variant,
        proposed: item.proposal.move,
        decided,
        overruled: decided !== item.proposal.move,
      });
    });
    ctx.status = 204;
  });

  return router;
}
