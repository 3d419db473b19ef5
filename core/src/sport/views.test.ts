import { describe, expect, it } from 'vitest';
import { placedKeyframes } from '../body/motion';
import { scaledBody } from '../body/segments';
import { library, variantById } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { positions } from '../exercise/model/vocabulary';
import { readSport, writeSport } from '../formats/sport';
import {
  addRole,
  freeId,
  newAction,
  putAction,
  removeAction,
  removeRole,
  renameRole,
  setImportance,
  setRiskWeight,
} from './edit';
import { compared, jointMap, jointMapOf, overlap } from './joint-map';
import { askedOf, type SportAction, type SportProfile } from './profile';
import { sportById, sports } from './sports';
import { stanceOf } from './stance';
import { answering, answersFrom } from './transfer';
import { transferWeights } from './transfer-criteria';
import { explained } from './transfer-explained';

const handball = sportById('handball') as SportProfile;
const actionOf = (sportId: string, id: string) => sportById(sportId)?.actions.find((a) => a.id === id) as SportAction;

describe('the map of joint actions', () => {
  it('sums to 1 for every role, and so do its regimes and its movements', () => {
    for (const sport of sports)
      for (const { id } of sport.roles) {
        const map = jointMap(sport, id);
        expect(map.reduce((s, d) => s + d.share, 0)).toBeCloseTo(1, 9);
        for (const { share, byRegime, from } of map) {
          expect(Object.values(byRegime).reduce((s, r) => s + r, 0)).toBeCloseTo(share, 9);
          expect(from.reduce((s, f) => s + f.share, 0)).toBeCloseTo(share, 9);
        }
      }
  });

  it('of a handball wing has the knee first, a fifth of all', () => {
    const [first] = jointMap(handball, 'wing');
    expect(first).toMatchObject({ joint: 'knee', action: 'extension' });
    expect(first?.share).toBeCloseTo(0.2, 2);
  });

  it('of one movement names its leading joint action first', () => {
    expect(jointMapOf(actionOf('handball', 'arm-brake'))[0]).toMatchObject({
      joint: 'shoulder',
      action: 'external-rotation',
    });
  });

  it('of a role with itself overlaps wholly, of runner and archer hardly', () => {
    const wing = jointMap(handball, 'wing');
    expect(overlap(compared(wing, wing))).toBeCloseTo(1, 9);
    const [runner, archer] = [
      jointMap(sportById('distance-running') as SportProfile, 'track'),
      jointMap(sportById('aiming') as SportProfile, 'bow'),
    ];
    expect(overlap(compared(runner, archer))).toBeLessThan(0.35);
  });

  it('of wing and goalkeeper differs most where the legs are thrown apart or the knee springs', () => {
    const rows = compared(jointMap(handball, 'wing'), jointMap(handball, 'goalkeeper'));
    expect(rows.slice(0, 2).map((r) => `${r.joint} ${r.action}`)).toContain('hip abduction');
  });
});

describe('positions of the body', () => {
  const body = scaledBody({ heightCm: 175, massKg: 70 });
  it.each(positions)('%s can be put down: what must touch, touches', (position) => {
    const [placed] = placedKeyframes(stanceOf(position), body);
    if (!placed) throw new Error(position);
    const { near, far, head } = placed.skeleton;
    for (const point of [near.toe, far.toe, near.heel, far.heel, head]) expect(point.y).toBeGreaterThan(-0.02);
  });
});

describe('changing a sport', () => {
  it('one importance changes the shares of that role alone', () => {
    const changed = setImportance(handball, 'throw', 'wing', { often: 5, decisive: 5 });
    const share = (profile: SportProfile, role: string) =>
      askedOf(profile, role).find((a) => a.action.id === 'throw')?.asked;
    expect(share(changed, 'wing')).toBeGreaterThan(share(handball, 'wing') as number);
    expect(share(changed, 'back')).toBe(share(handball, 'back'));
    expect(handball).toEqual(sportById('handball'));
  });

  it('keeps points between 0 and 5', () => {
    const changed = setImportance(handball, 'throw', 'wing', { often: 9, decisive: -1 });
    expect(changed.actions.find((a) => a.id === 'throw')?.asked.wing).toEqual({ often: 5, decisive: 0 });
  });

  it('never leaves a role with nothing', () => {
    const roles = [{ id: 'keeper', name: 'Keeper' }];
    const only = { ...handball.actions[0], asked: { keeper: { often: 1, decisive: 1 } } } as SportAction;
    const profile = { ...handball, roles, actions: [only] };
    expect(setImportance(profile, only.id, 'keeper', { often: 0, decisive: 3 })).toBe(profile);
    expect(removeAction(profile, only.id)).toBe(profile);
  });

  it('a new movement is put at the end, changed in its place, and taken out again', () => {
    const fresh = newAction(handball, ['wing']);
    const with_ = putAction(handball, fresh);
    expect(with_.actions).toHaveLength(10);
    const named = putAction(with_, { ...fresh, name: 'Spin shot' });
    expect(named.actions[9]?.name).toBe('Spin shot');
    expect(readSport(JSON.parse(JSON.stringify(writeSport(named))))).toEqual({ profile: named });
    expect(removeAction(named, fresh.id)).toEqual(handball);
  });

  it('a new role is asked what another is asked, is named anew, and goes with all that it was asked', () => {
    const added = addRole(handball, 'Libero', 'wing');
    const shares = (profile: SportProfile, role: string) => askedOf(profile, role).map((a) => [a.action.id, a.asked]);
    expect(shares(added, 'libero')).toEqual(shares(handball, 'wing'));
    expect(readSport(writeSport(added))).toEqual({ profile: added });
    expect(renameRole(added, 'libero', 'Sweeper').roles.at(-1)).toEqual({ id: 'libero', name: 'Sweeper' });
    expect(removeRole(added, 'libero')).toEqual(handball);
    const alone = handball.roles.reduce<SportProfile>((p, { id }) => removeRole(p, id), handball);
    expect(alone.roles).toHaveLength(1);
  });

  it('a risk weighs 1 to 5, or goes', () => {
    expect(setRiskWeight(handball, 0, 9).riskSites[0]?.weight).toBe(5);
    expect(setRiskWeight(handball, 0, 0).riskSites).toEqual(handball.riskSites.slice(1));
  });

  it.each([
    ['Jump shot', ['jump-shot'], 'jump-shot-2'],
    ['Ålesund öre', [], 'a-lesund-o-re'],
    ['!!!', [], 'movement'],
  ])('%s gets an id that is not taken', (name, taken, id) => {
    expect(freeId(name, taken)).toBe(id);
  });
});

describe('why an exercise serves a movement', () => {
  const nordic = variantById('nordic-lowering') as Variant;

  it('says each criterion in words', () => {
    const { criteria, transfer } = explained(nordic, actionOf('sprinting', 'leg-brake'), transferWeights.even);
    expect(criteria.map((c) => c.criterion)).toEqual(['direction', 'region', 'effort', 'rate', 'regime']);
    expect(criteria.map((c) => c.value)).toEqual(criteria.map((c) => transfer[c.criterion]));
    const words = Object.fromEntries(criteria.map((c) => [c.criterion, c.words]));
    expect(words.regime).toBe('eccentric, as in the sport');
    expect(words.region).toBe('the knee works hardest deep, as in the sport');
    expect(words.rate).toBe('slow; in the sport fast');
    expect(words.direction).toContain('kneeling, not one foot');
    const calf = explained(
      variantById('calf-raise') as Variant,
      actionOf('distance-running', 'push-off'),
      transferWeights.even,
    );
    expect(calf.missing).toEqual(['hip extension', 'knee extension']);
  });

  it('says what is missing when nothing is alike', () => {
    const { criteria } = explained(nordic, actionOf('climbing', 'grip'), transferWeights.even);
    expect(criteria[0]?.words).toBe('trains none of wrist grip and wrist flexion');
  });

  it('ranks what answers, nothing below a third', () => {
    const ranked = answering(library, actionOf('sprint-canoe', 'catch'));
    expect(ranked.slice(0, 3).map((r) => r.variant.id)).toEqual(
      expect.arrayContaining(['one-arm-chair-row', 'sitting-band-row']),
    );
    expect(ranked.length).toBeGreaterThan(3);
    expect(ranked.every((r) => r.total >= answersFrom)).toBe(true);
    expect([...ranked].sort((a, b) => b.total - a.total)).toEqual(ranked);
  });
});
