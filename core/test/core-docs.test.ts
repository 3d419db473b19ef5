import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { coreDocs } from './core-docs';

it('the pages of the core say what its docstrings say; npm run docs writes them', () => {
  const pages = coreDocs();
  expect(readdirSync('docs/core').sort()).toEqual([...pages.keys()].sort());
  for (const [name, page] of pages) expect(readFileSync(`docs/core/${name}`, 'utf8')).toBe(page);
});
