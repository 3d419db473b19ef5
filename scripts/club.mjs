/** Founding a club, `club add --name "Skarvøy" --owner "Nora Fjell" --email nora@skarvoy.example`, or reading one, `club read skarvoy.jsonl`. */
import { spawnSync } from 'node:child_process';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { root } from './paths.mjs';
import { ensurePackages } from './system.mjs';

const usage =
  'club add --name "Name of the club" --owner "Name of the owner" --email owner@club.example, or club read FILE';

/** Says what is wrong with what was typed; ends with 2 as every command does for bad input. */
function refuse(words) {
  process.stderr.write(`${words}\nUse: ${usage}\n`);
  return 2;
}

/** The file to read, or what is wrong. */
function readingOf([, file, ...more]) {
  if (!file || more.length > 0) return '"club read" needs one file, as an owner takes it out under Settings, Club.';
  return { file: resolve(file) };
}

/** The club to found, or what is wrong. */
function addingOf(positionals, values) {
  if (positionals.join(' ') !== 'add') return 'The commands for clubs are "club add" and "club read".';
  const [club, name, email] = [values.name, values.owner, values.email].map((value) => value?.trim() ?? '');
  if (!club || club.length > 80) return '--name must be the name of the club, 80 characters or fewer.';
  if (!name || name.length > 80) return '--owner must be the name of its owner, 80 characters or fewer.';
  if (!/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(email)) return '--email must be an e-mail address.';
  return { club, name, email: email.toLowerCase() };
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
  const asked = positionals[0] === 'read' ? readingOf(positionals) : addingOf(positionals, values);
  if (typeof asked === 'string') return refuse(asked);
  ensurePackages(['postgresql'], (words) => process.stderr.write(`${words}\n`));
  const { Cluster } = await import('./database.mjs');
  const cluster = new Cluster('database');
  await cluster.join();
  try {
    cluster.ensureDatabase('tropaeum');
    const run = spawnSync(process.execPath, ['--import', 'tsx', join(root, 'server/src/clubs.ts')], {
      cwd: root,
      stdio: 'inherit',
      env: {
        ...process.env,
        TROPAEUM_OWNER_URL: cluster.url('tropaeum_owner', 'tropaeum'),
        TROPAEUM_MIGRATIONS: join(root, 'server/migrations'),
        TROPAEUM_PUBLIC_URL: process.env.TROPAEUM_PUBLIC_URL ?? 'http://127.0.0.1:4180',
        TROPAEUM_CLUB: JSON.stringify(asked),
      },
    });
    return run.status ?? 1;
  } finally {
    await cluster.leave();
  }
}
