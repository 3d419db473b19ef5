/** When a phone wants to be reminded; minutes are counted from midnight where the phone is. */
export interface ReminderWishes {
  /** On the day of a session that is not done; null for not at all. */
  sessionAt: number | null;
  /** The morning after one; null for not at all. */
  morningAt: number | null;
  /** When a session is sent. */
  whenSent: boolean;
  /** Nothing is sent from here to there; may go over midnight. */
  quietFrom: number;
  quietTo: number;
  /** IANA name. */
  timeZone: string;
}

/** What may be reminded of. */
export interface ReminderCase {
  /** Day and minute where the phone is. */
  on: string;
  minute: number;
  wishes: ReminderWishes;
  /** The session that is to be done, if any. */
  session?: { id: string; on: string; done: boolean; minutes: number };
  /** The session whose next morning nobody has told of. */
  morning?: { sessionId: string };
  /** Reminders that went out before. */
  gone: ReadonlySet<string>;
}

export interface Reminder {
  /** Under which it goes out once. */
  key: string;
  /** Says nothing of health: a locked screen shows it. */
  text: string;
}

/** Whether it is quiet. @example isQuiet(30, { quietFrom: 1260, quietTo: 420 }) // true */
export function isQuiet(
  minute: number,
  { quietFrom, quietTo }: Pick<ReminderWishes, 'quietFrom' | 'quietTo'>,
): boolean {
  if (quietFrom === quietTo) return false;
  return quietFrom < quietTo ? minute >= quietFrom && minute < quietTo : minute >= quietFrom || minute < quietTo;
}

/**
 * What a phone is reminded of now: each thing once, nothing in quiet hours, nothing of a session that is done or of another day. What falls into
 * quiet hours waits for their end, as long as it is the same day.
 *
 * @example dueReminders({ ...reminderCase, minute: 1080 })[0]?.text // 'Today: 30 minutes.'
 */
export function dueReminders({ on, minute, wishes, session, morning, gone }: ReminderCase): Reminder[] {
  if (isQuiet(minute, wishes)) return [];
  const { sessionAt, morningAt, whenSent } = wishes;
  const open = session && !session.done ? session : undefined;
  const today = open?.on === on;
  const all: Reminder[] = [
    ...(open && whenSent ? [{ key: `sent ${open.id}`, text: `A session for you: ${open.minutes} minutes.` }] : []),
    ...(open && today && sessionAt !== null && minute >= sessionAt
      ? [{ key: `session ${open.id}`, text: `Today: ${open.minutes} minutes.` }]
      : []),
    ...(morning && morningAt !== null && minute >= morningAt
      ? [{ key: `morning ${morning.sessionId}`, text: 'How was the morning after? One tap.' }]
      : []),
  ];
  // Who is reminded of today's session knows that it was sent.
  const known =
    open !== undefined && (gone.has(`session ${open.id}`) || all.some(({ key }) => key === `session ${open.id}`));
  return all.filter(({ key }) => !gone.has(key) && !(known && key.startsWith('sent ')));
}
