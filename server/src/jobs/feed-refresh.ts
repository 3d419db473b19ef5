import { databaseCode } from '../database/database';
import type { Services } from '../routes/context';
import { copyOfFeed, feedById, feedReading, feedReread, feedsOf, feedTried } from '../store/feeds';
import { seasonOf } from '../store/seasons';
import { repeatedly } from './repeating';

/** Feeds are read again when nobody has tried them for so long, ms; looked at so often. */
const [dueAfterMs, lookEveryMs] = [60 * 60_000, 5 * 60_000];

/** Reads one feed again and keeps what it brought; whatever comes, the last good copy stays. */
export async function refreshFeed(services: Services, organisationId: string, id: string): Promise<boolean> {
  const { database, feeds, now, today } = services;
  const known = await database.asOrganisation(organisationId, async (tx) => {
    const feed = await feedById(tx, id);
    return feed && { ...feed, zone: (await seasonOf(tx, feed.squadId)).content.zone };
  });
  if (!known) return false;
  const { zone } = known;
  const brought = await feeds.read(known.url, feedReading(zone, today(), known.otherwise));
  const kept = 'copy' in brought ? { copy: brought.copy, parsed: { ...brought.calendar, zone } } : brought;
  await database.asOrganisation(organisationId, (tx) => feedTried(tx, id, now().toISOString(), kept));
  if ('problem' in brought && known.parsed?.zone !== zone)
    await refreshDueFeeds(services, organisationId, known.squadId);
  return true;
}

/** Reads the last good copies of a squad's feeds once more, where its zone is another than they were read in. */
export async function refreshDueFeeds(
  { database, feeds, today }: Pick<Services, 'database' | 'feeds' | 'today'>,
  organisationId: string,
  squadId: string,
): Promise<void> {
  const { zone, stale } = await database.asOrganisation(organisationId, async (tx) => {
    const { content } = await seasonOf(tx, squadId);
    const other = (await feedsOf(tx, [squadId])).filter(({ parsed }) => parsed?.zone !== content.zone);
    return { zone: content.zone, stale: other };
  });
  for (const { id, otherwise } of stale) {
    const copy = await database.asOrganisation(organisationId, (tx) => copyOfFeed(tx, id));
    const calendar = copy === null ? undefined : await feeds.reread(copy, feedReading(zone, today(), otherwise));
    if (calendar) await database.asOrganisation(organisationId, (tx) => feedReread(tx, id, { ...calendar, zone }));
  }
}

/** Keeps reading feeds that are due, from now on. Several servers may do it: one that was tried just now is due for nobody. */
export function refreshFeeds(services: Services): () => void {
  const { database, now, log } = services;
  const look = async () => {
    const due = await database.dueFeeds(new Date(now().getTime() - dueAfterMs).toISOString());
    for (const { organisation_id, feed_id } of due) await refreshFeed(services, organisation_id, feed_id);
  };
  return repeatedly(look, lookEveryMs, (error) => log.error({ code: databaseCode(error) }, 'feeds were not read'));
}
