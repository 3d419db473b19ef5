import type { Dose } from '../../dose/dose';
import type { BlockKind } from '../../exercise/model/vocabulary';

/** A lighter set before the first heavy one. */
export interface Ramp {
  reps: number;
  /** Left out: without any load. */
  kg?: number;
}

/** One chosen item: what the coach can pin, dose and swap. */
export interface Choice {
  variant: string;
  dose: Dose;
  /** Carried load; left out for bodyweight work. */
  load?: { kg?: number; with: string };
  pinned: boolean;
  /** A lighter set before the first; its seconds are with those of setting up. */
  ramp?: Ramp;
  /** Seconds for fetching and fixing what it needs, beyond getting into place. */
  setUpSeconds?: number;
  /** What the coach adds for the athlete. */
  note?: string;
}

export type GroupFormat = 'straight' | 'pairs' | 'rounds' | 'circuits' | 'timed';

/** Items done together: one alone, a pair in turn, a circuit. */
export interface Group {
  block: BlockKind;
  format: GroupFormat;
  /** Rest after every round; 0 where items rest on their own. */
  roundRestSeconds: number;
  choices: readonly Choice[];
}

/** A session as the coach edits it; everything else is worked out from it. */
export interface Draft {
  groups: readonly Group[];
}

/** All items of a draft in order. */
export function choicesOf(draft: Draft): Choice[] {
  return draft.groups.flatMap((group) => group.choices);
}

/** How often the round of a group is repeated. */
export function roundsOf(group: Group): number {
  return group.format === 'straight' ? 1 : Math.max(...group.choices.map((c) => c.dose.sets));
}
