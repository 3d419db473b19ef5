import type { DecisionMove } from './decision-case';

/** What a coach decides on an item: more, the same, less, or not at all. */
export const decidedMoves = ['up', 'same', 'down', 'stop'] as const;
export type Move = (typeof decidedMoves)[number];

/** What is proposed for an item next time. */
export interface Proposal {
  move: Move;
  /** What changes. */
  how: string;
  /** What changes, and why. */
  rule: string;
  /** The rule that led to it, by name. */
  by: string;
  /** A clinician looks first. */
  refer?: boolean;
}

/** What a coach presses for what the rules decide: a clinician's look begins with stopping. */
export const pressed: Readonly<Record<DecisionMove, Move>> = {
  progress: 'up',
  hold: 'same',
  regress: 'down',
  stop: 'stop',
  refer: 'stop',
};

/** What the rules call what a coach presses. */
export const moveOf = { up: 'progress', same: 'hold', down: 'regress', stop: 'stop' } as const satisfies Record<
  Move,
  DecisionMove
>;
