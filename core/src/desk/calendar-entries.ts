import { partWords } from '../common/text';
import { daysBetween } from '../date/days';
import { isSamePlace } from '../limits/release';
import type { DeskAthlete, DeskSession } from './desk-athlete';
import type { DeskEntry } from './entry';
import { ago, base, deskDays, isDone, shown } from './facts';

/** Sessions missed in a row that want a word. */
const missedInARow = 2;

const courseOf = (sessions: readonly DeskSession[]) => ({
  values: sessions.slice(-shown).map((session) => (isDone(session) ? 1 : 0)),
  of: 'sessions done',
});

/** Nobody has heard, or two were missed. */
export function absenceEntries(athlete: DeskAthlete, today: string): DeskEntry[] {
  const due = athlete.sessions.filter(({ on, status }) => status !== 'draft' && on < today);
  const missed = due.length - 1 - due.findLastIndex(isDone);
  const last = due.findLast(isDone);
  const since = last?.on ?? due[0]?.on;
  const silent = since === undefined ? 0 : daysBetween(since, today);
  if (missed === 0 || (missed < missedInARow && silent < deskDays.silent)) return [];
  const isSilent = silent >= deskDays.silent;
  return [
    {
      ...base(athlete, due.at(-1)?.id),
      kind: isSilent ? 'silent' : 'missed',
      key: `${isSilent ? 'silent' : 'missed'} ${due.at(-1)?.id}`,
      headline: isSilent ? `No log for ${silent} days` : `Missed ${missed} in a row`,
      evidence: [
        `${missed} ${missed === 1 ? 'session' : 'sessions'} sent and not logged`,
        last ? `Last session ${ago(last.on, today)}, RPE ${last.report?.effort ?? 'not said'}` : 'Nothing logged yet',
      ],
      trend: courseOf(due),
      proposal: isSilent
        ? 'Call; after two weeks away begin again with half the volume'
        : 'Ask what was in the way; the dose stays, shorter sessions may fit',
      rule: silent >= 15 ? 'missed-weeks' : 'missed-week',
      decisions: [],
      safe: false,
      message: 'I have not seen a session from you lately. How are you? Tell me what would fit this week.',
      place: 'session',
    },
  ];
}

/** Restrictions that end, or have ended without a release. */
export function restrictionEntries(athlete: DeskAthlete, today: string): DeskEntry[] {
  return athlete.restrictions.flatMap((restriction): DeskEntry[] => {
    const { until, region, side, criteria, setBy } = restriction;
    if (until === undefined) return [];
    const left = daysBetween(today, until);
    if (left > deskDays.ending || athlete.asked.some((one) => isSamePlace(one, restriction))) return [];
    const clinician = setBy === 'physiotherapist' || setBy === 'doctor';
    const part = partWords({ region, side });
    return [
      {
        ...base(athlete),
        kind: 'restriction',
        key: `restriction ${region} ${side ?? 'both'} ${until}`,
        headline: `Restriction of the ${part} ${left < 0 ? `ended ${ago(until, today)}` : left === 0 ? 'ends today' : `ends ${ago(until, today)}`}`,
        evidence: [
          clinician ? 'Set by a clinician: it holds until it is released' : 'Set by you: it lifts on that day',
          ...(criteria ? [`Before release: ${criteria}`] : []),
        ],
        proposal: clinician ? 'Ask the physio for a release' : 'Look whether it may go, or goes on',
        ...(athlete.byPhysio.some((one) => isSamePlace(one, restriction))
          ? { release: { region, ...(side ? { side } : {}) } }
          : {}),
        rule: 'return-clinician-gate',
        decisions: [],
        safe: false,
        message: `How is your ${part}? The restriction is about to end.`,
        place: 'session',
      },
    ];
  });
}

/** A session that is written for a fixture which is on another day now. */
export function fixtureEntries(athlete: DeskAthlete, today: string): DeskEntry[] {
  return athlete.sessions.flatMap((session): DeskEntry[] => {
    const { on, status, writtenFor, id } = session;
    if (status === 'done' || on < today || writtenFor === undefined) return [];
    const now = athlete.fixtures.find((day) => day >= on) ?? null;
    if (now === writtenFor) return [];
    const until = (day: string | null) => (day === null ? 'none ahead' : `${daysBetween(on, day)} days after it`);
    return [
      {
        ...base(athlete, id),
        kind: 'fixture',
        key: `fixture ${id} ${now}`,
        headline: 'Fixture moved since the session was written',
        evidence: [
          `Session ${on === today ? 'today' : ago(on, today)}: fixture ${until(writtenFor)} then, ${until(now)} now`,
        ],
        proposal: 'Open it and compose again for the new day',
        rule: 'fixture-near',
        decisions: [],
        safe: false,
        message: 'Your fixture moved, so your session will change. I will send it again.',
        place: 'session',
      },
    ];
  });
}

/** Tests that are due, and links that are about to end. */
export function upkeepEntries(athlete: DeskAthlete, today: string): DeskEntry[] {
  const done = athlete.sessions.filter(isDone);
  const since = athlete.lastTest ? daysBetween(athlete.lastTest, today) : undefined;
  const trains = done.length >= 4 && daysBetween(done.at(-1)?.on ?? today, today) < deskDays.proposals;
  const tests: DeskEntry[] =
    trains && (since === undefined || since >= deskDays.test)
      ? [
          {
            ...base(athlete),
            kind: 'test',
            key: `test ${athlete.lastTest ?? 'never'}`,
            headline: since === undefined ? 'No test yet' : `Last test ${Math.round(since / 7)} weeks ago`,
            evidence: [
              since === undefined
                ? `${done.length} sessions done on estimates alone`
                : 'Six weeks is long enough to see more than noise',
            ],
            proposal: 'Put two or three tests of the battery before the next session',
            rule: 'test-due',
            againAfter: 14,
            decisions: [],
            safe: false,
            message: 'Please do two short tests before your next session; I will put them into it.',
            place: 'ability',
          },
        ]
      : [];
  const days = athlete.linkUntil ? daysBetween(today, athlete.linkUntil) : undefined;
  const links: DeskEntry[] =
    days !== undefined && days <= deskDays.ending && days >= 0 && trains
      ? [
          {
            ...base(athlete),
            kind: 'link',
            key: `link ${athlete.linkUntil}`,
            headline: `Link ends ${days === 0 ? 'today' : ago(athlete.linkUntil as string, today)}`,
            evidence: ['After that the phone shows nothing until a new link is sent'],
            proposal: 'Send a new link with the next session',
            rule: 'link-ends',
            decisions: [],
            safe: false,
            message: 'Your link is about to end; a new one comes with the next session.',
            place: 'session',
          },
        ]
      : [];
  return [...tests, ...links];
}
