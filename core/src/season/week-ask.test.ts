import { describe, expect, it } from 'vitest';
import { phases } from '../session/brief';
import { doseAxes } from './session-kind';
import {
  loadingSchools,
  mostContacts,
  mostStep,
  volumeOf,
  volumeShare,
  weekAsk,
  worthOf,
  worthPieces,
} from './week-ask';
import { codeOf, doseOf } from './week-problem';

const whom = { minutes: 30, mostContacts: 120 };
const sessions = { least: 2, most: 3 };

describe('how much a week is to hold', () => {
  it.each([
    [1, 0.5],
    [2, 0.7],
    [3, 0.8],
    [4, 0.9],
    [5, 1],
  ])(
    'week %i after time off is at %f of the usual: cuts of 50, 30, 20 and 10 %% (joint guidelines of CSCCa and NSCA, 2019; values from memory)',
    (week, share) => {
      expect(volumeShare('return', week, 'steady')).toBeCloseTo(share, 12);
    },
  );

  it('a taper takes 41 to 60 % off, the sessions stay as many (Bosquet 2007; values from memory)', () => {
    const before = weekAsk('in-season', 5, 'steady', whom, sessions);
    const taper = weekAsk('taper', 1, 'steady', whom, sessions);
    const cut = 1 - taper.mostVolume / volumeOf(before.wanted);
    expect(cut).toBeGreaterThanOrEqual(0.41);
    expect(cut).toBeLessThanOrEqual(0.6);
    expect([taper.least, taper.most]).toEqual([before.least, before.most]);
  });

  it('three weeks up, one down, over and over where loading is waved', () => {
    const shares = Array.from({ length: 8 }, (_, w) => volumeShare('in-season', w + 1, 'waved'));
    expect(shares.slice(0, 4)).toEqual(shares.slice(4));
    expect(shares[0]).toBeLessThan(shares[1] as number);
    expect(shares[1]).toBeLessThan(shares[2] as number);
    expect(shares[3]).toBeLessThan(shares[0] as number);
  });

  it.each([
    ['beginner', '2001-03-04', 100],
    ['intermediate', '2001-03-04', 120],
    ['advanced', '2001-03-04', 140],
    ['new', '2001-03-04', 80],
    ['advanced', '2012-03-04', 80],
  ] as const)(
    'landings of a session: %s born %s no more than %i (handbook, values from memory)',
    (level, born, most) => {
      expect(mostContacts(level, born, '2026-12-09')).toBe(most);
      const long = doseOf([codeOf('power')], { minutes: 90, mostContacts: most }, 1);
      expect(long.contacts).toBe(most);
    },
  );

  it('the young and those who begin take smaller steps', () => {
    expect(mostStep('advanced', '2012-03-04', '2026-12-09')).toBe(0.1);
    expect(mostStep('beginner', '1999-03-04', '2026-12-09')).toBe(0.1);
    expect(mostStep('advanced', '1999-03-04', '2026-12-09')).toBe(0.2);
  });

  it('asks for no more than what holds first, and worth falls from piece to piece', () => {
    for (const phase of phases)
      for (const school of loadingSchools) {
        const ask = weekAsk(phase, 2, school, whom, sessions);
        for (const axis of doseAxes) {
          expect(ask.holding[axis]).toBeLessThanOrEqual(ask.wanted[axis]);
          const [held, beyond] = worthPieces(ask, axis);
          if (held && beyond) expect(held.slope, `${phase} ${axis}`).toBeGreaterThanOrEqual(beyond.slope - 1e-12);
        }
        expect(worthOf(ask, ask.wanted)).toBeGreaterThanOrEqual(worthOf(ask, ask.holding));
      }
  });
});
