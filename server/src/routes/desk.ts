import Router from '@koa/router';
import { attention } from '@tropaeum/core/desk/desk';
import { isDay } from '@tropaeum/core/formats/days';
import { mayStand, offeredRules, type ProgressRules } from '@tropaeum/core/progress/progress-rules';
import { decidedMoves, type Move } from '@tropaeum/core/progress/proposal';
import { isGuarded, ruleBook, ruleValues } from '@tropaeum/core/progress/rule-book';
import * as yup from 'yup';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import { idFrom, oneOf, uuid, validated } from '../middleware/validated';
import { athletesAmong, changeClub, clubSettings } from '../store/accounts';
import { athleteById } from '../store/athletes';
import { deskAthletes, marksOf, pastDecisions, putAway, takeBack } from '../store/desk';
import { addMessage, markDelivered } from '../store/messages';
import { refuseWithoutConsent } from './consent-states';
import { personOf, type Services } from './context';
import { decideOn, type Wanted } from './decide-on';

/** One decision, or nothing where it is taken back. */
const one = yup.object({
  sessionId: uuid.required('is required'),
  variant: yup.string().required('is required').max(80, 'must be 80 characters or fewer'),
  decided: yup
    .mixed<Move>()
    .test(
      'move',
      `must be one of ${decidedMoves.join(', ')}, or null to take it back`,
      (v) => v === null || decidedMoves.includes(v as Move),
    )
    .nullable()
    .defined('is required'),
  /** What was proposed when it was decided: where the rules say something else by now, nothing is decided. */
  proposed: oneOf(decidedMoves),
  reason: yup.string().trim().max(300, 'must be 300 characters or fewer'),
});
const decisionList = yup.object({
  decisions: yup
    .array()
    .of(one)
    .min(1, 'must hold at least one')
    .max(4000, 'must hold 4000 or fewer')
    .required('is required'),
});

const mark = yup.object({
  athlete: uuid.required('is required'),
  key: yup.string().required('is required').max(200, 'must be 200 characters or fewer'),
  until: yup
    .string()
    .nullable()
    .default(null)
    .test('day', 'must be a day such as 2026-12-09, or null', (v) => v === null || v === undefined || isDay(v)),
});
const markList = yup.object({
  entries: yup
    .array()
    .of(mark)
    .min(1, 'must hold at least one')
    .max(1000, 'must hold 1000 or fewer')
    .required('is required'),
});

const values = yup
  .object(
    Object.fromEntries(
      Object.entries(ruleValues).map(([name, { range }]) => [
        name,
        yup.number().min(range[0], `must be ${range[0]} or more`).max(range[1], `must be ${range[1]} or less`),
      ]),
    ),
  )
  .noUnknown(`must be one of ${Object.keys(ruleValues).join(', ')}`);
const move = oneOf(decidedMoves).required('is required');

/** Rules of progression as a club has set them. */
function progressRulesFrom(body: unknown): ProgressRules {
  const given = validated(yup.object({ values: values.default(undefined), instead: yup.object().default({}) }), body);
  const instead = Object.fromEntries(
    Object.entries(given.instead ?? {}).map(([rule, preferred]) => {
      const read = validated(yup.object({ proposed: move, decided: move }), preferred) as {
        proposed: Move;
        decided: Move;
      };
      if (!mayStand(rule, read))
        throw validationFailed([
          {
            path: `instead.${rule}`,
            message:
              rule in ruleBook
                ? isGuarded(rule)
                  ? 'must not ask for more than a rule of safety, pain or form'
                  : 'must be another move than the rule proposes'
                : 'must be the name of a rule',
          },
        ]);
      return [rule, read];
    }),
  );
  return { ...(given.values ? { values: given.values as NonNullable<ProgressRules['values']> } : {}), instead };
}

/** What wants the coach over all squads, and what is done about it. */
export function deskRoutes({ database, messages, now, today, log }: Services): Router {
  const router = new Router();

  router.get('/desk', async (ctx) => {
    const person = personOf(ctx);
    ctx.body = await database.asPerson(person, async (tx) => {
      const { progressRules: rules = {}, consentAge } = await clubSettings(tx);
      const athletes = await deskAthletes(tx, person.organisationId, today(), {
        rules,
        ...(consentAge === undefined ? {} : { consentAge }),
      });
      return {
        entries: attention(athletes, await marksOf(tx), today(), rules),
        offered: offeredRules((await pastDecisions(tx)) as never, rules),
      };
    });
  });

  router.post('/desk/decisions', async (ctx) => {
    const person = personOf(ctx);
    const { decisions } = validated(decisionList, ctx.request.body);
    ctx.body = { before: await database.asPerson(person, (tx) => decideOn(tx, person, decisions as Wanted[])) };
  });

  router.post('/desk/marks', async (ctx) => {
    const person = personOf(ctx);
    const { entries } = validated(markList, ctx.request.body);
    await database.asPerson(person, async (tx) => {
      const named = [...new Set(entries.map(({ athlete }) => athlete))];
      if ((await athletesAmong(tx, named)).length < named.length) throw notFound('athlete');
      await putAway(tx, person.organisationId, entries as never);
    });
    ctx.status = 204;
  });

  router.post('/desk/marks/removal', async (ctx) => {
    const { entries } = validated(markList, ctx.request.body);
    await database.asPerson(personOf(ctx), (tx) => takeBack(tx, entries));
    ctx.status = 204;
  });

  router.put('/progress-rules', async (ctx) => {
    const person = personOf(ctx);
    const progressRules = progressRulesFrom(ctx.request.body);
    await database.asPerson(person, (tx) => changeClub(tx, person.organisationId, { settings: { progressRules } }));
    ctx.status = 204;
  });

  router.post('/athletes/:id/messages', async (ctx) => {
    const person = personOf(ctx);
    const athleteId = idFrom(ctx.params.id, 'athlete');
    const { body } = validated(
      yup.object({
        body: yup.string().trim().required('is required').max(600, 'must be 600 characters or fewer'),
      }),
      ctx.request.body,
    );
    const { id, to } = await database.asPerson(person, async (tx) => {
      const athlete = await athleteById(tx, athleteId);
      if (!athlete) throw notFound('athlete');
      await refuseWithoutConsent(tx, athlete, today());
      const { organisationId } = person;
      return {
        id: await addMessage(tx, { organisationId, athleteId, body, createdAt: now().toISOString() }),
        to: athlete.name,
      };
    });
    try {
      const deliveredAt = await messages.deliver({ to, body });
      await database.asPerson(person, (tx) => markDelivered(tx, id, deliveredAt));
    } catch (error) {
      log.warn({ error: (error as Error).name }, 'a message was not delivered');
      throw new HttpError(502, 'The message was not delivered. It is kept under Messages; try again.');
    }
    ctx.status = 204;
  });

  return router;
}
