import { painLimits } from '../athlete/pain-limits';
import { capital, partWords, scoreWords } from '../common/text';
import { daysBetween } from '../date/days';
import { hasToRest, type ReadinessToday, readinessWords, worstOf } from '../session/player/readiness-today';
import type { DeskAthlete } from './desk-athlete';
import type { DeskEntry } from './entry';
import { ago, base, isDone } from './facts';
import { guardianWords } from './guardian-words';

/** What was told so many days ago is not asked about any more. */
const newsDays = 3;

type Told = Pick<DeskEntry, 'headline' | 'proposal' | 'rule' | 'message'>;

const unwell = {
  proposal: 'Ask how it is. Nothing is made up later; after fever as many easy days as ill ones',
  rule: 'ill',
  message: 'Get well first; nothing is made up later. Tell me when you have had a day without fever or pain.',
};

/** What hurt while training, where the session was left: at once where it is over the rule, the day after where it is not. */
function leftForPain({ meanwhile = [] }: ReadinessToday, isPast: boolean): Told | undefined {
  const worst = worstOf({ pain: meanwhile });
  if (!worst || worst.score <= (isPast ? painLimits.safe : painLimits.stop)) return undefined;
  return {
    headline: `${scoreWords(worst)} while training, not finished`,
    proposal: 'Ask how it is today, before anything that loads it is sent',
    rule: worst.score > painLimits.stop ? 'pain-stop' : 'pain-tolerable',
    message: `How is the ${partWords(worst)} today? Leave out what loads it until we have spoken.`,
  };
}

function toldOf(told: ReadinessToday, isPast: boolean): Told | undefined {
  const worst = worstOf(told);
  if (told.ill === 'ill') return { headline: 'Ill: told to rest', ...unwell };
  if (worst && hasToRest(told)) return { headline: `${scoreWords(worst)} before training: told to rest`, ...unwell };
  const left = leftForPain(told, isPast);
  if (left) return left;
  return told.ill === 'cold' ? { headline: 'A cold: half of it, nothing hard', ...unwell } : undefined;
}

/** Who has told by phone, before a session or in the middle of it, that it cannot be done as it was planned. */
export function unwellEntries(athlete: DeskAthlete, today: string): DeskEntry[] {
  const session = athlete.sessions.findLast(
    (one) => one.readiness && one.on <= today && daysBetween(one.on, today) <= newsDays && !isDone(one),
  );
  const told = session?.readiness && toldOf(session.readiness, session.on < today);
  if (!session?.readiness || !told) return [];
  return [
    {
      ...base(athlete, session.id),
      kind: 'unwell',
      ...told,
      key: `unwell ${session.id} ${told.headline}`,
      evidence: [
        `${capital(ago(session.on, today))}: ${readinessWords(session.readiness)}`,
        guardianWords(athlete, session),
      ].filter((words) => words !== undefined),
      decisions: [],
      safe: false,
      place: 'session',
    },
  ];
}
