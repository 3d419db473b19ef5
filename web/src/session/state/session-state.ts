import { printDose } from '@tropaeum/core/dose/notation';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Infeasibility, RelaxedRule } from '@tropaeum/core/session/composer/relaxed-rules';
import type { Difference } from '@tropaeum/core/session/draft/difference';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import type { ItemPlace } from '@tropaeum/core/session/editing/edit';
import type { SessionType } from '@tropaeum/core/session-type/session-type';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { type History, noHistory } from '../../saving/history';

/** The page of the desk that a session is: an athlete on a day. */
export const pageOf = ({ athleteId, brief }: { athleteId: string; brief: Brief }): string =>
  `${athleteId}|${brief.date}`;

/** What undo goes back to. */
export interface Snapshot {
  brief: Brief;
  draft: Draft | undefined;
  /** The proven bound for this brief, while it holds. */
  bound: number | undefined;
}

export interface Stored {
  id: string;
  revision: number;
  status: 'draft' | 'sent' | 'done';
}

export interface SessionState extends Snapshot, History<Snapshot> {
  athleteId: string;
  stored: Stored | undefined;
  selected: ItemPlace | undefined;
  refused: Infeasibility | undefined;
  composing: AbortController | undefined;
  /** A better session and a closer proof are still looked for. */
  proving: AbortController | undefined;
  problem: string | undefined;
  /** What composing anew has changed, until the coach has seen it. */
  changed: Difference | undefined;
  /** What came of adding an exercise, when nothing was added. */
  said: string;
  /** Counts changes; autosave follows it. */
  changes: number;
  open: (athleteId: string, brief: Brief, stored?: Stored & { draft: Draft }) => void;
  changeBrief: (change: Partial<Brief> | ((brief: Brief) => Brief)) => void;
  /** Another type of session: what is written is composed anew for it, in one step that can be taken back. */
  retype: (type: SessionType | undefined) => Promise<void>;
  /** The sport as the club has it by now, in this page and in all that can be undone: no step of its own. */
  adoptSport: (profile: SportProfile | undefined) => void;
  edit: (change: (draft: Draft) => Draft) => void;
  /** Takes over a brief and a session that was made elsewhere. */
  adopt: (brief: Brief, draft: Draft) => void;
  /** Adds an exercise that the coach names to the session, or begins one with it; says why when it cannot be done. With a dose it is pinned. */
  addNamed: (variantId: string, dose?: string) => Promise<void>;
  say: (words: string) => void;
  select: (at: ItemPlace | undefined) => void;
  undo: () => void;
  redo: () => void;
  compose: () => Promise<void>;
  stop: () => void;
  forgetChanged: () => void;
  /** Takes an item out and never chooses it again for this session. */
  leaveOut: (at: ItemPlace) => void;
  /** Lets some things give, as a refusal offers, and composes. */
  letGive: (gives: readonly RelaxedRule[]) => Promise<void>;
  saved: (stored: Stored) => void;
}

export const snapshot = ({ brief, draft, bound }: Snapshot): Snapshot => ({ brief, draft, bound });

/** Rest after a set that was done in turn and may be done alone now, seconds. */
const restApart = 45;

/** Pins and the doses typed on pinned items go into the brief, so that composing holds to them. */
export function withPins(brief: Brief, draft: Draft | undefined): Brief {
  const pinned = (draft?.groups ?? []).flatMap(({ format, choices }) =>
    choices.filter((c) => c.pinned).map((choice) => ({ choice, alone: format === 'straight' })),
  );
  return {
    ...brief,
    lock: {
      ...brief.lock,
      include: pinned.map(({ choice }) => choice.variant),
      // The rest of one done in turn is that of the group; alone it is as the coach has typed it.
      doses: Object.fromEntries(
        pinned.map(({ choice: { variant, dose }, alone }) => [
          variant,
          printDose({ ...dose, restSeconds: alone ? dose.restSeconds : Math.max(dose.restSeconds, restApart) }),
        ]),
      ),
    },
  };
}

/** A brief with another profile of its sport; the shipped one where none is given. */
export function withProfile(brief: Brief, profile: SportProfile | undefined): Brief {
  const { profile: _, ...sport } = brief.sport;
  return { ...brief, sport: { ...sport, ...(profile ? { profile } : {}) } };
}

export const emptyBrief = {} as Brief;

/** A session on which nothing has been done yet. */
export const untouched = {
  draft: undefined,
  bound: undefined,
  stored: undefined,
  ...noHistory(),
  selected: undefined,
  refused: undefined,
  composing: undefined,
  proving: undefined,
  problem: undefined,
  said: '',
  changed: undefined,
  changes: 0,
};
