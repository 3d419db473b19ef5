import { describe, expect, it } from 'vitest';
import { playedContext, playedDraft, playedPlan } from '../../../test/played';
import type { Plan } from '../plan/plan-types';
import { stationsOf } from './hall';
import { otherWays } from './other-ways';

const plan = playedPlan();
const easier = otherWays(playedContext(), playedDraft)['push-up']?.easier as Plan['blocks'][0]['items'][0];
const withEasier: Plan = {
  ...plan,
  blocks: plan.blocks.map((block) => ({
    ...block,
    items: block.items.map((item) => (item.variant === 'push-up' ? easier : item)),
  })),
};
const of = (athlete: string, own: Plan = plan) => ({ athlete, plan: own });

describe('stations of a hall', () => {
  it('are the exercises of the squad in their order, each one with everybody who has it', () => {
    const stations = stationsOf([of('Tove'), of('Ines'), of('Mira', withEasier)]);
    expect(stations.map(({ variant }) => variant)).toEqual([
      'march-on-the-spot',
      'push-up',
      'split-squat',
      'side-plank',
    ]);
    for (const { athletes } of stations)
      expect(athletes.map(({ athlete }) => athlete)).toEqual(['Ines', 'Mira', 'Tove']);
  });

  it('show what most do, and say whose way is another', () => {
    const [, pushUps] = stationsOf([of('Tove'), of('Ines'), of('Mira', withEasier)]);
    expect(pushUps?.name).toBe('Push-up');
    expect(pushUps?.athletes.map(({ otherwise }) => otherwise)).toEqual([undefined, easier.name, undefined]);
    expect(pushUps?.athletes[0]?.amount).toBe('2 × 4');
  });

  it('leave nobody out who does something that nobody else does', () => {
    const alone = { ...plan, blocks: plan.blocks.slice(2) };
    const all = stationsOf([of('Tove', alone), of('Ines', { ...plan, blocks: plan.blocks.slice(0, 2) })]);
    expect(all.flatMap(({ athletes }) => athletes)).toHaveLength(4);
    expect(stationsOf([])).toEqual([]);
  });
});
