import { describe, expect, it } from 'vitest';
import { type Cause, causeInText } from './causes';
import { causeOf, type Restriction, type Standing, standingOf } from './restriction';

describe('what a restriction means on a day', () => {
  const day = '2026-12-09';
  const restriction = (more: Partial<Restriction>): Restriction => ({ region: 'knee', severity: 'avoid', ...more });

  it.each<[string, Restriction, Partial<Standing> | undefined]>([
    ['not yet begun', restriction({ since: '2026-12-20' }), undefined],
    ['overuse that has run out', restriction({ cause: 'overuse', until: '2026-12-08' }), undefined],
    ['its last day', restriction({ cause: 'overuse', until: day }), { severity: 'avoid' }],
    [
      'an operation that has run out',
      restriction({ cause: 'post-operative-late', until: '2026-12-01' }),
      { severity: 'limit', overdue: true },
    ],
    [
      'a bone stress that has run out',
      restriction({ cause: 'bone-stress', until: '2026-12-01' }),
      { severity: 'limit' },
    ],
    ['a concussion that has run out', restriction({ cause: 'concussion', until: '2026-12-01' }), { severity: 'avoid' }],
    ['a stage by the coach is no release', restriction({ stage: 4, setBy: 'coach' }), { severity: 'avoid' }],
    ['a stage by a physiotherapist counts', restriction({ stage: 4, setBy: 'physiotherapist' }), { stage: 4 }],
    ['anybody may tighten', restriction({ stage: 1, setBy: 'athlete' }), { stage: 1 }],
  ])('%s', (_, given, expected) => {
    const found = standingOf(given, day);
    if (!expected) expect(found).toBeUndefined();
    else expect(found).toMatchObject(expected);
    if (given.setBy === 'coach') expect(found?.stage).toBeUndefined();
  });

  it.each<[string, Cause]>([
    ['post-operative', 'post-operative-early'],
    ['ACL reconstruction, 3 weeks', 'post-operative-early'],
    ['ACL late, physio says strengthen', 'post-operative-late'],
    ['stress fracture of the navicular', 'bone-stress'],
    ['fracture of the finger', 'post-operative-early'],
    ["jumper's knee", 'tendon'],
    ['patellar tendinopathy', 'tendon'],
    ['hamstring strain, grade 1', 'muscle-strain'],
    ['ankle sprain', 'joint-instability'],
    ['concussion after a fall', 'concussion'],
    ['pain after the match', 'nonspecific-pain'],
    ['', 'unstated'],
  ])('"%s" means %s', (reason, cause) => expect(causeOf({ region: 'knee', severity: 'limit', reason })).toBe(cause));

  it('a given cause goes before the words', () =>
    expect(causeOf({ region: 'knee', severity: 'limit', cause: 'overuse', reason: 'post-operative' })).toBe('overuse'));

  it('reads no cause into other words', () => expect(causeInText('painting the fence')).toBe('unstated'));
});
