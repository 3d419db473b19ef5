import { sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { Client } from 'pg';
import { v7 } from 'uuid';
import { migrateDatabase } from './database/migrate';
import * as schema from './database/schema';
import { hashPassword } from './middleware/passwords';
import { newToken } from './middleware/tokens';
import { addAccount, addMailedLink } from './store/accounts';

/** How long the owner of a new club has to set a password, days. */
const firstLinkDays = 7;

/** Founds a club with its owner; the path of the link at which the owner sets a password. */
export async function foundClub(
  ownerUrl: string,
  { club, name, email }: { club: string; name: string; email: string },
  now: Date,
): Promise<string> {
  const client = new Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    const token = await drizzle(client, { schema }).transaction(async (tx) => {
      const organisationId = v7();
      await tx.execute(sql`select set_config('tropaeum.organisation', ${organisationId}, true)`);
      await tx.insert(schema.organisations).values({ id: organisationId, name: club });
      // Nobody knows this password; the link sets another.
      const passwordHash = await hashPassword(newToken());
      const accountId = await addAccount(tx, {
        ...{ organisationId, email, name, role: 'owner' },
        ...{ passwordHash, squadIds: [] },
      });
      const link = { organisationId, kind: 'reset' as const, accountId, email };
      return addMailedLink(tx, link, firstLinkDays * 24 * 60, now);
    });
    return `/password/${token}`;
  } finally {
    await client.end();
  }
}

/** Run by `tropaeum club add`: brings the database up to date and founds the club that the environment names. */
async function main(): Promise<void> {
  const { TROPAEUM_OWNER_URL: ownerUrl, TROPAEUM_MIGRATIONS: migrations, TROPAEUM_CLUB: asked } = process.env;
  if (!ownerUrl || !migrations || !asked) return;
  await migrateDatabase(ownerUrl, migrations);
  const club = JSON.parse(asked) as { club: string; name: string; email: string };
  try {
    const path = await foundClub(ownerUrl, club, new Date());
    process.stdout.write(
      `${club.club} is there. ${club.name} sets a password within ${firstLinkDays} days at\n${process.env.TROPAEUM_PUBLIC_URL}${path}\n`,
    );
  } catch (error) {
    if (!/accounts_email_unique/.test(String((error as { cause?: unknown }).cause ?? error))) throw error;
    process.stderr.write(`--email: ${club.email} belongs to somebody already; each address signs in to one club\n`);
    process.exitCode = 2;
  }
}
await main();
