import { describe, expect, it } from 'vitest';
import { catalogueOf } from '../../exercise/catalogue/catalogue';
import type { Slot } from '../squad/slots';
import { progressed } from './repeat-session';

const slot = (variant: string): Slot => ({
  block: 'strength',
  variant,
  name: variant,
  pattern: 'horizontal-push',
  sets: 3,
  fast: false,
  joints: {},
});
const catalogue = catalogueOf();

describe('a session that is done again', () => {
  it('goes a rung up or down its ladder as was decided, stays, or leaves out', () => {
    const slots = ['push-up', 'squat', 'bent-row', 'side-plank'].map(slot);
    const moves = new Map([
      ['push-up', 'up'],
      ['squat', 'down'],
      ['side-plank', 'stop'],
    ] as const);
    const after = progressed(slots, moves, catalogue).map((s) => s.variant);
    expect(after).toEqual([catalogue.byId('push-up')?.harder, catalogue.byId('squat')?.easier ?? 'squat', 'bent-row']);
  });

  it('stays where there is no such rung', () => {
    const top = catalogue.all.find((v) => !v.harder && v.easier)?.id as string;
    expect(progressed([slot(top)], new Map([[top, 'up']]), catalogue)[0]?.variant).toBe(top);
  });
});
