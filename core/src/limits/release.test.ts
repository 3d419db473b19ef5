import { describe, expect, it } from 'vitest';
import { changesOf, guardedChanges, isReleased, type Release, releaseFor } from './release';
import type { Restriction } from './restriction';

const knee = (more: Partial<Restriction> = {}): Restriction => ({
  region: 'knee',
  side: 'left',
  severity: 'limit',
  cause: 'post-operative-late',
  setBy: 'physiotherapist',
  ...more,
});
const overuse: Restriction = { region: 'shoulder', side: 'right', severity: 'limit', cause: 'overuse', setBy: 'coach' };

describe('what only a clinician may loosen', () => {
  it.each<[string, Restriction, Restriction | undefined, boolean]>([
    ['lifting it', knee(), undefined, true],
    ['from avoid to limit', knee({ severity: 'avoid' }), knee(), true],
    ['an earlier end', knee({ until: '2027-02-01' }), knee({ until: '2027-01-01' }), true],
    ['an end where there was none', knee(), knee({ until: '2027-01-01' }), true],
    ['a later stage', knee({ stage: 2 }), knee({ stage: 3 }), true],
    ['a wider range', knee({ rangeDegrees: [0, 60] }), knee({ rangeDegrees: [0, 90] }), true],
    ['more weight', knee({ weightBearing: 'partial' }), knee({ weightBearing: 'full' }), true],
    ['kneeling again', knee({ without: ['kneeling'] }), knee(), true],
    ['another cause', knee(), knee({ cause: 'overuse' }), true],
    ['stricter', knee(), knee({ severity: 'avoid' }), false],
    ['a later end', knee({ until: '2027-01-01' }), knee({ until: '2027-02-01' }), false],
    ['a narrower range', knee({ rangeDegrees: [0, 60] }), knee({ rangeDegrees: [0, 45] }), false],
    ['nothing', knee(), knee(), false],
    ['overuse that the coach set', overuse, undefined, false],
    ['a sprain that the coach set', { ...overuse, cause: 'joint-instability' }, undefined, true],
    ['bone stress, whoever set it', { ...overuse, cause: 'bone-stress' }, undefined, true],
  ])('%s', (_, before, after, guarded) => {
    expect(guardedChanges([before], after ? [after] : []).length > 0).toBe(guarded);
  });

  it('is covered by a release of the same part and side', () => {
    const [change] = guardedChanges([knee()], []);
    const release: Release = {
      region: 'knee',
      side: 'left',
      by: 'doctor',
      on: '2026-12-01',
      words: 'all but landings',
    };
    expect(change && isReleased(change, [release])).toBe(true);
    expect(change && isReleased(change, [{ ...release, side: 'right' }])).toBe(false);
    expect(releaseFor({ before: knee() }, [release])).toBe(release);
    expect(releaseFor({ before: overuse }, [release])).toBeUndefined();
  });

  it('lists what came, went and changed', () => {
    expect(changesOf([knee(), overuse], [knee({ severity: 'avoid' }), { region: 'hip', severity: 'limit' }])).toEqual([
      { before: knee(), after: knee({ severity: 'avoid' }) },
      { before: overuse },
      { after: { region: 'hip', severity: 'limit' } },
    ]);
    expect(changesOf([knee()], [{ ...knee() }])).toEqual([]);
  });
});
