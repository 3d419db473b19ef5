import { and, desc, eq, gt, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { mailedLinks } from '../database/schema';
import { newToken, tokenHash } from '../middleware/tokens';

/** How long the owner of a new club has to set a password, days. */
export const firstLinkDays = 7;

/** Makes a link to be mailed, which opens for so many minutes from now; its token, which is kept nowhere. */
export async function addMailedLink(
  tx: Transaction,
  link: Omit<typeof mailedLinks.$inferInsert, 'id' | 'tokenHash' | 'expiresAt'>,
  minutes: number,
  now: Date,
): Promise<string> {
  const token = newToken();
  const expiresAt = new Date(now.getTime() + minutes * 60_000).toISOString();
  await tx.insert(mailedLinks).values({ ...link, id: v7(), tokenHash: tokenHash(token), expiresAt });
  return token;
}

/** Invitations that nobody has taken up, the latest first. */
export async function openInvitations(tx: Transaction) {
  return tx
    .select({
      id: mailedLinks.id,
      email: mailedLinks.email,
      role: mailedLinks.role,
      squadIds: mailedLinks.squadIds,
      athleteIds: mailedLinks.athleteIds,
      expiresAt: mailedLinks.expiresAt,
    })
    .from(mailedLinks)
    .where(and(eq(mailedLinks.kind, 'invitation'), isNull(mailedLinks.usedAt)))
    .orderBy(desc(mailedLinks.createdAt));
}

export async function withdrawInvitation(tx: Transaction, by: { id?: string; email?: string }): Promise<boolean> {
  const gone = await tx
    .delete(mailedLinks)
    .where(
      and(
        eq(mailedLinks.kind, 'invitation'),
        isNull(mailedLinks.usedAt),
        by.id ? eq(mailedLinks.id, by.id) : undefined,
        by.email ? eq(mailedLinks.email, by.email) : undefined,
      ),
    )
    .returning({ id: mailedLinks.id });
  return gone.length > 0;
}

/** Marks a mailed link as used; what it says, or nothing where somebody was faster or it has expired. */
export async function useMailedLink(tx: Transaction, tokenHash: string) {
  const [link] = await tx
    .update(mailedLinks)
    .set({ usedAt: sql`now()` })
    .where(and(eq(mailedLinks.tokenHash, tokenHash), isNull(mailedLinks.usedAt), gt(mailedLinks.expiresAt, sql`now()`)))
    .returning();
  return link;
}

/** Ends the ways to a new password of an account that are still open. */
export async function endResets(tx: Transaction, accountId: string): Promise<void> {
  await tx
    .update(mailedLinks)
    .set({ usedAt: sql`now()` })
    .where(and(eq(mailedLinks.accountId, accountId), isNull(mailedLinks.usedAt)));
}
