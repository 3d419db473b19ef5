import { capital, scoreWords } from '../common/text';
import { daysBetween } from '../date/days';
import { hasToRest, type ReadinessToday, readinessWords, worstOf } from '../session/player/readiness-today';
import type { DeskAthlete } from './desk-athlete';
import type { DeskEntry } from './entry';
import { ago, base, isDone } from './facts';
import { guardianWords } from './guardian-words';

/** What was told so many days ago is not asked about any more. */
const newsDays = 3;

function headlineOf(told: ReadinessToday): string | undefined {
  const { ill } = told;
  if (ill === 'ill') return 'Ill: told to rest';
  const worst = worstOf(told);
  if (worst && hasToRest(told)) return `${scoreWords(worst)} before training: told to rest`;
  return ill === 'cold' ? 'A cold: half of it, nothing hard' : undefined;
}

/** Who has told before a session, by phone, that it cannot be done as it was planned. */
export function unwellEntries(athlete: DeskAthlete, today: string): DeskEntry[] {
  const session = athlete.sessions.findLast(
    (one) => one.readiness && one.on <= today && daysBetween(one.on, today) <= newsDays && !isDone(one),
  );
  const headline = session?.readiness && headlineOf(session.readiness);
  if (!session?.readiness || !headline) return [];
  return [
    {
      ...base(athlete, session.id),
      kind: 'unwell',
      key: `unwell ${session.id} ${headline}`,
      headline,
      evidence: [
        `${capital(ago(session.on, today))}: ${readinessWords(session.readiness)}`,
        guardianWords(athlete, session),
      ].filter((words) => words !== undefined),
      proposal: 'Ask how it is. Nothing is made up later; after fever as many easy days as ill ones',
      rule: 'ill',
      decisions: [],
      safe: false,
      message: 'Get well first; nothing is made up later. Tell me when you have had a day without fever or pain.',
      place: 'session',
    },
  ];
}
