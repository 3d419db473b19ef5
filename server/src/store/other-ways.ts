import type { OtherWays } from '@tropaeum/core/session/player/changes';
import { eq, sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { sessions } from '../database/schema';

/** Keeps the other ways of a session: from now on a phone may log them too. */
export async function keepWays(tx: Transaction, id: string, ways: Record<string, OtherWays>): Promise<void> {
  const others = Object.values(ways).flatMap(({ easier, harder }) => [easier, harder].flatMap((w) => w?.variant ?? []));
  const sentVariants = sql`array(select distinct unnest(${sessions.sentVariants} || ${sql.param(others)}::text[]))`;
  await tx.update(sessions).set({ otherWays: ways, sentVariants }).where(eq(sessions.id, id));
}
