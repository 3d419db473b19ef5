import { resolve } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { exampleScope } from './example-scope';
import { isExported, parsed, sourcesIn } from './sources';

interface Example {
  file: string;
  line: number;
  /** What is run. */
  code: string;
  /** What comes out, as it is written behind the dashes; left out where the example only shows a call. */
  expected?: string;
}

function exampleFrom(file: string, line: number, text: string): Example {
  const [code, ...rest] = text.replace(/\s+/g, ' ').trim().split(' // ');
  return {
    file,
    line,
    code: (code as string).replace(/;$/, ''),
    ...(rest.length ? { expected: rest.join(' // ') } : {}),
  };
}

/** Every example in the docstring of something that a file exports. */
function examplesOf(file: string): Example[] {
  const source = parsed(file);
  const found: Example[] = [];
  const visit = (node: ts.Node): void => {
    for (const tag of ts.getJSDocTags(node))
      if (tag.tagName.text === 'example' && tag.parent.parent === node && isExported(node)) {
        const { line } = source.getLineAndCharacterOfPosition(tag.getStart());
        found.push(exampleFrom(file, line + 1, ts.getTextOfJSDocComment(tag.comment) ?? ''));
      }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** The value that an example says comes out; undefined where it is told in prose. */
function writtenValue(expected: string, scope: object): { value: unknown; partial: boolean } | undefined {
  const partial = expected.includes('...');
  const code = expected.replace(/,?\s*\.\.\.(?=\s*[}\]])/g, '');
  try {
    return { value: run(code, scope), partial };
  } catch {
    return undefined;
  }
}

const run = (code: string, scope: object): unknown =>
  new Function(...Object.keys(scope), `"use strict"; return (${code});`)(...Object.values(scope));

/** Numbers as they are written in an example: rounded to as many places. */
function rounded(value: unknown, like: unknown): unknown {
  if (typeof value === 'number' && typeof like === 'number' && !Number.isInteger(value)) {
    const places = String(like).split('.')[1]?.length ?? 0;
    return Number(value.toFixed(places));
  }
  if (Array.isArray(value) && Array.isArray(like)) return value.map((v, i) => rounded(v, like[i]));
  if (value && like && typeof value === 'object' && typeof like === 'object' && !(value instanceof Map))
    return Object.fromEntries(
      Object.entries(value).map(([k, v]) => [k, rounded(v, (like as Record<string, unknown>)[k])]),
    );
  return value;
}

/** What stands for a part of a text or a list is not looked at. */
function shortened(value: unknown, like: unknown): unknown {
  if (typeof value === 'string' && typeof like === 'string' && like.endsWith('...'))
    return value.startsWith(like.slice(0, -3)) ? like : value;
  if (Array.isArray(value) && Array.isArray(like))
    return value.slice(0, like.length).map((v, i) => shortened(v, like[i]));
  if (value && like && typeof value === 'object' && typeof like === 'object')
    return Object.fromEntries(
      Object.entries(like).map(([k, l]) => [k, shortened((value as Record<string, unknown>)[k], l)]),
    );
  return value;
}

describe('examples of the docstrings', async () => {
  const shared = await exampleScope();
  const examples = sourcesIn('core/src').flatMap(examplesOf);

  it('are there', () => expect(examples.length).toBeGreaterThan(130));

  it.each(examples.map((e) => [`${e.file}:${e.line} ${e.code.slice(0, 80)}`, e] as const))(
    '%s',
    async (_, { file, code, expected }) => {
      const own = (await import(resolve(file))) as object;
      const scope = { ...shared, ...own };
      const value = await run(code, scope);
      const wanted = expected === undefined ? undefined : writtenValue(expected, scope);
      if (wanted?.partial) expect(shortened(rounded(value, wanted.value), wanted.value)).toEqual(wanted.value);
      else if (wanted) expect(rounded(value, wanted.value)).toEqual(wanted.value);
    },
  );
});
