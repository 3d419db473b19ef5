import { describe, expect, it } from 'vitest';
import { type Action, actions, may, roles, rolesOfAthletes } from './permissions';

describe('what roles may do', () => {
  /** What is somebody's own to do: a clinician's word, a guardian's, one's own page. */
  const ofOthers: readonly Action[] = ['treat', 'family', 'consent'];
  const ladder = ['owner', 'coach', 'assistant'] as const;

  it('an owner may everything that is not another’s word, and nobody of a squad more than the role before', () => {
    for (const action of actions) {
      expect(may('owner', action), action).toBe(!ofOthers.includes(action));
      for (const [before, role] of [
        ['owner', 'coach'],
        ['coach', 'assistant'],
      ] as const)
        if (may(role, action)) expect(may(before, action), `${role} ${action}`).toBe(true);
    }
  });

  it('who sees single athletes shares with a squad’s coaches the own account only', () => {
    for (const role of rolesOfAthletes)
      for (const action of actions)
        if (may(role, action)) expect(action === 'account' || ladder.every((one) => !may(one, action))).toBe(true);
    expect(roles.filter((role) => ![...ladder, ...rolesOfAthletes].includes(role))).toEqual([]);
  });

  it.each([
    ['assistant', 'delete', false],
    ['assistant', 'send', true],
    ['coach', 'delete', true],
    ['coach', 'people', false],
    ['coach', 'audit', false],
    ['assistant', 'account', true],
    ['physio', 'treat', true],
    ['physio', 'write', false],
    ['guardian', 'consent', true],
    ['athlete', 'consent', false],
    ['athlete', 'family', true],
  ] as const)('%s, %s: %s', (role, action, expected) => expect(may(role, action)).toBe(expected));
});
