import { describe, expect, it } from 'vitest';
import { library } from '../exercise/library/library';
import { regions } from '../exercise/model/vocabulary';
import { sports } from '../sport/sports';
import { bodyReport } from './body-report';
import { listedSport, listedVariant } from './listing';

describe('listings', () => {
  it('every variant lists what the document promises', () => {
    for (const listed of library.map(listedVariant)) {
      expect(Object.keys(listed)).toEqual(
        expect.arrayContaining([
          'variant',
          'name',
          'otherNames',
          'family',
          'blocks',
          'pattern',
          'jointActions',
          'planes',
          'side',
          'regions',
          'level',
          'impactContacts',
          'quiet',
          'needs',
          'easier',
          'harder',
          'cues',
          'faults',
          'cautions',
          'poses',
          'sources',
        ]),
      );
      expect(listed.poses).toBeGreaterThanOrEqual(2);
      for (const region of listed.regions) expect(regions).toContain(region);
    }
  });

  it('every sport lists roles, actions, risk sites and overuse', () => {
    for (const listed of sports.map(listedSport)) {
      expect(listed.roles.length).toBeGreaterThan(0);
      expect(listed.riskSites.every((r) => r.why && r.source && r.answers.length)).toBe(true);
      expect(listed.overuse.length).toBeGreaterThan(0);
    }
  });

  it('the body report of a push-up has keyframes, shares, moments, height and footprint', () => {
    const pushUp = library.find((v) => v.id === 'push-up');
    if (!pushUp) throw new Error('no push-up');
    const report = bodyReport(pushUp, { heightCm: 175, massKg: 75 }, 0);
    expect(report.keyframes.map((k) => k.name)).toEqual(['top', 'bottom']);
    for (const keyframe of report.keyframes) {
      expect(keyframe.reactions.reduce((s, r) => s + r.share, 0)).toBeCloseTo(1, 2);
      expect(keyframe.reactions.map((r) => r.contact).sort()).toEqual(['feet', 'hands']);
    }
    expect(report.footprintM.lengthM).toBeGreaterThan(1.3);
  });
});
