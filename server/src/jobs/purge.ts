import { databaseCode } from '../database/database';
import type { Services } from '../routes/context';
import { clubSettings } from '../store/accounts';
import { applyRetention } from '../store/retention';
import { repeatedly } from './repeating';

/** What has run out is taken away so often, ms. */
const everyMs = 60 * 60_000;

/** Takes away expired sign-ins, links, calendars and counted tries, and what each club keeps no longer, now and every hour. */
export function purgeRepeatedly(services: Services): () => void {
  const { database, log } = services;
  const purge = async () => {
    const gone = (await database.purge()) + (await retainAll(services));
    log.info({ gone }, 'expired rows taken away');
  };
  return repeatedly(purge, everyMs, (error) =>
    log.warn({ code: databaseCode(error) }, 'expired rows were not taken away'),
  );
}

/** What clubs keep no longer goes, club by club; how many rows. */
export async function retainAll({ database, today }: Pick<Services, 'database' | 'today'>): Promise<number> {
  let gone = 0;
  for (const id of await database.clubs())
    gone += await database.asOrganisation(id, async (tx) => applyRetention(tx, await clubSettings(tx), today()));
  return gone;
}
