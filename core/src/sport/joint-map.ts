import type { Joint, Motion, Regime } from '../exercise/model/vocabulary';
import { askedOf, type SportAction, type SportProfile } from './profile';
import { leadingShares } from './transfer';

/** One way of one joint over all movements, and how its muscles work there. */
export interface JointDemand {
  joint: Joint;
  action: Motion;
  /** Share of everything asked, 0 to 1. */
  share: number;
  /** The same by regime; together they are the share. */
  byRegime: Readonly<Partial<Record<Regime, number>>>;
  /** Movements that ask for it, the one that asks most first. */
  from: readonly { action: SportAction; share: number }[];
}

interface Asked {
  action: SportAction;
  asked: number;
}

/** What a set of movements asks of the joints, most asked first; the shares sum to 1. */
function gathered(movements: readonly Asked[]): JointDemand[] {
  const found = new Map<string, { demand: JointDemand; from: Map<SportAction, number> }>();
  for (const { action, asked } of movements) {
    const shares = leadingShares(action.jointActions.length);
    action.jointActions.forEach(({ joint, action: motion, regime }, i) => {
      const share = asked * (shares[i] as number);
      const key = `${joint} ${motion}`;
      const known = found.get(key) ?? {
        demand: { joint, action: motion, share: 0, byRegime: {}, from: [] },
        from: new Map<SportAction, number>(),
      };
      known.from.set(action, (known.from.get(action) ?? 0) + share);
      known.demand = {
        ...known.demand,
        share: known.demand.share + share,
        byRegime: { ...known.demand.byRegime, [regime]: (known.demand.byRegime[regime] ?? 0) + share },
      };
      found.set(key, known);
    });
  }
  return [...found.values()]
    .map(({ demand, from }) => ({
      ...demand,
      from: [...from].map(([action, share]) => ({ action, share })).sort((a, b) => b.share - a.share),
    }))
    .sort((a, b) => b.share - a.share);
}

/**
 * What a role asks of the joints, most asked first; the shares sum to 1. Throws a RangeError for an unknown role.
 *
 * @example jointMap(handball, 'wing')[0] // { joint: 'knee', action: 'extension', share: 0.2, ... }
 */
export function jointMap(profile: SportProfile, role: string): JointDemand[] {
  return gathered(askedOf(profile, role));
}

/** The same for one movement alone. */
export function jointMapOf(action: SportAction): JointDemand[] {
  return gathered([{ action, asked: 1 }]);
}

/** One way of one joint in two roles or sports, side by side. */
export interface Compared {
  joint: Joint;
  action: Motion;
  left: JointDemand | undefined;
  right: JointDemand | undefined;
}

/**
 * Two maps side by side, what differs most first.
 *
 * @example compared(jointMap(handball, 'wing'), jointMap(handball, 'goalkeeper'))[0].joint // 'hip'
 */
export function compared(left: readonly JointDemand[], right: readonly JointDemand[]): Compared[] {
  const key = (d: JointDemand) => `${d.joint} ${d.action}`;
  const [a, b] = [new Map(left.map((d) => [key(d), d])), new Map(right.map((d) => [key(d), d]))];
  return [...new Set([...a.keys(), ...b.keys()])]
    .map((id): Compared => {
      const [joint, action] = id.split(' ') as [Joint, Motion];
      return { joint, action, left: a.get(id), right: b.get(id) };
    })
    .sort((x, y) => difference(y) - difference(x));
}

const difference = ({ left, right }: Compared) => Math.abs((left?.share ?? 0) - (right?.share ?? 0));

/** How alike two maps are, 0 to 1: the share that both ask for. @example overlap([]) // 0 */
export function overlap(rows: readonly Compared[]): number {
  return rows.reduce((sum, { left, right }) => sum + Math.min(left?.share ?? 0, right?.share ?? 0), 0);
}
