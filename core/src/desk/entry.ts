import type { Restriction } from '../limits/restriction';
import type { Move } from '../progress/proposal';

/** What the desk lists, most urgent first. */
export const deskKinds = [
  'refer',
  'pain-stop',
  'pain-rising',
  'pain',
  'unwell',
  'changed',
  'effort',
  'missed',
  'restriction',
  'fixture',
  'silent',
  'proposals',
  'test',
  'link',
] as const;
export type DeskKind = (typeof deskKinds)[number];

/** A short course of figures, the oldest first; null where nobody said. */
export interface Trend {
  values: readonly (number | null)[];
  of: string;
  /** Above it is too much. */
  limit?: number;
}

/** One thing that wants the coach. */
export interface DeskEntry {
  /** The same while it rests on the same; something new has another. */
  key: string;
  kind: DeskKind;
  athlete: string;
  name: string;
  headline: string;
  /** Two lines at most. */
  evidence: readonly string[];
  trend?: Trend;
  /** What is proposed. */
  proposal: string;
  /** Name in the book of rules. */
  rule: string;
  /** The session that it is about. */
  session?: string;
  /** What accepting decides; none where accepting says that it has been seen to. */
  decisions: readonly { variant: string; name: string; decided: Move; how: string }[];
  /** Nothing in it can hurt: it may be accepted with others at once. */
  safe: boolean;
  /** The part whose release accepting asks a physio for. */
  release?: Pick<Restriction, 'region' | 'side'>;
  /** What might be written to the athlete. */
  message: string;
  /** Days after which it comes again though it was seen to; left out where only something new brings it back. */
  againAfter?: number;
  /** Where it is looked at in full. */
  place: 'review' | 'session' | 'season' | 'ability';
}
