import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { coreDocs } from '../core/test/core-docs';

rmSync('docs/core', { recursive: true, force: true });
mkdirSync('docs/core', { recursive: true });
for (const [name, page] of coreDocs()) writeFileSync(`docs/core/${name}`, page);
