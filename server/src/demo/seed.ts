import type { LoggedSet } from '@tropaeum/core/athlete/logged-set';
import { seeded } from '@tropaeum/core/common/seeded-random';
import { dayAfter } from '@tropaeum/core/date/days';
import { emptyOwnSeason } from '@tropaeum/core/season/plan/season-plan';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { defaultHouseRules } from '@tropaeum/core/session/brief/house-rules';
import { begin, composedOf, type Proof } from '@tropaeum/core/session/composer/compose';
import { contextOf } from '@tropaeum/core/session/context/context';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { planOf } from '@tropaeum/core/session/plan/plan';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { highsSolver } from '@tropaeum/core/session/search/highs-solver';
import type { Solver } from '@tropaeum/core/session/search/solver';
import { sql } from 'drizzle-orm';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import loadHighs from 'highs';
import { Client } from 'pg';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import * as schema from '../database/schema';
import { hashPassword } from '../middleware/passwords';
import { newToken, tokenHash } from '../middleware/tokens';
import { sessionMessage } from '../session-message';
import { addAthlete, athleteById, briefOf } from '../store/athletes';
import { openLink } from '../store/links';
import { addMessage } from '../store/messages';
import { addLogs, addReport } from '../store/results';
import { saveOwnSeason, seasonOfSquad } from '../store/seasons';
import { stored, variantsIn } from '../store/sessions';
import { cameBack, daysBefore, logsFor, reportFor, trainingDays } from './history';
import { type DemoPerson, people, roomOf } from './people';
import { laySeason } from './season';
import { demoPassword, laySignIns } from './sign-ins';

/** The sign-in that the start command prints. */
export const demoSignIn = { email: 'coach@skarvoy.example', password: demoPassword };

const demoClub = 'Skarvøy HK';

/** One session of a person's history: the same items week after week, since progress needs them. */
async function laySession(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  brief: Brief,
  made: { draft: Draft; proof: Proof },
  status: 'draft' | 'sent' | 'done',
): Promise<{ id: string; plan: Plan }> {
  const id = v7();
  const plan = planOf(contextOf(brief), made.draft, made.proof);
  await tx.insert(schema.sessions).values({
    id,
    organisationId,
    athleteId,
    on: brief.date,
    status,
    ...stored({ brief, draft: made.draft, plan }),
    ...(status === 'draft' ? {} : { sentAt: `${daysBefore(brief.date, 1)}T20:00:00Z`, sentVariants: variantsIn(plan) }),
  });
  return { id, plan };
}

async function layPerson(
  tx: Transaction,
  organisationId: string,
  squadId: string,
  sportId: string,
  person: DemoPerson,
  today: string,
  solver: Solver,
  seed: number,
): Promise<void> {
  const random = seeded(seed);
  // Who came back does not hang on how long the sessions are.
  const chance = seeded(seed + 1000);
  const said = seeded(seed + 2000);
  const born = dayAfter(today, -Math.round(person.age * 365.25) - 40 - 17 * seed);
  const athleteId = await addAthlete(
    tx,
    organisationId,
    {
      name: person.name,
      squadId,
      role: person.role,
      born,
      sex: person.sex,
      heightCm: person.heightCm,
      massKg: person.massKg,
      level: person.level,
      dominantSide: person.dominantSide,
      minutes: person.minutes,
      aim: person.aim ?? 'hold',
      kit: { items: person.kit, anchors: person.anchors ?? [], partner: person.partner ?? false, room: roomOf(person) },
      houseRules: defaultHouseRules,
      history: (person.history ?? []).map(({ daysAgo, ...injury }) => ({ ...injury, on: daysBefore(today, daysAgo) })),
      tests: (person.tests ?? []).map(({ daysAgo, ...test }) => ({ ...test, on: daysBefore(today, daysAgo) })),
      battery: (person.battery ?? []).map(({ daysAgo, ...test }) => ({ ...test, on: daysBefore(today, daysAgo) })),
      moved: {},
    },
    (person.restrictions ?? []).map(({ untilDay, daysAgo, ...r }) => ({
      ...r,
      ...(daysAgo === undefined ? {} : { since: daysBefore(today, daysAgo) }),
      ...(untilDay === undefined ? {} : { until: dayAfter(today, untilDay) }),
    })),
  );
  if (person.own)
    await saveOwnSeason(tx, organisationId, athleteId, 0, {
      ...emptyOwnSeason,
      entries: person.own.map(({ kind, name, day, days }) => ({
        id: v7(),
        kind,
        name,
        on: dayAfter(today, day),
        ...(days > 1 ? { until: dayAfter(today, day + days - 1) } : {}),
      })),
    });
  const athlete = await athleteById(tx, athleteId);
  if (!athlete) throw new Error('the athlete just added is not there');
  const season = await seasonOfSquad(tx, squadId);
  const briefOn = (day: string) => briefOf(athlete, { id: sportId }, season, day);
  const begun = begin(briefOn(daysBefore(today, 20)), solver);
  if ('refused' in begun) throw new Error(`${person.name}: ${begun.refused.reason}`);
  const made = composedOf(begun);
  for (const daysAgo of trainingDays(person)) {
    const on = daysBefore(today, daysAgo);
    const done = cameBack(person, daysAgo, chance);
    const brief = briefOn(on);
    const { id, plan } = await laySession(tx, organisationId, athleteId, brief, made, 'sent');
    if (!done) continue;
    await addLogs(tx, organisationId, id, logsFor(plan, brief, person, random, said) as LoggedSet[]);
    await addReport(tx, reportFor(id, organisationId, plan, on, daysAgo, person, random));
  }
  if (person.toWrite) return;
  const { id, plan } = await laySession(tx, organisationId, athleteId, briefOn(today), made, 'sent');
  await layMessage(tx, organisationId, athleteId, id, sessionMessage(person.name, today, plan.minutes.planned), today);
}

/** The message that brought today's session, with a link that nobody has: whoever tries the demo creates a new one. */
async function layMessage(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  sessionId: string,
  body: string,
  today: string,
): Promise<void> {
  const [linkHash, at] = [tokenHash(newToken()), `${daysBefore(today, 1)}T20:00:00Z`];
  await openLink(tx, organisationId, athleteId, linkHash, `${dayAfter(today, 59)}T20:00:00Z`);
  await addMessage(tx, { organisationId, athleteId, sessionId, body, linkHash, createdAt: at, deliveredAt: at });
}

async function layOrganisation(
  tx: Transaction,
  name: string,
  signIn: { email: string; coach: string },
  passwordHash: string,
): Promise<string> {
  const organisationId = v7();
  // The owner of the database is bound to one organisation as everybody is.
  await tx.execute(sql`select set_config('tropaeum.organisation', ${organisationId}, true)`);
  await tx.insert(schema.organisations).values({ id: organisationId, name });
  await tx.insert(schema.accounts).values({
    id: v7(),
    organisationId,
    role: 'owner',
    email: signIn.email,
    name: signIn.coach,
    passwordHash,
  });
  return organisationId;
}

/** Lays the demo club once, as the owner of the database; says whether it did. */
export async function seedDemo(
  ownerUrl: string,
  today: string,
  say: (words: string) => void = () => undefined,
): Promise<boolean> {
  const client = new Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    const db: NodePgDatabase<typeof schema> = drizzle(client, { schema });
    const there = await client.query<{ anybody: boolean }>('select anybody_there() as anybody');
    if (there.rows[0]?.anybody) return false;
    const solver = highsSolver(await loadHighs());
    await db.transaction(async (tx) => {
      const passwordHash = await hashPassword(demoPassword);
      const coach = { email: demoSignIn.email, coach: 'Marit Lien' };
      const organisationId = await layOrganisation(tx, demoClub, coach, passwordHash);
      const squads = [
        { key: 'seniors', name: 'Skarvøy HK · seniors', sportId: 'handball' },
        { key: 'youth', name: 'Skarvøy HK · youth', sportId: 'handball' },
        { key: 'canoe', name: 'Sound canoe group', sportId: 'sprint-canoe' },
      ].map((squad) => ({ ...squad, id: v7() }));
      await tx
        .insert(schema.squads)
        .values(squads.map(({ id, name, sportId }) => ({ id, organisationId, name, sportId })));
      for (const squad of squads) await laySeason(tx, organisationId, squad.id, today, squad.key === 'canoe');
      for (const [i, person] of people.entries()) {
        const squad = squads.find((s) => s.key === person.squad);
        if (!squad) continue;
        say(`  ${person.name}`);
        await layPerson(tx, organisationId, squad.id, squad.sportId, person, today, solver, i + 11);
      }
      await laySignIns(tx, organisationId, demoClub, passwordHash);
    });
    return true;
  } finally {
    await client.end();
  }
}
