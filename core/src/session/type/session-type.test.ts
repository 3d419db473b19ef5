import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { variantById } from '../../exercise/library/library';
import { focusTypes, type SessionType, sessionTypes } from '../../session-type/session-type';
import type { SportProfile } from '../../sport/profile';
import { signatureFor } from '../../sport/signature/signature-of';
import { sportById, sports } from '../../sport/sports';
import type { Brief } from '../brief/brief';
import { contextOf } from '../context/context';
import { sessionTypeOf } from './derive';
import { frames } from './frames';

const of = (id: string) => sportById(id) as SportProfile;
/** The type of a brief in a sport, for its role. */
const typeIn = (brief: Brief) => sessionTypeOf(brief, signatureFor(of(brief.sport.id), brief.sport.role));
const briefIn = (sport: string, changes: Partial<Brief> = {}) =>
  plainBrief({ sport: { id: sport, role: of(sport).roles[0]?.id as string }, ...changes });

describe('the type of a session', () => {
  it.each<[string, Partial<Brief>, SessionType]>([
    ['handball', {}, 'whole-body'],
    ['distance-running', { aim: 'strength' }, 'lower-body'],
    ['climbing', { aim: 'strength' }, 'upper-body'],
    ['rowing', { aim: 'strength' }, 'whole-body'],
    ['handball', { aim: 'power' }, 'power'],
    ['handball', { aim: 'prevention', minutes: 15 }, 'arm-care'],
    ['handball', { aim: 'prevention', minutes: 30 }, 'injury-prevention'],
    ['distance-running', { aim: 'prevention', minutes: 15 }, 'injury-prevention'],
    ['distance-running', { aim: 'prevention', minutes: 8 }, 'warm-up'],
    ['striking-combat', { aim: 'endurance' }, 'rounds'],
    ['rowing', { aim: 'endurance' }, 'conditioning'],
    ['dance', { aim: 'flexibility' }, 'flexibility'],
    ['dance', { aim: 'return' }, 'return'],
    ['weapon-combat', { aim: 'learn' }, 'technique'],
    ['handball', { season: { phase: 'in-season', nextFixture: '2026-12-10' } }, 'primer'],
    ['handball', { aim: 'strength', season: { phase: 'in-season', nextFixture: '2026-12-10' } }, 'primer'],
    ['handball', { season: { phase: 'in-season', nextFixture: '2026-12-12' } }, 'whole-body'],
  ])('%s, %j: %s', (sport, changes, type) => {
    const choice = typeIn(briefIn(sport, changes));
    expect(choice.type).toBe(type);
    expect(choice.reason.length).toBeGreaterThan(10);
  });

  it('is the coach’s where the coach has chosen one', () => {
    const brief = briefIn('handball', {
      sessionType: 'trunk',
      season: { phase: 'in-season', nextFixture: '2026-12-10' },
    });
    expect(typeIn(brief)).toEqual({
      type: 'trunk',
      reason: 'Chosen by you.',
      chosen: true,
    });
    expect(contextOf(brief).frame).toBe(frames.trunk);
  });
});

describe('frames', () => {
  it.each(sessionTypes)('%s: shares can be kept, and some group must be there', (type) => {
    const { share, groups, sets, items } = frames[type];
    const shares = Object.values(share);
    expect(shares.reduce((sum, [least]) => sum + least, 0)).toBeLessThanOrEqual(1);
    expect(shares.reduce((sum, [, most]) => sum + most, 0)).toBeGreaterThanOrEqual(1);
    for (const [least, most] of shares) expect(least).toBeLessThan(most);
    expect(groups.length).toBeGreaterThan(0);
    expect(sets[0]).toBeLessThanOrEqual(sets[1]);
    expect(items).toBeGreaterThan(3);
  });

  it('are narrowed to a part of the body where that makes sense', () => {
    expect([...focusTypes]).toEqual(['arm-care', 'injury-prevention', 'return']);
  });
});

describe('signature work', () => {
  it.each(sports.map((sport) => [sport.id, sport] as const))(
    'of %s names known exercises, roles and types',
    (_, sport) => {
      const rows = sport.signature ?? [];
      expect(rows.length).toBeGreaterThanOrEqual(8);
      const roles = new Set(sport.roles.map((r) => r.id));
      for (const row of rows) {
        for (const id of [...row.parts.flat(), ...(row.own ?? [])])
          expect(variantById(id), `${row.id} ${id}`).toBeDefined();
        for (const role of [...(row.roles ?? []), ...Object.keys(row.roleWeights ?? {})]) expect(roles).toContain(role);
        for (const type of row.types) expect(sessionTypes).toContain(type);
        expect(row.reason).toMatch(/^[A-Z].*\.$/);
      }
      for (const { id } of sport.roles) {
        const own = signatureFor(sport, id);
        expect(new Set(own.map((row) => row.id)).size, id).toBe(own.length);
        expect(own.filter((row) => row.weight === 3).length, id).toBeGreaterThan(0);
      }
    },
  );

  it('stands otherwise for a role that has its own', () => {
    const weight = (role: string) => signatureFor(of('football'), role).find((row) => row.id === 'nordic')?.weight;
    expect([weight('forward'), weight('keeper')]).toEqual([3, 2]);
  });

  it('counts less when the week has had it', () => {
    const place = (recent: Brief['season']['recent']) =>
      contextOf(briefIn('football', { season: { phase: 'in-season', ...(recent ? { recent } : {}) } })).places.find(
        (p) => p.id === 'row.nordic',
      )?.weight ?? 0;
    const done = [{ date: '2026-12-07', items: [{ variant: 'nordic-lowering', sets: 3 }] }];
    expect(place(done)).toBeLessThan(0.5 * place(undefined));
  });

  it('leads by the part that is chosen', () => {
    const weight = (focus?: 'knee') =>
      contextOf(briefIn('handball', { aim: 'prevention', ...(focus ? { focus } : {}) })).places.find(
        (p) => p.id === 'row.landing-knee',
      )?.weight ?? 0;
    expect(weight('knee')).toBeGreaterThan(weight());
  });

  it('weights of all places sum to one', () => {
    for (const sport of sports)
      for (const aim of ['hold', 'prevention', 'power', 'return'] as const) {
        const { places } = contextOf(briefIn(sport.id, { aim }));
        expect(
          places.reduce((sum, p) => sum + p.weight, 0),
          `${sport.id} ${aim}`,
        ).toBeCloseTo(1, 9);
      }
  });
});
