import type { Services } from './routes/context';
import { feedById, feedTried } from './store/seasons';

/** Feeds are read again when nobody has tried them for so long, ms; looked at so often. */
const [dueAfterMs, lookEveryMs] = [60 * 60_000, 5 * 60_000];

/** Reads one feed again and keeps what it brought; whatever comes, the last good copy stays. */
export async function readAgain(
  { database, feeds, now }: Services,
  organisationId: string,
  id: string,
): Promise<boolean> {
  const feed = await database.asOrganisation(organisationId, (tx) => feedById(tx, id));
  if (!feed) return false;
  const brought = await feeds.read(feed.url);
  await database.asOrganisation(organisationId, (tx) => feedTried(tx, id, now().toISOString(), brought));
  return true;
}

/** Keeps reading feeds that are due. Several servers may do it: one that was tried just now is due for nobody. */
export function readFeedsAgain(services: Services): () => void {
  const { database, now, log } = services;
  const look = async () => {
    const due = await database.dueFeeds(new Date(now().getTime() - dueAfterMs).toISOString());
    for (const { organisation_id, feed_id } of due) await readAgain(services, organisation_id, feed_id);
  };
  const timer = setInterval(() => {
    look().catch((error: unknown) => log.error({ error: String(error) }, 'feeds were not read'));
  }, lookEveryMs);
  timer.unref();
  return () => clearInterval(timer);
}
