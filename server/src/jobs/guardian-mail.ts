import { databaseCode } from '../database/database';
import type { Services } from '../routes/context';
import { guardianMail } from '../session-message';
import { holdNotice, noticeSent, waitingNotices } from '../store/guardian-notices';
import { repeatedly } from './repeating';

const everyMs = 60_000;

type Needs = Pick<Services, 'database' | 'mail' | 'now' | 'publicUrl' | 'log'>;

/** Tells guardians what they are to be told, now and every minute. */
export const tellGuardiansRepeatedly = (services: Needs): (() => void) =>
  repeatedly(
    () => tellGuardians(services),
    everyMs,
    (error) => services.log.warn({ code: databaseCode(error) }, 'guardians were not told'),
  );

/** Mails what waits, club by club; how many mails went. One that is refused, or was under way when a server fell, waits for the next minute. */
export async function tellGuardians({ database, mail, now, publicUrl, log }: Needs): Promise<number> {
  let sent = 0;
  for (const club of await database.clubs())
    for (const one of await database.asOrganisation(club, (tx) => waitingNotices(tx, now())))
      try {
        await database.asOrganisation(club, async (tx) => {
          if (!(await holdNotice(tx, one))) return;
          await mail.send(club, { to: one.email, ...guardianMail({ ...one, publicUrl }) });
          await noticeSent(tx, one, now().toISOString());
          sent += 1;
        });
      } catch {
        log.warn({ session: one.sessionId }, 'a guardian was not told; it is tried again');
      }
  return sent;
}
