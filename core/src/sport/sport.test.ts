import { describe, expect, it } from 'vitest';
import { scaledBody } from '../body/segments';
import { library } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { readSport, writeSport } from '../formats/sport';
import { feasibility } from '../kit/feasible';
import type { Kit } from '../kit/kit';
import { askedOf, jointUse, type SportAction, sportProfile, type WrittenProfile } from './profile';
import { sportById, sports } from './sports';
import { answersFrom, transferOf } from './transfer';

const promised = [
  'distance-running, sprinting, football, handball, basketball, volleyball, field-hockey, large-court-racket, small-court-racket',
  'bat-and-ball, swimming, water-polo, rowing, sprint-canoe, slalom-canoe, sailing, wave-riding, striking-combat, grappling-combat',
  'weapon-combat, climbing, cycling, alpine-skiing, nordic-skiing, skating, gymnastics, dance, aiming, athletics-throws, athletics-jumps',
].flatMap((line) => line.split(', '));

describe('sport profiles', () => {
  it('are there for the thirty sports of the documents', () => {
    expect(sports.map((s) => s.id)).toEqual(promised);
  });

  it.each(sports.map((s) => [s.id, s] as const))('%s stands up to the rules of an imported profile', (_, sport) => {
    expect(readSport(JSON.parse(JSON.stringify(writeSport(sport))))).toEqual({ profile: sport });
  });

  it.each(sports.map((s) => [s.id, s] as const))(
    '%s: shares of every role and its use of joints sum to 1',
    (_, sport) => {
      for (const role of sport.roles) {
        expect(askedOf(sport, role.id).reduce((s, a) => s + a.asked, 0)).toBeCloseTo(1, 9);
        expect([...jointUse(sport, role.id).values()].reduce((s, u) => s + u, 0)).toBeCloseTo(1, 9);
      }
    },
  );

  it('ask of every role three different things at least, and say where every risk is known from', () => {
    for (const sport of sports) {
      for (const role of sport.roles)
        expect(askedOf(sport, role.id).length, `${sport.id} ${role.id}`).toBeGreaterThan(2);
      for (const risk of sport.riskSites) expect(risk.source.length).toBeGreaterThan(10);
      expect(sport.overuse.length, sport.id).toBeGreaterThan(0);
      expect(sport.habits.length, sport.id).toBeGreaterThan(0);
    }
  });

  it('ask different things of different roles', () => {
    const handball = sportById('handball');
    if (!handball) throw new Error('no handball');
    expect(askedOf(handball, 'goalkeeper')[0]?.action.id).toBe('goal-save');
    expect(askedOf(handball, 'pivot')[0]?.action.id).toBe('duel');
    expect(() => askedOf(handball, 'libero')).toThrow('goalkeeper, wing, back, pivot');
  });

  it('whose action names a role that is not there are refused', () => {
    const base = sports[0] as unknown as WrittenProfile;
    const action = {
      ...base.actions[0],
      jointActions: [],
      asked: { nobody: [1, 1] },
    } as unknown as WrittenProfile['actions'][number];
    expect(() => sportProfile({ ...base, actions: [action] })).toThrow('role "nobody"');
  });
});

describe('every movement of every sport', () => {
  const athlete = { heightCm: 175, massKg: 70, born: '2000-01-01', level: 'intermediate' } as const;
  const body = scaledBody(athlete);
  const room = { lengthM: 3, widthM: 3, ceilingM: 2.6, wall: true, stairs: false, slidingFloor: false, quiet: false };
  const nothing: Kit = { items: [], anchors: [], partner: false, room };
  /** What stands in most homes: no weights but what can be filled, no bands, no bar. */
  const household: Kit = {
    items: [
      { kind: 'towel' },
      { kind: 'chair' },
      { kind: 'sofa' },
      { kind: 'cushion' },
      { kind: 'stick' },
      { kind: 'step' },
      { kind: 'rucksack', massKg: 10 },
      { kind: 'bottle', volumeL: 5, fill: 'water', count: 2 },
    ],
    anchors: ['feet'],
    partner: false,
    room: { ...room, stairs: true, slidingFloor: true },
  };
  const feasibleWith = (kit: Kit) =>
    library.filter((v) => feasibility(v, { athlete, kit, date: '2026-12-09' }, body).reasons.length === 0);
  const [withNothing, withHousehold] = [feasibleWith(nothing), feasibleWith(household)];
  const answering = (among: readonly Variant[], action: SportAction) =>
    among.filter((v) => transferOf(v, action).total >= answersFrom).length;

  it.each(sports.map((s) => [s.id, s] as const))(
    '%s is answered by three exercises of a household and one without anything',
    (_, sport) => {
      for (const action of sport.actions) {
        expect(answering(withHousehold, action), `${action.id} in a household`).toBeGreaterThanOrEqual(3);
        expect(answering(withNothing, action), `${action.id} with nothing`).toBeGreaterThanOrEqual(1);
      }
    },
  );
});
