/** Founding a club: `club add --name "Skarvøy" --owner "Nora Fjell" --email nora@skarvoy.example`. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { root } from './paths.mjs';
import { ensurePackages } from './system.mjs';

const usage = 'club add --name "Name of the club" --owner "Name of the owner" --email owner@club.example';

/** Says what is wrong with what was typed; ends with 2 as every command does for bad input. */
function refuse(words) {
  process.stderr.write(`${words}\nUse: ${usage}\n`);
  return 2;
}

/** Runs the command; its exit code. */
export async function clubCommand(args) {
  let values;
  let positionals;
  try {
    ({ values, positionals } = parseArgs({
      args,
      allowPositionals: true,
      options: { name: { type: 'string' }, owner: { type: 'string' }, email: { type: 'string' } },
    }));
  } catch (error) {
    return refuse(error.message);
  }
  if (positionals.join(' ') !== 'add') return refuse('The command for clubs is "club add".');
  const [club, name, email] = [values.name, values.owner, values.email].map((value) => value?.trim() ?? '');
  if (!club || club.length > 80) return refuse('--name must be the name of the club, 80 characters or fewer.');
  if (!name || name.length > 80) return refuse('--owner must be the name of its owner, 80 characters or fewer.');
  if (!/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(email)) return refuse('--email must be an e-mail address.');
  ensurePackages(['postgresql'], (words) => process.stderr.write(`${words}\n`));
  const { Cluster } = await import('./database.mjs');
  const cluster = new Cluster('database');
  await cluster.join();
  try {
    cluster.ensureDatabase('tropaeum');
    const run = spawnSync(process.execPath, ['--import', 'tsx', join(root, 'server/src/club-add.ts')], {
      cwd: root,
      stdio: 'inherit',
      env: {
        ...process.env,
        TROPAEUM_OWNER_URL: cluster.url('tropaeum_owner', 'tropaeum'),
        TROPAEUM_MIGRATIONS: join(root, 'server/migrations'),
        TROPAEUM_PUBLIC_URL: process.env.TROPAEUM_PUBLIC_URL ?? 'http://127.0.0.1:4180',
        TROPAEUM_CLUB: JSON.stringify({ club, name, email: email.toLowerCase() }),
      },
    });
    return run.status ?? 1;
  } finally {
    await cluster.leave();
  }
}
