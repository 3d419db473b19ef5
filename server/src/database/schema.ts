import type { AssumedField } from '@tropaeum/core/athlete/assumed';
import type { BetterSide, PainReport, PastInjury, RepetitionTest, Restriction } from '@tropaeum/core/athlete/athlete';
import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import type { Units } from '@tropaeum/core/common/units';
import type { CustomExercise } from '@tropaeum/core/exercise/model/custom-exercise';
import type { ReadCalendar } from '@tropaeum/core/formats/icalendar-read';
import type { Kit } from '@tropaeum/core/kit/kit';
import type { Release } from '@tropaeum/core/limits/release';
import type { Role } from '@tropaeum/core/people/permissions';
import type { NextDose } from '@tropaeum/core/progress/decision-case';
import type { NoticeKind } from '@tropaeum/core/progress/guardian-notice';
import type { ProgressRules } from '@tropaeum/core/progress/progress-rules';
import type { StoredReview } from '@tropaeum/core/review/stored-review';
import type { EntryKind } from '@tropaeum/core/season/calendar/calendar';
import type { PlanDose } from '@tropaeum/core/season/plan/planned-session';
import type { OwnSeason, SquadSeasonPlan } from '@tropaeum/core/season/plan/season-plan';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { HouseRules } from '@tropaeum/core/session/brief/house-rules';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import type { WorkByQuality } from '@tropaeum/core/session/plan/work-by-quality';
import type { OtherWays } from '@tropaeum/core/session/player/changes';
import type { ReadinessToday } from '@tropaeum/core/session/player/readiness-today';
import type { ReminderWishes } from '@tropaeum/core/session/player/reminders';
import type { Template } from '@tropaeum/core/session/squad/template';
import type { SessionType } from '@tropaeum/core/session-type/session-type';
import type { Moved } from '@tropaeum/core/sport/needs';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sql } from 'drizzle-orm';
import {
  bigint,
  boolean,
  date,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  smallint,
  text,
  timestamp,
  unique,
  uniqueIndex,
  uuid,
  varchar,
} from 'drizzle-orm/pg-core';

/** What a club has set; what it has not is as usual. */
export interface ClubSettings {
  units?: Units;
  /** How dates are written, a language tag. */
  dates?: string | null;
  /** Younger than this a guardian decides. */
  consentAge?: number;
  retention?: Retention;
  /** What new athletes' sessions begin with. */
  houseRules?: HouseRules;
  /** What the club has made of the rules of progression. */
  progressRules?: ProgressRules;
}

/** How long a club keeps what. */
export interface Retention {
  /** Results of sessions, months; for ever when left out. */
  resultsMonths?: number;
  /** The audit trail, months. */
  auditMonths?: number;
  /** Messages, days. */
  messageDays?: number;
  /** What is there of a minor without consent, days. */
  consentDays?: number;
}

const moment = (name: string) => timestamp(name, { withTimezone: true, mode: 'string' });
const created = () => moment('created_at').notNull().defaultNow();
const organisationId = () =>
  uuid('organisation_id')
    .notNull()
    .references(() => organisations.id, { onDelete: 'cascade' });

export const organisations = pgTable('organisations', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  settings: jsonb('settings').$type<ClubSettings>().notNull().default({}),
  createdAt: created(),
});

/** Whoever belongs to a club and signs in. */
export const accounts = pgTable(
  'accounts',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    email: text('email').notNull().unique(),
    name: text('name').notNull(),
    role: text('role').$type<Role>().notNull().default('coach'),
    passwordHash: text('password_hash').notNull(),
    createdAt: created(),
  },
  (t) => [index().on(t.organisationId)],
);

const accountId = () =>
  uuid('account_id')
    .notNull()
    .references(() => accounts.id, { onDelete: 'cascade' });

/** The second factor of an account: what its codes are made of, and what stands in for them once. */
export const secondFactors = pgTable('second_factors', {
  accountId: accountId().primaryKey(),
  organisationId: organisationId(),
  secret: text('secret').notNull(),
  /** Asked for at signing in once a code has shown that the secret has arrived. */
  confirmedAt: moment('confirmed_at'),
  recoveryHashes: text('recovery_hashes').array().notNull().default([]),
  /** The last code's step of thirty seconds: no code opens twice. */
  lastStep: bigint('last_step', { mode: 'number' }).notNull().default(0),
});

/** Squads that an account is limited to; with none it sees all of the club. */
export const accountSquads = pgTable(
  'account_squads',
  {
    accountId: accountId(),
    squadId: uuid('squad_id')
      .notNull()
      .references(() => squads.id, { onDelete: 'cascade' }),
    organisationId: organisationId(),
  },
  (t) => [primaryKey({ columns: [t.accountId, t.squadId] }), index().on(t.squadId)],
);

/** Whom a physio treats, whose guardian somebody is, which athlete somebody is; also of pending athletes, so without a reference. */
export const accountAthletes = pgTable(
  'account_athletes',
  { accountId: accountId(), athleteId: uuid('athlete_id').notNull(), organisationId: organisationId() },
  (t) => [primaryKey({ columns: [t.accountId, t.athleteId] }), index().on(t.athleteId)],
);

/** Links that were mailed: an invitation, or the way to a new password. Only the hash is kept; each opens once. */
export const mailedLinks = pgTable(
  'mailed_links',
  {
    tokenHash: text('token_hash').primaryKey(),
    id: uuid('id').notNull().unique(),
    organisationId: organisationId(),
    kind: text('kind').$type<'invitation' | 'reset'>().notNull(),
    /** Whose password it is, of a reset. */
    accountId: uuid('account_id').references(() => accounts.id, { onDelete: 'cascade' }),
    email: text('email').notNull(),
    role: text('role').$type<Role>(),
    squadIds: uuid('squad_ids').array().notNull().default([]),
    athleteIds: uuid('athlete_ids').array().notNull().default([]),
    createdAt: created(),
    expiresAt: moment('expires_at').notNull(),
    usedAt: moment('used_at'),
  },
  (t) => [index().on(t.organisationId)],
);

/** Who has read and changed what. The server's login adds to it and reads it; nobody changes it. It stays when what it speaks of has gone. */
export const auditEntries = pgTable(
  'audit_entries',
  {
    id: uuid('id').primaryKey(),
    organisationId: uuid('organisation_id').notNull(),
    at: moment('at').notNull().defaultNow(),
    accountId: uuid('account_id'),
    action: text('action').$type<'read' | 'insert' | 'update' | 'delete' | 'sign-in' | 'sign-out' | 'send'>().notNull(),
    /** The table, or what was read. */
    subject: text('subject').notNull(),
    athleteId: uuid('athlete_id'),
    fields: text('fields').array().notNull().default([]),
    address: text('address'),
  },
  (t) => [index().on(t.organisationId, t.at), index().on(t.athleteId)],
);

export const signIns = pgTable(
  'sign_ins',
  {
    tokenHash: text('token_hash').primaryKey(),
    id: uuid('id').notNull().unique().defaultRandom(),
    organisationId: organisationId(),
    accountId: accountId(),
    createdAt: created(),
    expiresAt: moment('expires_at').notNull(),
    /** What signed in, in its own words, and from where. */
    agent: text('agent'),
    address: text('address'),
  },
  (t) => [index().on(t.accountId)],
);

export const squads = pgTable(
  'squads',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    name: text('name').notNull(),
    sportId: text('sport_id').notNull(),
  },
  (t) => [index().on(t.organisationId)],
);

const squadId = () =>
  uuid('squad_id')
    .notNull()
    .references(() => squads.id, { onDelete: 'cascade' });

/** The season of a squad: its calendar, phases, rules, and what is laid. */
export const seasons = pgTable(
  'seasons',
  {
    squadId: uuid('squad_id')
      .primaryKey()
      .references(() => squads.id, { onDelete: 'cascade' }),
    organisationId: organisationId(),
    content: jsonb('content').$type<SquadSeasonPlan>().notNull(),
    /** Counts saves; a save that knows an older one is refused. */
    revision: integer('revision').notNull().default(1),
    updatedAt: moment('updated_at').notNull().defaultNow(),
  },
  (t) => [index().on(t.organisationId)],
);

/** Calendars of others that a squad reads again and again; the last good copy stays. */
export const feeds = pgTable(
  'feeds',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    squadId: squadId(),
    url: text('url').notNull(),
    /** What its entries are where their words do not say. */
    otherwise: text('otherwise').$type<EntryKind>().notNull(),
    /** The last copy that was a calendar, and when it was read. */
    copy: text('copy'),
    /** What that copy says, and for which zone it was read; left out until it has been read. */
    parsed: jsonb('parsed').$type<ReadCalendar & { zone: string }>(),
    readAt: moment('read_at'),
    triedAt: moment('tried_at'),
    /** Why the last try brought no calendar. */
    problem: text('problem'),
    createdAt: created(),
  },
  (t) => [unique().on(t.squadId, t.url), index().on(t.triedAt)],
);

export const athletes = pgTable(
  'athletes',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    squadId: squadId(),
    name: text('name').notNull(),
    role: text('role').notNull(),
    born: date('born').notNull(),
    sex: text('sex').$type<'female' | 'male'>(),
    heightCm: doublePrecision('height_cm').notNull(),
    massKg: doublePrecision('mass_kg').notNull(),
    level: text('level').notNull(),
    dominantSide: text('dominant_side').$type<'left' | 'right'>(),
    minutes: integer('minutes').notNull().default(30),
    aim: text('aim').notNull().default('hold'),
    kit: jsonb('kit').$type<Kit>().notNull(),
    houseRules: jsonb('house_rules').$type<HouseRules>().notNull(),
    /** Injuries that have healed. */
    history: jsonb('history').$type<PastInjury[]>().notNull().default([]),
    tests: jsonb('tests').$type<RepetitionTest[]>().notNull().default([]),
    /** Results of the tests done at home. */
    battery: jsonb('battery').$type<TestResult[]>().notNull().default([]),
    /** How far the coach has moved this athlete's needs. */
    moved: jsonb('moved').$type<Moved>().notNull().default({}),
    /** Fields that nobody has said yet and that hold what is usual. */
    assumed: text('assumed').array().$type<AssumedField[]>().notNull().default([]),
    /** Day since which this minor is here without the consent of a guardian. */
    consentMissingSince: date('consent_missing_since'),
    createdAt: created(),
  },
  (t) => [index().on(t.organisationId, t.squadId)],
);

/** Minors of whom nothing but the name may be kept yet; the id goes on as that of the athlete. */
export const pendingAthletes = pgTable(
  'pending_athletes',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    squadId: squadId(),
    name: text('name').notNull(),
    createdAt: created(),
  },
  (t) => [index().on(t.squadId)],
);

/** What a guardian agreed to, word for word; stays when it is withdrawn. */
export const consents = pgTable(
  'consents',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    athleteId: uuid('athlete_id').notNull(),
    version: text('version').notNull(),
    wording: text('wording').notNull(),
    givenAt: moment('given_at').notNull().defaultNow(),
    givenBy: uuid('given_by'),
    givenName: text('given_name').notNull(),
    withdrawnAt: moment('withdrawn_at'),
    withdrawnName: text('withdrawn_name'),
  },
  (t) => [uniqueIndex('consents_standing').on(t.athleteId).where(sql`withdrawn_at is null`)],
);

const athleteId = () =>
  uuid('athlete_id')
    .notNull()
    .references(() => athletes.id, { onDelete: 'cascade' });

export const restrictions = pgTable(
  'restrictions',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    athleteId: athleteId(),
    region: text('region').$type<Restriction['region']>().notNull(),
    side: text('side').$type<'left' | 'right' | 'both'>(),
    severity: text('severity').$type<'avoid' | 'limit'>().notNull(),
    cause: text('cause').$type<Restriction['cause']>(),
    reason: text('reason'),
    since: date('since'),
    until: date('until'),
    rangeDegrees: jsonb('range_degrees').$type<readonly [number, number]>(),
    weightBearing: text('weight_bearing').$type<Restriction['weightBearing']>(),
    stage: integer('stage').$type<Restriction['stage']>(),
    without: jsonb('without').$type<Restriction['without']>(),
    setBy: text('set_by').$type<Restriction['setBy']>(),
    criteria: text('criteria'),
    /** The physio who set it here: nobody else eases it. */
    physioId: uuid('physio_id').references(() => accounts.id, { onDelete: 'set null' }),
  },
  (t) => [index().on(t.athleteId), index().on(t.physioId)],
);

/** What coaches ask a physio: whether a part may be released. */
export const releaseRequests = pgTable(
  'release_requests',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    athleteId: athleteId(),
    region: text('region').$type<Restriction['region']>().notNull(),
    side: text('side').$type<'left' | 'right' | 'both'>(),
    words: text('words').notNull(),
    askedBy: text('asked_by').notNull(),
    askedAt: moment('asked_at').notNull().defaultNow(),
    answeredAt: moment('answered_at'),
    answer: text('answer'),
  },
  (t) => [index().on(t.athleteId)],
);

/** Every change of a restriction: what was there, what came, who released it where that was needed, and when it was written down. */
export const restrictionChanges = pgTable(
  'restriction_changes',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    athleteId: athleteId(),
    before: jsonb('before').$type<Restriction>(),
    after: jsonb('after').$type<Restriction>(),
    /** The clinician who allowed it, with day and words; left out where a coach may change it. */
    release: jsonb('release').$type<Release>(),
    /** Whose account changed it. */
    changedBy: uuid('changed_by'),
    changedAt: moment('changed_at').notNull().defaultNow(),
  },
  (t) => [index().on(t.athleteId, t.changedAt)],
);

export const sessions = pgTable(
  'sessions',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    athleteId: athleteId(),
    on: date('on').notNull(),
    status: text('status').$type<'draft' | 'sent' | 'done'>().notNull().default('draft'),
    /** Counts saves; a save that knows an older one is refused. */
    revision: integer('revision').notNull().default(1),
    brief: jsonb('brief').$type<Brief>().notNull(),
    draft: jsonb('draft').$type<Draft>().notNull(),
    plan: jsonb('plan').$type<Plan>().notNull(),
    /** Minutes by quality, beside the plan so that lists need not read it. */
    work: jsonb('work').$type<WorkByQuality>().notNull(),
    /** What it gives to the week, likewise; left out in sessions of before. */
    dose: jsonb('dose').$type<PlanDose>(),
    /** Minutes and type, likewise. */
    planned: doublePrecision('planned').notNull(),
    type: text('session_type').$type<SessionType>(),
    /** Session RPE it is planned for, and the fixture it is written for, likewise. */
    plannedEffort: smallint('planned_effort'),
    writtenFor: date('written_for'),
    /** Counts what has come of it, and when the last of it did. */
    resultsRevision: integer('results_revision').notNull().default(0),
    resultsAt: moment('results_at'),
    /** Every variant that was ever sent in it: what a phone may log, also where the session was changed after. */
    sentVariants: text('sent_variants').array().notNull().default([]),
    /** The next easier and harder exercises as they went along with it; null until a phone has asked since the last change. */
    otherWays: jsonb('other_ways').$type<Record<string, OtherWays>>(),
    sentAt: moment('sent_at'),
    updatedAt: moment('updated_at').notNull().defaultNow(),
  },
  (t) => [unique().on(t.athleteId, t.on), index().on(t.organisationId, t.on)],
);

const sessionId = () =>
  uuid('session_id')
    .notNull()
    .references(() => sessions.id, { onDelete: 'cascade' });

/** One logged set on one side. The id is the phone's own, so that a log that arrives twice is one log. */
export const setLogs = pgTable(
  'set_logs',
  {
    id: uuid('id').notNull(),
    organisationId: organisationId(),
    sessionId: sessionId(),
    variant: text('variant').notNull(),
    setNumber: smallint('set_number').notNull(),
    side: text('side').$type<'left' | 'right' | 'both'>().notNull(),
    amount: doublePrecision('amount').notNull(),
    /** How many more there could have been, as the athlete says. */
    reserve: smallint('reserve'),
    note: text('note'),
    /** The exercise that was planned, where another was done in its place. */
    insteadOf: text('instead_of'),
    /** Where it was another than planned. */
    loadKg: doublePrecision('load_kg'),
    /** Why it was left out; such a row says that nothing was done. */
    skipped: text('skipped'),
    doneAt: moment('done_at').notNull(),
    receivedAt: moment('received_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.sessionId, t.id] })],
);

/** How an athlete was before a session, as was told on the phone. */
export const sessionReadiness = pgTable('session_readiness', {
  sessionId: sessionId().primaryKey(),
  organisationId: organisationId(),
  content: jsonb('content').$type<ReadinessToday>().notNull(),
  toldAt: moment('told_at').notNull(),
});

export const sessionReports = pgTable('session_reports', {
  sessionId: sessionId().primaryKey(),
  organisationId: organisationId(),
  effort: smallint('effort').notNull(),
  minutes: integer('minutes').notNull(),
  pain: jsonb('pain').$type<PainReport[]>().notNull(),
  note: text('note'),
  /** The side that went better; null where it was not said. */
  betterSide: text('better_side').$type<BetterSide>(),
  finishedAt: moment('finished_at').notNull(),
  /** Pain of the next morning, each in its region; null until it has been said. */
  morning: jsonb('morning').$type<PainReport[]>(),
  morningAt: moment('morning_at'),
});

/** What a guardian of a minor is told of a session on the same day. */
export const guardianNotices = pgTable(
  'guardian_notices',
  {
    sessionId: sessionId(),
    accountId: uuid('account_id')
      .notNull()
      .references(() => accounts.id, { onDelete: 'cascade' }),
    organisationId: organisationId(),
    kind: text('kind').$type<NoticeKind>().notNull(),
    text: text('text').notNull(),
    noticedAt: moment('noticed_at').notNull(),
    /** When the mail went; null while it has not. */
    sentAt: moment('sent_at'),
  },
  (t) => [
    primaryKey({ columns: [t.sessionId, t.accountId, t.kind] }),
    index('guardian_notices_waiting').on(t.noticedAt).where(sql`${t.sentAt} is null`),
    index().on(t.accountId),
  ],
);

/** What the coach decided on the proposal for an item. */
export const decisions = pgTable(
  'decisions',
  {
    sessionId: sessionId(),
    organisationId: organisationId(),
    variant: text('variant').notNull(),
    proposed: text('proposed').notNull(),
    decided: text('decided').notNull(),
    overruled: boolean('overruled').notNull(),
    /** The rule that proposed, by name. */
    rule: text('rule'),
    /** The dose that the decision comes to. */
    next: jsonb('next').$type<NextDose>(),
    /** Why the coach decided otherwise. */
    reason: text('reason'),
    decidedAt: moment('decided_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.sessionId, t.variant] })],
);

/** What the rules say of a session, worked out when its results come: the desk reads many. Worked out anew when what it rests on has changed. */
export const sessionReviews = pgTable(
  'session_reviews',
  {
    sessionId: sessionId().primaryKey(),
    organisationId: organisationId(),
    athleteId: athleteId(),
    /** What it rests on: logs, reports, restrictions and rules, in a few letters. */
    basis: text('basis').notNull(),
    content: jsonb('content').$type<StoredReview>().notNull(),
  },
  (t) => [index().on(t.athleteId)],
);

/** What a coach has seen to on the desk, or put off until a day. */
export const deskMarks = pgTable(
  'desk_marks',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    athleteId: athleteId(),
    /** What it was about: kind, and what it rested on, so that it comes again with what is new. */
    key: text('key').notNull(),
    /** Day on which it comes back; nothing where it is done with. */
    until: date('until'),
    createdAt: created(),
  },
  (t) => [unique().on(t.athleteId, t.key)],
);

/** What is an athlete's own in the season of the squad. */
export const ownSeasons = pgTable(
  'own_seasons',
  {
    athleteId: uuid('athlete_id')
      .primaryKey()
      .references(() => athletes.id, { onDelete: 'cascade' }),
    organisationId: organisationId(),
    content: jsonb('content').$type<OwnSeason>().notNull(),
    revision: integer('revision').notNull().default(1),
    updatedAt: moment('updated_at').notNull().defaultNow(),
  },
  (t) => [index().on(t.organisationId)],
);

/** Unguessable addresses at which a calendar can be subscribed to; only their hashes are kept. The id says which one is meant, and opens nothing. */
export const calendarLinks = pgTable(
  'calendar_links',
  {
    tokenHash: text('token_hash').primaryKey(),
    id: uuid('id').notNull().unique(),
    organisationId: organisationId(),
    squadId: squadId(),
    athleteId: uuid('athlete_id').references(() => athletes.id, { onDelete: 'cascade' }),
    createdAt: created(),
    expiresAt: moment('expires_at').notNull(),
    /** Within a day. */
    readAt: moment('read_at'),
  },
  (t) => [index().on(t.squadId), index().on(t.athleteId)],
);

export const messages = pgTable(
  'messages',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    athleteId: athleteId(),
    sessionId: uuid('session_id').references(() => sessions.id, { onDelete: 'cascade' }),
    body: text('body').notNull(),
    /** Which link it brought; the link itself is kept nowhere. */
    linkHash: text('link_hash'),
    createdAt: created(),
    deliveredAt: moment('delivered_at'),
  },
  (t) => [index().on(t.organisationId, t.createdAt)],
);

/** An unguessable link; only its hash is kept. Of an athlete one is open: a new one ends the one before. */
export const athleteLinks = pgTable(
  'athlete_links',
  {
    tokenHash: text('token_hash').primaryKey(),
    organisationId: organisationId(),
    athleteId: athleteId(),
    expiresAt: moment('expires_at').notNull(),
    createdAt: created(),
    endedAt: moment('ended_at'),
    endedBy: text('ended_by').$type<'newer' | 'coach'>(),
  },
  (t) => [uniqueIndex('athlete_links_open').on(t.athleteId).where(sql`ended_at is null`), index().on(t.athleteId)],
);

/** How often somebody has tried, by hashed account or address; belongs to no organisation. */
export const rateLimits = pgTable('rate_limits', {
  key: varchar('key', { length: 255 }).primaryKey(),
  points: integer('points').notNull().default(0),
  expire: bigint('expire', { mode: 'number' }),
});

/** Exercises that a club has made its own by copying one of the library. */
export const ownVariants = pgTable(
  'own_variants',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    variantId: text('variant_id').notNull(),
    words: jsonb('words').$type<CustomExercise>().notNull(),
    createdAt: created(),
  },
  (t) => [unique().on(t.organisationId, t.variantId)],
);

/** Sports as a club sees them: shipped ones that it has changed, and its own. One that is taken off the list stays for those who have it. */
export const sportProfiles = pgTable(
  'sport_profiles',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    sportId: text('sport_id').notNull(),
    profile: jsonb('profile').$type<SportProfile>().notNull(),
    /** Counts saves; a save that knows an older one is refused. */
    revision: integer('revision').notNull().default(1),
    removed: boolean('removed').notNull().default(false),
    updatedAt: moment('updated_at').notNull().defaultNow(),
  },
  (t) => [unique().on(t.organisationId, t.sportId)],
);

/** Sessions kept by name, to be fitted to whoever needs one like it. */
export const templates = pgTable(
  'templates',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    name: text('name').notNull(),
    content: jsonb('content').$type<Omit<Template, 'name'>>().notNull(),
    createdAt: created(),
  },
  (t) => [unique().on(t.organisationId, t.name)],
);

/** Phones that want to be reminded, each with when. */
export const pushSubscriptions = pgTable(
  'push_subscriptions',
  {
    id: uuid('id').primaryKey(),
    organisationId: organisationId(),
    athleteId: uuid('athlete_id')
      .notNull()
      .references(() => athletes.id, { onDelete: 'cascade' }),
    endpoint: text('endpoint').notNull().unique(),
    keys: jsonb('keys').$type<{ p256dh: string; auth: string }>().notNull(),
    wishes: jsonb('wishes').$type<ReminderWishes>().notNull(),
    createdAt: created(),
  },
  (t) => [index().on(t.athleteId)],
);

/** What a phone was reminded of, so that it is reminded once. */
export const reminders = pgTable(
  'reminders',
  {
    subscriptionId: uuid('subscription_id')
      .notNull()
      .references(() => pushSubscriptions.id, { onDelete: 'cascade' }),
    organisationId: organisationId(),
    key: text('key').notNull(),
    /** What the push service answered. */
    came: text('came').$type<'delivered' | 'refused'>().notNull(),
    sentAt: moment('sent_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.subscriptionId, t.key] })],
);

/** By which push services know this server. */
export const pushKeys = pgTable('push_keys', {
  only: boolean('only').primaryKey().default(true),
  publicKey: text('public_key').notNull(),
  privateKey: text('private_key').notNull(),
});
