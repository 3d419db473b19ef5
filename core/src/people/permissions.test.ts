import { describe, expect, it } from 'vitest';
import { actions, may, roles } from './permissions';

describe('what roles may do', () => {
  it('an owner may everything, and nobody more than the role before', () => {
    for (const action of actions) {
      expect(may('owner', action), action).toBe(true);
      for (let r = 1; r < roles.length; r++)
        if (may(roles[r] as never, action))
          expect(may(roles[r - 1] as never, action), `${roles[r]} ${action}`).toBe(true);
    }
  });

  it.each([
    ['assistant', 'delete', false],
    ['assistant', 'send', true],
    ['coach', 'delete', true],
    ['coach', 'people', false],
    ['coach', 'audit', false],
    ['assistant', 'account', true],
  ] as const)('%s, %s: %s', (role, action, expected) => expect(may(role, action)).toBe(expected));
});
