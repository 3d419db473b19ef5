import {
  type Joint,
  type JointAction,
  jointAction,
  type Pattern,
  type Plane,
  type Position,
  type Regime,
  type Region,
  type Speed,
  type WrittenJointAction,
} from '../exercise/model/vocabulary';
import type { SignatureRow } from './signature/row';

/** Where in its travel a joint works hardest: muscle long and joint closed up, halfway, or near the end of the movement. */
export const forceRegions = ['deep', 'middle', 'end'] as const;
export type ForceRegion = (typeof forceRegions)[number];

/** How far the joints travel: a twitch, half of what they can, all of it. */
export const amplitudes = ['short', 'half', 'full'] as const;
export type Amplitude = (typeof amplitudes)[number];

/** Which way the force goes, seen from the body: along it from feet to head, through it from front to back, to the side, or round it. */
export const forceAxes = ['along', 'front-back', 'sideways', 'turning'] as const;
export type ForceAxis = (typeof forceAxes)[number];

/** Which side does it: both together, each in its turn, always the throwing or kicking side, always the other. */
export const actionSides = ['both', 'either', 'dominant', 'other'] as const;
export type ActionSide = (typeof actionSides)[number];

/** How the energy is asked for, in broad strokes: once and all of it, again and again, or without a break. */
export const energies = ['burst', 'repeated', 'sustained'] as const;
export type Energy = (typeof energies)[number];

export interface Role {
  id: string;
  name: string;
}

export interface SportJoint extends JointAction {
  at: ForceRegion;
}

/** How often a role does something and how much hangs on it when it does, each 0 to 5. */
export interface Importance {
  often: number;
  decisive: number;
}

export const maxImportance = 5;

/** A movement of the sport and how much each role asks for it. */
export interface SportAction {
  id: string;
  name: string;
  /** Two or three words that fit over a column. */
  short: string;
  /** The part of the movement that is meant, from what to what. */
  phase: string;
  jointActions: readonly SportJoint[];
  speed: Speed;
  amplitude: Amplitude;
  planes: readonly Plane[];
  force: readonly ForceAxis[];
  position: Position;
  side: ActionSide;
  energy: Energy;
  asked: Readonly<Record<string, Importance>>;
}

/** One kind of work that answers a risk or an overuse; under another regime than the named one it is worth less. */
export interface Answer {
  pattern: Pattern;
  worth: number;
  regime?: Regime;
}

/** A place the sport injures, why, and which patterns answer it. */
export interface RiskSite {
  region: Region;
  why: string;
  answers: readonly Answer[];
  /** 1 to 5: how often and how badly. */
  weight: number;
  source: string;
}

/** What the sport does too much of, and what answers it. */
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
  /** What a coach of the sport gives over a week; that of the shipped sport of this id when left out. */
  signature?: readonly SignatureRow[];
  /** How the two sides of the body are used. */
  sides: string;
  /** When strength goes in relation to the sport's own training. */
  habits: readonly string[];
  sources: readonly string[];
}

/** A joint action of a data file: `knee extension stretch-shortening deep`; in the middle when nothing is said. */
export type WrittenSportJoint = WrittenJointAction | `${WrittenJointAction} ${ForceRegion}`;

/** How often and how decisive, by role; `all` stands for every role that is not named. */
type WrittenImportance = Readonly<Record<string, readonly [often: number, decisive: number]>>;

interface WrittenAction extends Omit<SportAction, 'jointActions' | 'asked' | 'side'> {
  jointActions: readonly WrittenSportJoint[];
  side?: ActionSide;
  asked: WrittenImportance;
}

export interface WrittenProfile extends Omit<SportProfile, 'actions' | 'sources'> {
  actions: readonly WrittenAction[];
  sources?: readonly string[];
}

function readJoint(text: WrittenSportJoint): SportJoint {
  const [joint, action, regime, at = 'middle'] = text.split(' ');
  return { ...jointAction(`${joint} ${action} ${regime}` as WrittenJointAction), at: at as ForceRegion };
}

function readAsked(where: string, roles: readonly Role[], written: WrittenImportance): Record<string, Importance> {
  const asked: Record<string, Importance> = {};
  const known = new Set(roles.map((r) => r.id));
  for (const named of Object.keys(written))
    if (named !== 'all' && !known.has(named))
      throw new Error(`${where}: asked names the role "${named}", which is not in roles`);
  for (const { id } of roles) {
    const [often, decisive] = written[id] ?? written.all ?? [0, 0];
    if (often > 0 && decisive > 0) asked[id] = { often, decisive };
  }
  return asked;
}

/** Reads a profile as its data file writes it. Throws when an action names a role that is not there. */
export function sportProfile(written: WrittenProfile): SportProfile {
  return {
    sources: ['how often and how decisive, by role: common practice, no source'],
    ...written,
    actions: written.actions.map((action) => ({
      side: 'either',
      ...action,
      jointActions: action.jointActions.map(readJoint),
      asked: readAsked(`${written.id}/${action.id}`, written.roles, action.asked),
    })),
  };
}

/**
 * What an importance weighs: the geometric mean, so that rare but decisive stands beside frequent but harmless, and never done counts nothing.
 * Range 0 to 5. Common practice, no source.
 *
 * @example weightOf({ often: 1, decisive: 4 }) // 2
 */
function weightOf({ often, decisive }: Importance): number {
  return Math.sqrt(often * decisive);
}

/** Whether any of these movements asks anything of a role. */
export function asksAnything(actions: readonly SportAction[], role: string): boolean {
  return actions.some(({ asked }) => {
    const importance = asked[role];
    return importance ? importance.often * importance.decisive > 0 : false;
  });
}

export interface AskedAction {
  action: SportAction;
  /** Share of everything this role asks; shares sum to 1. */
  asked: number;
}

/**
 * What a role asks of its player, biggest share first. An unknown role throws a RangeError naming the known ones.
 *
 * @example askedOf(handball, 'goalkeeper')[0].action.id // 'goal-save'
 */
export function askedOf(profile: SportProfile, roleId: string): AskedAction[] {
  if (!profile.roles.some((r) => r.id === roleId)) {
    throw new RangeError(`role "${roleId}" is not one of ${profile.roles.map((r) => r.id).join(', ')}`);
  }
  const weights = profile.actions.map((action) => {
    const importance = action.asked[roleId];
    return { action, weight: importance ? weightOf(importance) : 0 };
  });
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
