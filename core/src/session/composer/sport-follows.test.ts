import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { parseDose } from '../../dose/notation';
import { planes } from '../../exercise/model/vocabulary';
import { setImportance } from '../../sport/edit';
import type { SportProfile } from '../../sport/profile';
import { sportById } from '../../sport/sports';
import type { Brief } from '../brief/brief';
import { blockOrder } from '../context/block-bounds';
import { contextOf } from '../context/context';
import { choicesOf, type Draft } from '../draft/draft';
import { onceOf } from '../draft/once';
import { add } from '../editing/edit';
import { answersTo } from '../editing/substitutes';
import { planOf } from '../plan/plan';
import { balanceOf } from '../scoring/balance';
import { compose } from './compose';

const order = blockOrder('first');
const handball = sportById('handball') as SportProfile;
const draftOf = (...items: [variant: string, dose: string, block: 'strength' | 'prevention' | 'power'][]): Draft => ({
  groups: items.map(([variant, dose, block]) => ({
    block,
    format: 'straight',
    roundRestSeconds: 0,
    choices: [{ variant, dose: parseDose(dose), pinned: false }],
  })),
});
const composed = async (brief: Brief): Promise<Draft> => {
  const composition = compose(brief, await solver);
  if ('refused' in composition) throw new Error(composition.refused.reason);
  return composition.draft;
};
const names = (draft: Draft) => choicesOf(draft).map((c) => c.variant);

describe('a composed session follows what is asked', () => {
  const at = (sport: Brief['sport']) => plainBrief({ sport, minutes: 40 });

  it('differs between a goalkeeper and a pivot of the same body and kit', async () => {
    const [keeper, pivot] = [
      await composed(at({ id: 'handball', role: 'goalkeeper' })),
      await composed(at({ id: 'handball', role: 'pivot' })),
    ];
    expect(names(keeper)).not.toEqual(names(pivot));
  });

  it('covers a movement better when the role is changed to ask for it most', async () => {
    // In half an hour there is not room for everything; in forty minutes both come near what the kit allows.
    const covered = async (profile: SportProfile) => {
      const brief = plainBrief({ sport: { id: 'handball', role: 'back', profile }, minutes: 30 });
      const plan = planOf(contextOf(brief), await composed(brief));
      return plan.coverage.find((c) => c.action === 'duel')?.covered ?? 0;
    };
    let duels = handball;
    for (const { id } of handball.actions)
      duels = setImportance(duels, id, 'back', id === 'duel' ? { often: 5, decisive: 5 } : { often: 1, decisive: 1 });
    expect(await covered(duels)).toBeGreaterThan(1.15 * (await covered(handball)));
  });

  it('asks what the coach has moved, and nothing else changes', () => {
    const moved = contextOf(at({ id: 'handball', role: 'back', moved: { throw: 3 } }));
    const plain = contextOf(at({ id: 'handball', role: 'back' }));
    const share = (context: typeof plain, id: string) => context.demands.find((d) => d.id === id)?.share ?? 0;
    expect(share(moved, 'throw')).toBeGreaterThan(2 * share(plain, 'throw'));
    expect(share(moved, 'landing') / share(moved, 'duel')).toBeCloseTo(
      share(plain, 'landing') / share(plain, 'duel'),
      9,
    );
    expect(share(moved, 'risk-knee')).toBe(share(plain, 'risk-knee'));
  });

  it('weighs the two columns by aim, together to 1', () => {
    for (const aim of ['hold', 'power', 'prevention'] as const) {
      const { demands } = contextOf(plainBrief({ aim }));
      expect(demands.reduce((s, d) => s + d.weight, 0)).toBeCloseTo(1, 9);
    }
  });

  it('ranks by the school of the house rule', () => {
    const { houseRules } = plainBrief();
    const gives = (correspondence: 'movement' | 'force') => {
      const context = contextOf(plainBrief({ houseRules: { ...houseRules, correspondence } }));
      const place = context.demands.findIndex((d) => d.id === 'throw');
      const of = (id: string) => context.gives(context.catalogue.byId(id) as never)[place] as number;
      return of('shadow-throw-brake') / of('one-arm-floor-press');
    };
    // A shadow throw looks like the throw, a press loads like it.
    expect(gives('movement')).toBeGreaterThan(gives('force'));
  });
});

describe('what would answer a need', () => {
  const context = contextOf(plainBrief());

  it('is feasible, not of a family that is there already, one a family, best first', () => {
    const draft = draftOf(['squat', '3x8 r60', 'strength']);
    const answers = answersTo(context, draft, 'landing', order, 6);
    expect(answers.length).toBeGreaterThan(2);
    expect(new Set(answers.map((a) => onceOf(a.variant))).size).toBe(answers.length);
    expect(answers.map((a) => onceOf(a.variant))).not.toContain('squat knee-dominant');
    expect(answers.map((a) => a.alike)).toEqual([...answers.map((a) => a.alike)].sort((a, b) => b - a));
    for (const { variant } of answers) expect(context.feasible.get(variant.id)?.reasons).toEqual([]);
  });

  it('covers it better once it is added', () => {
    const draft = draftOf(['push-up', '3x8 r60', 'strength']);
    const [best] = answersTo(context, draft, 'risk-hamstring', order, 1);
    if (!best) throw new Error('nothing answers');
    const covered = (d: Draft) =>
      planOf(context, d).prevention.find((c) => c.action === 'risk-hamstring')?.covered ?? 0;
    expect(covered(add(draft, best.block, best.choice, order))).toBeGreaterThan(covered(draft));
  });

  it('is nothing for a need that is not there', () => {
    expect(answersTo(context, draftOf(), 'flying', order, 5)).toEqual([]);
  });
});

describe('the margins of the weave', () => {
  const draft = draftOf(
    ['split-squat', '3x8/side r60', 'strength'],
    ['push-up', '4x8 r60', 'strength'],
    ['nordic-lowering', '2x5 r60', 'prevention'],
  );

  it('count opposites, sides and planes of the main work', () => {
    const { opposites, sides, planes: sets } = balanceOf(contextOf(plainBrief()), draft);
    expect(opposites.find((o) => o.id === 'push-pull')).toMatchObject({ sets: [4, 0], fine: false });
    expect(opposites.find((o) => o.id === 'front-back-thigh')).toMatchObject({ sets: [3, 2], fine: true });
    expect(sides.session).toEqual({ left: 0.5, right: 0.5 });
    expect(sets.sagittal).toBe(9);
    expect(Object.keys(sets)).toEqual([...planes]);
  });

  it('show a side that is left out, and the side the sport uses more', () => {
    const oneSided = draftOf(['split-squat', '3x8 r60', 'strength']);
    const athlete = { ...plainBrief().athlete, dominantSide: 'left' as const };
    const { sides } = balanceOf(contextOf(plainBrief({ athlete })), oneSided);
    expect(sides.session).toEqual({ left: 1, right: 0 });
    expect(sides.sport.left + sides.sport.right).toBeCloseTo(1, 9);
    // A handball back throws with the dominant arm more than it takes off from the other leg.
    expect(sides.sport.left).toBeGreaterThan(0.5);
  });
});

describe('a plan', () => {
  const context = contextOf(plainBrief());

  it('keeps what serves and what guards apart, each need given out to 1', () => {
    const plan = planOf(
      context,
      draftOf(['split-squat', '3x8/side r60', 'strength'], ['nordic-lowering', '2x5 r60', 'prevention']),
    );
    const items = plan.blocks.flatMap((b) => b.items);
    const given = (need: string) =>
      items.reduce((s, i) => s + ((i.guards ?? []).find((g) => g.need === need)?.share ?? 0), 0);
    for (const { action, covered } of plan.prevention) expect(given(action)).toBeCloseTo(covered > 0 ? 1 : 0, 1);
    for (const item of items) {
      expect(item.serves.every((s) => !s.action.startsWith('risk-'))).toBe(true);
      expect((item.guards ?? []).every((g) => /^(risk|opposite)-/.test(g.need))).toBe(true);
    }
  });

  it('tells the athlete what each item is for', () => {
    const words = (block: 'power' | 'prevention' | 'strength', variant: string) =>
      planOf(context, {
        groups: [{ ...(draftOf([variant, '2x6 r60', 'strength']).groups[0] as Draft['groups'][0]), block }],
      }).blocks[0]?.items[0]?.for;
    expect(words('power', 'countermovement-jump')).toBe('for jump shot take-off');
    expect(words('prevention', 'nordic-lowering')).toMatch(/^protects the (knee|hamstring)$/);
    expect(words('strength', 'side-lunge')).toBe('for side cut and feint');
  });

  it('of every sport and role says of every item which movement it is for, or what it guards or prepares', async () => {
    for (const sport of ['rowing', 'climbing', 'dance']) {
      const role = sportById(sport)?.roles[0]?.id as string;
      const brief = plainBrief({ sport: { id: sport, role } });
      const plan = planOf(contextOf(brief), await composed(brief));
      for (const item of plan.blocks.flatMap((b) => b.items)) expect(item.for, item.variant).toMatch(/\w{3}/);
      const main = plan.blocks.filter((b) => b.kind === 'strength').flatMap((b) => b.items);
      const named = main.filter((item) => /^(for|protects) /.test(item.for ?? ''));
      expect(named.length).toBeGreaterThanOrEqual(main.length / 2);
    }
  });

  it('says what is asked much and hardly covered', () => {
    const plan = planOf(context, draftOf(['calf-raise', '3x12 r45', 'strength']));
    const check = plan.checks.find((c) => c.id === 'coverage');
    expect(check).toMatchObject({ status: 'warn' });
    expect(check?.text).toMatch(/^Little for: .*throw/);
    expect(check?.text).toContain('protecting the knee');
  });
});
