import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import example from '../../../docs/formats/examples/brief.json';
import { changedBrief, issuesOfBrief } from '../../test/brief-documents';
import { briefSchema } from './schemas';

const validBrief = new Ajv2020({ allErrors: true, strict: false }).compile(briefSchema);

/** Paths of every value of a document, of objects and lists too. */
function pathsOf(value: unknown, at = ''): string[] {
  if (typeof value !== 'object' || value === null) return [at];
  const below = Object.entries(value).flatMap(([key, v]) => pathsOf(v, at ? `${at}.${key}` : key));
  return at ? [at, ...below] : below;
}

const values: readonly unknown[] = [
  undefined,
  null,
  true,
  0,
  -1,
  1,
  2.5,
  1e6,
  '',
  'x',
  'hip',
  '2026-12-09',
  '2026-13-40',
  [],
  {},
  [null],
  ['x'],
];

describe('the rule and the published schema of a brief', () => {
  const cases = pathsOf(example).flatMap((path) => values.map((value) => ({ path, value })));

  it('are tried on thousands of documents', () => expect(cases.length).toBeGreaterThan(1000));

  // A schema knows neither the exercises, nor the roles of a sport, nor which day it is.
  const isBeyondSchema = (path: string) => /variant$|^lock\.(in|ex)clude|^sport\.role$|^athlete\.born$/.test(path);

  it('take and refuse the same; where a name has to be known, only the rule can refuse', () => {
    const apart = cases.flatMap(({ path, value }) => {
      const document = changedBrief(path, value);
      const [byRule, bySchema] = [issuesOfBrief(document).length === 0, validBrief(document)];
      return byRule === bySchema || (bySchema && isBeyondSchema(path))
        ? []
        : [`${path} = ${JSON.stringify(value)}: rule ${byRule}, schema ${bySchema}`];
    });
    expect(apart.join('\n')).toBe('');
  });
});
