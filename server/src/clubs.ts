import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { Client } from 'pg';
import { v7 } from 'uuid';
import { migrateDatabase } from './database/migrate';
import * as schema from './database/schema';
import { hashPassword } from './middleware/passwords';
import { newToken } from './middleware/tokens';
import { addAccount, peopleOf } from './store/accounts';
import { readClub, UnreadableClub } from './store/club-document';
import { addMailedLink, firstLinkDays } from './store/mailed-links';

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

/** Reads a club that was taken out elsewhere; whoever is an owner sets a new password by a link. */
export async function takeClubIn(
  ownerUrl: string,
  file: string,
  now: Date,
): Promise<{ club: string; rows: number; links: { email: string; path: string }[] }> {
  const client = new Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    return await drizzle(client, { schema }).transaction(async (tx) => {
      const passwordHash = await hashPassword(newToken());
      // Read from at once: lines that come before somebody listens are lost.
      const lines = createInterface({ input: createReadStream(file), crlfDelay: Number.POSITIVE_INFINITY });
      const { club, organisationId, rows } = await readClub(tx, lines, passwordHash);
      const owners = (await peopleOf(tx)).filter(({ role }) => role === 'owner');
      const links = [];
      for (const { id, email } of owners) {
        const link = { organisationId, kind: 'reset' as const, accountId: id, email };
        links.push({ email, path: `/password/${await addMailedLink(tx, link, firstLinkDays * 24 * 60, now)}` });
      }
      return { club, rows, links };
    });
  } finally {
    await client.end();
  }
}

const say = (words: string) => process.stdout.write(`${words}\n`);

/** Says what was wrong with what was given, and ends with 2 as every command does. */
function refuse(words: string): void {
  process.stderr.write(`${words}\n`);
  process.exitCode = 2;
}

const causeOf = (error: unknown) => String((error as { cause?: unknown }).cause ?? error);

async function add(ownerUrl: string, club: { club: string; name: string; email: string }): Promise<void> {
  try {
    const path = await foundClub(ownerUrl, club, new Date());
    say(`${club.club} is there. ${club.name} sets a password within ${firstLinkDays} days at`);
    say(`${process.env.TROPAEUM_PUBLIC_URL}${path}`);
  } catch (error) {
    if (!/accounts_email_unique/.test(causeOf(error))) throw error;
    refuse(`--email: ${club.email} belongs to somebody already; each address signs in to one club`);
  }
}

async function takeIn(ownerUrl: string, file: string): Promise<void> {
  try {
    const { club, rows, links } = await takeClubIn(ownerUrl, file, new Date());
    say(`${club} is there, ${rows} rows. Passwords were not in the file; within ${firstLinkDays} days`);
    for (const { email, path } of links) say(`${email} sets one at ${process.env.TROPAEUM_PUBLIC_URL}${path}`);
    say('Everybody else asks for one with "Forgot the password?".');
  } catch (error) {
    if (error instanceof UnreadableClub) return refuse(`${file}: ${error.message}`);
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return refuse(`${file}: there is no such file`);
    if (!/duplicate key/.test(causeOf(error))) throw error;
    refuse(`${file}: this club, or an address of somebody in it, is here already; nothing was read`);
  }
}

/** Run by `tropaeum club`: brings the database up to date and does what the environment says. */
async function main(): Promise<void> {
  const { TROPAEUM_OWNER_URL: ownerUrl, TROPAEUM_MIGRATIONS: migrations, TROPAEUM_CLUB: asked } = process.env;
  if (!ownerUrl || !migrations || !asked) return;
  await migrateDatabase(ownerUrl, migrations);
  const club = JSON.parse(asked) as { club: string; name: string; email: string } | { file: string };
  await ('file' in club ? takeIn(ownerUrl, club.file) : add(ownerUrl, club));
}
await main();
