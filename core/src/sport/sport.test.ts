import { describe, expect, it } from 'vitest';
import { library, variantById } from '../exercise/library';
import { askedOf, jointUse, sportProfile } from './profile';
import { sportById, sports } from './sports';
import { preventionOf, transferOf, transferWeights } from './transfer';

const roles = sports.flatMap((sport) => sport.roles.map((role) => [sport, role.id] as const));

describe('sport profiles', () => {
  it.each(roles)('$name: shares of %s sum to 1 and use of joints too', (sport, role) => {
    expect(askedOf(sport, role).reduce((s, a) => s + a.asked, 0)).toBeCloseTo(1, 9);
    expect([...jointUse(sport, role).values()].reduce((s, u) => s + u, 0)).toBeCloseTo(1, 9);
  });

  it.each(sports.map((s) => [s.id, s] as const))(
    '%s has six to ten actions, each answered by three variants or more',
    (_, sport) => {
      expect(sport.actions.length).toBeGreaterThanOrEqual(6);
      expect(sport.actions.length).toBeLessThanOrEqual(10);
      for (const action of sport.actions) {
        const answering = library.filter((v) => transferOf(v, action).total > 0.2);
        expect(answering.length, action.id).toBeGreaterThanOrEqual(3);
      }
    },
  );

  it('asks different things of different roles', () => {
    const handball = sportById('handball');
    if (!handball) throw new Error('no handball');
    expect(askedOf(handball, 'goalkeeper')[0]?.action.id).toBe('goal-save');
    expect(askedOf(handball, 'pivot')[0]?.action.id).toBe('duel');
    expect(() => askedOf(handball, 'libero')).toThrow('goalkeeper, wing, back, pivot');
  });

  it('refuses a profile whose action names a role that is not there', () => {
    const written = { id: 'x', name: 'X', roles: [{ id: 'a', name: 'A' }], riskSites: [], overuse: [], sources: [] };
    const action = {
      id: 'do',
      name: 'Do',
      short: 'Do',
      jointActions: [],
      speed: 'fast',
      planes: [],
      position: 'sitting',
      asked: { b: 1 },
    } as const;
    expect(() => sportProfile({ ...written, actions: [action] })).toThrow('role "b"');
  });
});

describe('transfer', () => {
  const action = (sportId: string, id: string) => {
    const found = sportById(sportId)?.actions.find((a) => a.id === id);
    if (!found) throw new Error(id);
    return found;
  };
  const total = (variantId: string, sportId: string, actionId: string) => {
    const variant = variantById(variantId);
    if (!variant) throw new Error(variantId);
    return transferOf(variant, action(sportId, actionId)).total;
  };

  it('weights sum to 1', () => {
    expect(Object.values(transferWeights).reduce((s, w) => s + w, 0)).toBeCloseTo(1, 9);
  });

  // Mechanics: the joint actions, regime and stance of the one are nearer to the action than those of the other.
  it.each([
    ['handball', 'jump-shot-take-off', 'countermovement-jump', 'bridge'],
    ['handball', 'jump-shot-take-off', 'rear-foot-raised-split-squat', 'prone-back-raise'],
    ['handball', 'arm-brake', 'band-arm-brake', 'push-up'],
    ['handball', 'arm-brake', 'band-arm-rotation', 'curl-up'],
    ['handball', 'landing', 'drop-and-stick', 'calf-raise'],
    ['handball', 'landing', 'snap-down', 'push-up'],
    ['handball', 'side-cut', 'side-hop-stick', 'squat'],
    ['handball', 'side-cut', 'side-lunge', 'hinge-lift'],
    ['handball', 'recovery-run', 'nordic-lowering', 'side-plank'],
    ['handball', 'duel', 'band-press-out', 'calf-raise'],
    ['handball', 'throw', 'towel-throw', 'squat'],
    ['handball', 'goal-save', 'adductor-side-hold', 'push-up'],
    ['sprint-canoe', 'catch', 'pull-up', 'push-up'],
    ['sprint-canoe', 'catch', 'bent-row', 'squat'],
    ['sprint-canoe', 'trunk-turn', 'sitting-paddle-stroke', 'curl-up'],
    ['sprint-canoe', 'leg-drive', 'squat', 'bent-row'],
    ['sprint-canoe', 'top-hand-push', 'push-up', 'calf-raise'],
    ['sprint-canoe', 'boat-balance', 'side-plank', 'push-up'],
  ])('%s, %s: %s ranks above %s', (sport, actionId, better, worse) => {
    expect(total(better, sport, actionId)).toBeGreaterThan(total(worse, sport, actionId));
  });

  it('never rises when a joint action is taken away from the variant', () => {
    for (const sport of sports) {
      for (const wanted of sport.actions) {
        for (const variant of library) {
          const whole = transferOf(variant, wanted);
          const without = transferOf({ ...variant, jointActions: variant.jointActions.slice(1) }, wanted);
          expect(without.direction).toBeLessThanOrEqual(whole.direction);
        }
      }
    }
  });

  it('is nothing without a common joint action', () => {
    expect(total('calf-raise', 'sprint-canoe', 'catch')).toBe(0);
  });

  it('keeps prevention apart: lowering on the knees guards the hamstring and not the groin', () => {
    const handball = sportById('handball');
    const lowering = variantById('nordic-lowering');
    if (!handball || !lowering) throw new Error('missing');
    const site = (region: string) => handball.riskSites.find((r) => r.region === region);
    const [hamstring, groin] = [site('hamstring'), site('groin')];
    if (!hamstring || !groin) throw new Error('missing site');
    expect(preventionOf(lowering, hamstring)).toBe(1);
    expect(preventionOf(lowering, groin)).toBe(0);
  });

  it('every risk says where it is known from', () => {
    for (const sport of sports) for (const risk of sport.riskSites) expect(risk.source.length).toBeGreaterThan(10);
  });
});
