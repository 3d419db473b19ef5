import { dayAfter } from '@tropaeum/core/date/days';
import { wallTimeAt } from '@tropaeum/core/date/zone-time';
import { dueReminders, isQuiet, type Reminder } from '@tropaeum/core/session/player/reminders';
import { databaseCode, type Transaction } from '../database/database';
import type { Services } from '../routes/context';
import { athleteById } from '../store/athletes';
import { lacksConsent } from '../store/consents';
import {
  allSubscriptions,
  claim,
  type PushSubscriptionRow,
  remindedOf,
  removeSubscription,
  sessionToRemindOf,
  settle,
} from '../store/push';
import { morningToAsk } from '../store/results';
import { repeatedly } from './repeating';

const everyMs = 60_000;
/** A session that was sent for later than this is not spoken of yet, days. */
const aheadDays = 7;

type Needs = Pick<Services, 'database' | 'push' | 'now' | 'today'>;

/** Sends reminders that have fallen due, now and every minute. */
export const remindRepeatedly = (services: Services): (() => void) =>
  repeatedly(
    () => remindAll(services),
    everyMs,
    (error) => services.log.warn({ code: databaseCode(error) }, 'reminders were not sent'),
  );

/** Reminders of every club that are due; how many were delivered. */
export async function remindAll(services: Needs): Promise<number> {
  let delivered = 0;
  for (const club of await services.database.clubs()) {
    const phones = await services.database.asOrganisation(club, allSubscriptions);
    for (const phone of phones) delivered += await remindPhone(services, club, phone);
  }
  return delivered;
}

/** Minutes of the day, where the phone is. */
function minuteAt(moment: Date, zone: string): number {
  const [hours = 0, minutes = 0] = wallTimeAt(moment.getTime(), zone).time.split(':').map(Number);
  return hours * 60 + minutes;
}

/** What a phone is to be told now. Who lacks a guardian's consent is told nothing. */
async function dueFor(tx: Transaction, phone: PushSubscriptionRow, today: string, minute: number): Promise<Reminder[]> {
  const { athleteId, wishes } = phone;
  const athlete = await athleteById(tx, athleteId);
  if (!athlete || (await lacksConsent(tx, athlete, today))) return [];
  const session = await sessionToRemindOf(tx, athleteId, today, dayAfter(today, aheadDays));
  const morning = await morningToAsk(tx, athleteId, today);
  return dueReminders({
    ...{ on: today, minute, wishes, gone: await remindedOf(tx, phone.id) },
    ...(session
      ? {
          session: {
            id: session.id,
            on: session.on,
            done: session.status === 'done',
            minutes: Math.round(session.planned),
          },
        }
      : {}),
    ...(morning ? { morning } : {}),
  });
}

async function remindPhone(
  { database, push, now, today }: Needs,
  club: string,
  phone: PushSubscriptionRow,
): Promise<number> {
  const minute = minuteAt(now(), phone.wishes.timeZone);
  // Most minutes of a night need no look into the database.
  if (isQuiet(minute, phone.wishes)) return 0;
  const due = await database.asOrganisation(club, (tx) => dueFor(tx, phone, today(), minute));
  let delivered = 0;
  for (const { key, text } of due) {
    const row = {
      subscriptionId: phone.id,
      organisationId: club,
      key,
      came: 'delivered' as const,
      sentAt: now().toISOString(),
    };
    if (!(await database.asOrganisation(club, (tx) => claim(tx, row)))) continue;
    const came = await push.send(phone, { text });
    if (came === 'delivered') delivered += 1;
    else
      await database.asOrganisation(club, async (tx) => {
        if (came === 'gone') await removeSubscription(tx, phone.id);
        else await settle(tx, phone.id, key, came);
      });
    if (came === 'gone') break;
  }
  return delivered;
}
