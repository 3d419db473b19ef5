import { migrateDatabase } from './database/migrate';
import { demoSignIn, seedDemo } from './demo/seed';
import { makePushKeys } from './push/make-push-keys';

/** Run by the start command before the server: migrations, then the demo once. */
const ownerUrl = process.env.TROPAEUM_OWNER_URL;
const migrations = process.env.TROPAEUM_MIGRATIONS;
if (!ownerUrl || !migrations) throw new Error('TROPAEUM_OWNER_URL and TROPAEUM_MIGRATIONS must be set');
await migrateDatabase(ownerUrl, migrations);
await makePushKeys(ownerUrl);
// A published password has no place where real people are.
if (process.env.TROPAEUM_DEMO !== 'no' && process.env.NODE_ENV !== 'production') {
  const today = process.env.TROPAEUM_TODAY ?? new Date().toISOString().slice(0, 10);
  const laid = await seedDemo(ownerUrl, today, (words) => process.stderr.write(`${words}\n`));
  if (laid) process.stderr.write(`Demo ready; sign in as ${demoSignIn.email} with "${demoSignIn.password}"\n`);
}
