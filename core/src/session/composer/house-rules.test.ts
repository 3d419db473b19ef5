import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { sportById } from '../../sport/sports';
import type { Brief } from '../brief/brief';
import {
  defaultHouseRules,
  type HouseRules,
  houseRuleChoices,
  houseRuleQuestions,
  houseRuleReasons,
} from '../brief/house-rules';
import { contextOf } from '../context/context';
import { planOf } from '../plan/plan';
import type { Plan } from '../plan/plan-types';
import { begin, composedOf } from './compose';

const kit: Brief['kit'] = {
  ...plainBrief().kit,
  items: [...plainBrief().kit.items, { kind: 'band-long', level: 'medium' }, { kind: 'band-loop', level: 'light' }],
  anchors: ['door-low', 'door-mid', 'feet'],
};

async function planWith(rules: Partial<HouseRules>, changes: Partial<Brief> = {}): Promise<Plan> {
  const brief = plainBrief({ kit, houseRules: { ...defaultHouseRules, ...rules }, ...changes });
  const begun = begin(brief, await solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  return planOf(begun.context, composedOf(begun).draft);
}

const items = (plan: Plan) => plan.blocks.flatMap((b) => b.items);
const wording = (plan: Plan) => [...items(plan).flatMap((i) => i.cues), ...(plan.notes ?? [])].join(' | ');

/** Everything that the athlete gets. */
const given = (plan: Plan) =>
  JSON.stringify([
    plan.notes,
    plan.blocks.map((b) => [
      b.kind,
      b.format,
      b.rounds,
      b.items.map((i) => [i.variant, i.sets, i.reps, i.workSeconds, i.tempo, i.cues, i.intensity?.reserve]),
    ]),
  ]);

describe('house rules', () => {
  const rules = Object.keys(houseRuleChoices) as (keyof HouseRules)[];

  it.each(rules)('%s asks a question, and each answer has its reason', (rule) => {
    expect(houseRuleQuestions[rule].length).toBeGreaterThan(4);
    const reasons: Record<string, string> = houseRuleReasons[rule];
    for (const choice of houseRuleChoices[rule]) expect(reasons[choice]).toMatch(/^[A-Z].*\.$/);
  });

  const skiing = { sport: { id: 'nordic-skiing', role: 'classic' }, sessionType: 'upper-body' as const };
  const squatting = { lock: { include: ['squat'], exclude: [] } };
  // Briefs in which there is something that the rule speaks of.
  const where: Partial<Record<keyof HouseRules, readonly Partial<Brief>[]>> = {
    explosive: [{ aim: 'power', minutes: 40 }],
    armWork: [30, 45, 60].flatMap((minutes) => [
      { ...skiing, minutes },
      { sessionType: 'upper-body', minutes },
    ]),
    lightLoads: [{ aim: 'strength' }],
    correspondence: ['alpine-skiing', 'handball', 'rowing', 'football'].map((id) => ({
      sport: { id, role: sportById(id)?.roles[0]?.id as string },
      minutes: 45,
    })),
    secondSide: [{ athlete: { ...plainBrief().athlete, dominantSide: 'right' } }],
    squatDepth: [squatting],
    squatFeet: [squatting],
    stretching: [30, 45, 60].map((minutes) => ({
      minutes,
      athlete: { ...plainBrief().athlete, readiness: { tight: true } },
    })),
  };

  it.each(
    rules.flatMap((rule) =>
      houseRuleChoices[rule].filter((c) => c !== defaultHouseRules[rule]).map((choice) => [rule, choice] as const),
    ),
  )('%s: %s changes the plan or its wording', async (rule, choice) => {
    let changed = false;
    for (const brief of where[rule] ?? [{}]) {
      const usual = given(await planWith({}, brief));
      changed ||= given(await planWith({ [rule]: choice }, brief)) !== usual;
      if (changed) break;
    }
    expect(changed).toBe(true);
  });

  it('by time leaves no repetition', async () => {
    const plan = await planWith({ doseBy: 'time' });
    expect(items(plan).filter((i) => i.reps !== undefined || i.contacts !== undefined)).toEqual([]);
  });

  it('by reserve says for every counted item of strength where to stop', async () => {
    const plan = await planWith({ doseBy: 'reserve' });
    const counted = plan.blocks
      .filter((b) => b.kind === 'strength')
      .flatMap((b) => b.items.filter((i) => i.reps && !i.tempo?.includes('X')));
    expect(counted.length).toBeGreaterThan(0);
    for (const item of counted) expect(item.intensity?.reserve, item.name).toBeDefined();
  });

  it('circuits gives circuits, timed gives the clock', async () => {
    expect((await planWith({ format: 'circuits' })).blocks.map((b) => b.format)).toContain('circuits');
    const timed = await planWith({ format: 'timed' });
    expect(timed.blocks.map((b) => b.format)).toContain('timed');
  });

  it('the weaker side is named', async () => {
    const athlete = { ...plainBrief().athlete, dominantSide: 'right' as const };
    expect(wording(await planWith({ secondSide: 'weaker-first' }, { athlete }))).toContain('Start with the left side');
  });

  it('without arm work no elbow is bent or straightened alone', async () => {
    const plan = await planWith({ armWork: 'leave-out' }, { ...skiing, minutes: 60 });
    expect(items(plan).filter((i) => i.pattern === 'elbow-flexion' || i.pattern === 'elbow-extension')).toEqual([]);
  });

  it('what an older brief does not say follows the usual rule', () => {
    const { away: _, ...older } = defaultHouseRules;
    expect(contextOf(plainBrief({ houseRules: older as HouseRules })).brief.houseRules.away).toBe('hold');
  });
});
