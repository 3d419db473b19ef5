import type {
  Joint,
  JointAction,
  Pattern,
  Plane,
  Position,
  Region,
  Speed,
  WrittenJointAction,
} from '../exercise/vocabulary';
import { jointAction } from '../exercise/vocabulary';

export interface Role {
  id: string;
  name: string;
}

/** A movement of the sport and how much each role asks for it. */
export interface SportAction {
  id: string;
  name: string;
  /** Two or three words that fit over a column. */
  short: string;
  jointActions: readonly JointAction[];
  speed: Speed;
  planes: readonly Plane[];
  position: Position;
  /** Importance by role, any scale; shares are taken over one role's actions. */
  asked: Readonly<Record<string, number>>;
}

/** A place the sport injures, why, and which patterns answer it. */
export interface RiskSite {
  region: Region;
  why: string;
  answers: readonly { pattern: Pattern; worth: number }[];
  weight: number;
  source: string;
}

export interface Overuse {
  tooMuch: string;
  opposite: string;
  patterns: readonly Pattern[];
}

export interface SportProfile {
  id: string;
  name: string;
  roles: readonly Role[];
  actions: readonly SportAction[];
  riskSites: readonly RiskSite[];
  overuse: readonly Overuse[];
  sources: readonly string[];
}

interface WrittenAction extends Omit<SportAction, 'jointActions'> {
  jointActions: readonly WrittenJointAction[];
}

interface WrittenProfile extends Omit<SportProfile, 'actions'> {
  actions: readonly WrittenAction[];
}

/** Reads a profile as its data file writes it. Throws when an action names a role that is not there. */
export function sportProfile(written: WrittenProfile): SportProfile {
  const roles = new Set(written.roles.map((r) => r.id));
  for (const action of written.actions) {
    for (const role of Object.keys(action.asked)) {
      if (!roles.has(role))
        throw new Error(`${written.id}/${action.id}: asked names the role "${role}", which is not in roles`);
    }
  }
  return { ...written, actions: written.actions.map((a) => ({ ...a, jointActions: a.jointActions.map(jointAction) })) };
}

export interface AskedAction {
  action: SportAction;
  /** Share of everything this role asks; shares sum to 1. */
  asked: number;
}

/**
 * What a role asks of its player, biggest share first. An unknown role throws a RangeError naming the known ones.
 */
export function askedOf(profile: SportProfile, roleId: string): AskedAction[] {
  if (!profile.roles.some((r) => r.id === roleId)) {
    throw new RangeError(`role "${roleId}" is not one of ${profile.roles.map((r) => r.id).join(', ')}`);
  }
  const weights = profile.actions.map((action) => ({ action, weight: action.asked[roleId] ?? 0 }));
  const total = weights.reduce((s, w) => s + w.weight, 0);
  return weights
    .filter((w) => w.weight > 0)
    .map(({ action, weight }) => ({ action, asked: weight / total }))
    .sort((a, b) => b.asked - a.asked);
}

/** How much a role's actions use each joint, shares that sum to 1; decides what a warm-up readies first. */
export function jointUse(profile: SportProfile, roleId: string): Map<Joint, number> {
  const use = new Map<Joint, number>();
  for (const { action, asked } of askedOf(profile, roleId)) {
    for (const { joint } of action.jointActions) {
      use.set(joint, (use.get(joint) ?? 0) + asked / action.jointActions.length);
    }
  }
  return use;
}
