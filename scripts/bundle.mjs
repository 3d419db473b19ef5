import { join } from 'node:path';
import { build } from 'esbuild';
import { root } from './paths.mjs';

/** Bundles programs of a workspace with the core, by name and source, into its dist folder; packages stay where npm put them. */
export const bundle = (workspace, programs) =>
  build({
    entryPoints: Object.fromEntries(
      Object.entries(programs).map(([name, source]) => [name, join(root, workspace, 'src', source)]),
    ),
    outdir: join(root, workspace, 'dist'),
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
