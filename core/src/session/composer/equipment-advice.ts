import type { Kit, KitItem } from '../../kit/kit';
import type { Brief } from '../brief/brief';
import { contextOf } from '../context/context';
import { choicesOf } from '../draft/draft';
import type { Solver } from '../search/solver';
import { compose } from './compose';

/** Something that could be bought: what it is called, and what it adds to a kit. */
interface Thing {
  name: string;
  items: readonly KitItem[];
  anchors?: Kit['anchors'];
}

/** Small things that a home can hold, one size each; common practice, no source. */
const things: readonly Thing[] = [
  {
    name: 'long band with a door anchor',
    items: [{ kind: 'band-long', level: 'medium' }],
    anchors: ['door-low', 'door-mid', 'door-high'],
  },
  { name: 'loop band', items: [{ kind: 'band-loop', level: 'medium' }] },
  { name: 'two dumbbells of 10 kg', items: [{ kind: 'dumbbell', massKg: 10, count: 2 }] },
  { name: 'kettlebell of 16 kg', items: [{ kind: 'kettlebell', massKg: 16 }] },
  { name: 'pull-up bar for the door frame', items: [{ kind: 'pull-up-bar' }] },
  { name: 'wheel for roll-outs', items: [{ kind: 'ab-wheel' }] },
  { name: 'suspension strap with a door anchor', items: [{ kind: 'suspension-strap' }], anchors: ['door-high'] },
  { name: 'exercise ball', items: [{ kind: 'exercise-ball' }] },
  { name: 'medicine ball of 3 kg', items: [{ kind: 'medicine-ball', massKg: 3 }] },
  { name: 'unstable pad', items: [{ kind: 'unstable-pad' }] },
  { name: 'step', items: [{ kind: 'step' }] },
];

/** What a thing would add to the best session of this athlete. */
export interface Purchase {
  name: string;
  /** Growth of what the best session is worth, share of now. */
  gain: number;
  /** Exercises of that session that cannot be done without it. */
  opens: readonly string[];
}

/** How far each composing looks: many are weighed. */
const closely = { gap: 0.02, mostNodes: 10 };
/** Smaller gains are lost in how close the composer comes, share. */
const noticeable = 0.01;

const withThing = (kit: Kit, { items, anchors = [] }: Thing): Kit => ({
  ...kit,
  items: [...kit.items, ...items],
  anchors: [...new Set([...kit.anchors, ...anchors])],
});

/** Whether something of the kind is there already, at least as heavy. */
const owned = (kit: Kit, { items }: Thing): boolean =>
  items.every((wanted) =>
    kit.items.some((has) => has.kind === wanted.kind && (has.massKg ?? 0) >= (wanted.massKg ?? 0)),
  );

/**
 * What to buy first: for each thing that is not there, by how much the best session for what the sport asks of this athlete would be worth
 * more with it. Best first, nothing under one per cent. Empty when no session can be composed. Takes one composing a thing.
 *
 * @example equipmentAdvice(plainBrief(), solver).length > 0 // true
 */
export function equipmentAdvice(brief: Brief, solver: Solver, most = 5): Purchase[] {
  const now = compose(brief, solver, closely);
  if ('refused' in now) return [];
  const { feasible } = contextOf(brief);
  return things
    .filter((thing) => !owned(brief.kit, thing))
    .flatMap((thing): Purchase[] => {
      const kit = withThing(brief.kit, thing);
      const better = compose({ ...brief, kit }, solver, closely);
      if ('refused' in better) return [];
      const opens = choicesOf(better.draft).flatMap(({ variant }) => {
        const known = feasible.get(variant);
        return known && known.reasons.length > 0 ? [known.variant.name] : [];
      });
      const gain = (better.proof.objective - now.proof.objective) / Math.max(now.proof.objective, 1e-9);
      return gain >= noticeable ? [{ name: thing.name, gain, opens }] : [];
    })
    .sort((a, b) => b.gain - a.gain)
    .slice(0, most);
}
