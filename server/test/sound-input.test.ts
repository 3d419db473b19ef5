import { describe, expect, it } from 'vitest';
import { troubleIn } from '../src/middleware/middleware';
import { moment } from '../src/middleware/validated';

describe('what nobody can mean in a body', () => {
  const nested = (depth: number): unknown => (depth === 0 ? 1 : [nested(depth - 1)]);
  it.each([
    ['a NUL in a text', { athlete: { name: 'A\0' } }, 'athlete.name holds text that is broken'],
    ['half of a pair', { items: ['fine', '\ud800'] }, 'items[1] holds text that is broken'],
    ['a broken name', { 'a\0': 1 }, 'name that is broken'],
    ['a name that programs trip over', JSON.parse('{"__proto__":{"admin":true}}'), 'not taken'],
    ['endless nesting', nested(60), 'nested too deep'],
  ])('%s', (_, body, words) => expect(troubleIn(body)).toContain(words));
  it('is not what people write', () => {
    expect(troubleIn({ name: 'Åse Ødegård 👩‍🦰', list: [1, null, true, { a: nested(20) }] })).toBeUndefined();
  });
});

describe('a point in time', () => {
  it.each(['2026-12-09T18:30:00Z', '2026-12-09T18:30Z', '2026-12-09T18:30:00.123+01:00'])('%s is one', (text) =>
    expect(moment.isValidSync(text, { strict: true })).toBe(true),
  );
  it.each(['9', '2026-02-30T10:00:00Z', '2026-12-09', '2026-12-09 18:30', '2026-12-09T25:00:00Z', 'now'])(
    '%s is none',
    (text) => expect(moment.isValidSync(text, { strict: true })).toBe(false),
  );
});
