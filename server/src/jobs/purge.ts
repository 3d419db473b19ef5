import { databaseCode } from '../database/database';
import type { Services } from '../routes/context';
import { repeatedly } from './repeating';

/** What has run out is taken away so often, ms. */
const everyMs = 60 * 60_000;

/** Takes away expired sign-ins, links, calendars and counted tries, now and every hour. */
export function purgeRepeatedly({ database, log }: Services): () => void {
  return repeatedly(() => {
    database.purge().then(
      (gone) => log.info({ gone }, 'expired rows taken away'),
      (error: unknown) => log.warn({ code: databaseCode(error) }, 'expired rows were not taken away'),
    );
  }, everyMs);
}
