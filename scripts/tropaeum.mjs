import { spawnSync } from 'node:child_process';
import { ensureDependencies } from './dependencies.mjs';
import { root } from './paths.mjs';

await ensureDependencies();
const [command, ...rest] = process.argv.slice(2);
if (command === 'club') {
  const { clubCommand } = await import('./club.mjs');
  process.exit(await clubCommand(rest));
}
const run = spawnSync(process.execPath, ['--import', 'tsx', `${root}/cli/src/main.ts`, ...process.argv.slice(2)], {
  stdio: 'inherit',
});
process.exit(run.status ?? 1);
