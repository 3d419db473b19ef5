/** What a coach decides on an item: more, the same, less, or not at all. */
export type Move = 'up' | 'same' | 'down' | 'stop';

/** What is proposed for an item next time. */
export interface Proposal {
  move: Move;
  /** What changes, and why. */
  rule: string;
  /** The rule that led to it, by name. */
  by: string;
  /** A clinician looks first. */
  refer?: boolean;
}
