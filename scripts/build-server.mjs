import { join } from 'node:path';
import { build } from 'esbuild';
import { root } from './paths.mjs';

/** Bundles the server with the core; packages stay where npm put them. */
await build({
  entryPoints: { main: join(root, 'server/src/main.ts'), prepare: join(root, 'server/src/prepare.ts') },
  outdir: join(root, 'server/dist'),
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  outExtension: { '.js': '.mjs' },
  packages: 'external',
  alias: { '@tropaeum/core': join(root, 'core/src') },
  sourcemap: true,
  logLevel: 'warning',
});
