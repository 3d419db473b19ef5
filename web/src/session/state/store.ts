import { parseDose, printDose } from '@tropaeum/core/dose/notation';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Composed, Proof } from '@tropaeum/core/session/composer/compose';
import { given, type Infeasibility, type RelaxedRule } from '@tropaeum/core/session/composer/infeasibility';
import { blockOrder } from '@tropaeum/core/session/context/block-bounds';
import { type Difference, differenceOf } from '@tropaeum/core/session/draft/difference';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { add, choiceAt, type ItemPlace, remove } from '@tropaeum/core/session/editing/edit';
import type { SessionType } from '@tropaeum/core/session-type/session-type';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { create } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { type History, noHistory, redone, remembered, undone } from '../../saving/history';
import { additionInWorker, composeInWorker, prepare, proveInWorker } from '../../workers/composing';

/** The page of the desk that a session is: an athlete on a day. */
export const pageOf = ({ athleteId, brief }: { athleteId: string; brief: Brief }): string =>
  `${athleteId}|${brief.date}`;

/** What undo goes back to. */
interface Snapshot {
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

interface SessionState extends Snapshot, History<Snapshot> {
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

const snapshot = ({ brief, draft, bound }: Snapshot): Snapshot => ({ brief, draft, bound });

/** Rest after a set that was done in turn and may be done alone now, seconds. */
const restApart = 45;

/** Pins and the doses typed on pinned items go into the brief, so that composing holds to them. */
function withPins(brief: Brief, draft: Draft | undefined): Brief {
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

const emptyBrief = {} as Brief;

/** A session on which nothing has been done yet. */
const untouched = {
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

/** The session being written. It holds what the coach did; plan, checks and reasons are worked out from it. */
export const useSession = create<SessionState>((set, get) => {
  const remember = (next: Partial<Snapshot>) =>
    set((s) => ({
      ...next,
      ...remembered(s, snapshot(s)),
      changes: s.changes + 1,
      problem: undefined,
      changed: undefined,
    }));
  const goTo = ({ to, past, future }: History<Snapshot> & { to: Snapshot }, more: { changed?: undefined } = {}) =>
    set((s) => ({ ...to, ...more, past, future, changes: s.changes + 1, selected: undefined }));
  /** Goes on looking while the coach reads: the bound falls; a better session takes the place of the first one as long as nobody touched it. */
  const lookFurther = async (composedFor: Brief) => {
    get().proving?.abort();
    const controller = new AbortController();
    const { brief } = get();
    let untouchedDraft = get().draft;
    set({ proving: controller });
    try {
      await proveInWorker(composedFor, controller.signal, ({ proof, draft }) => {
        if (get().proving !== controller || get().brief !== brief) return;
        set({ bound: proof.bound });
        if (!draft || get().draft !== untouchedDraft || get().selected) return;
        untouchedDraft = draft;
        const last = get().past.at(-1)?.draft;
        set((s) => ({ draft, changes: s.changes + 1, changed: last && differenceOf(last, draft) }));
      });
    } catch {
      // The session is there and good; only the proof is less close than it might be.
    } finally {
      if (get().proving === controller) set({ proving: undefined });
    }
  };
  /** Composes for the brief as it stands, with what is pinned, and hands over what came of it unless it is no longer wanted or something else is composed by then. */
  const composed = async (take: (composition: Composed) => void, wanted: () => boolean = () => true) => {
    const { brief, draft } = get();
    const controller = new AbortController();
    set({ composing: controller, refused: undefined });
    try {
      const held = withPins(brief, draft);
      const composition = await composeInWorker(held, controller.signal);
      if (get().composing !== controller || !wanted()) return;
      if ('refused' in composition) set({ refused: composition.refused });
      else {
        take(composition);
        set({ changed: draft && differenceOf(draft, composition.draft) });
        void lookFurther(held);
      }
    } catch (error) {
      if ((error as Error).name !== 'AbortError')
        set({ problem: 'Composing failed. The session is unchanged. Try again.' });
    } finally {
      if (get().composing === controller) set({ composing: undefined });
    }
  };
  return {
    athleteId: '',
    brief: emptyBrief,
    ...untouched,

    open(athleteId, brief, stored) {
      get().composing?.abort();
      get().proving?.abort();
      set({
        athleteId,
        brief,
        ...untouched,
        draft: stored?.draft,
        stored: stored && { id: stored.id, revision: stored.revision, status: stored.status },
      });
      // What has been done is not composed again.
      if (stored?.status !== 'done') prepare(withPins(brief, stored?.draft));
    },
    changeBrief(change) {
      get().proving?.abort();
      const { brief } = get();
      remember({ brief: typeof change === 'function' ? change(brief) : { ...brief, ...change }, bound: undefined });
    },
    async retype(type) {
      const { brief: before, draft, composing } = get();
      composing?.abort();
      get().proving?.abort();
      const { sessionType: _, ...rest } = before;
      const brief: Brief = type ? { ...rest, sessionType: type } : rest;
      remember({ brief, bound: undefined });
      if (!draft) return;
      set({ selected: undefined });
      await composed(
        // One step: the type and what was composed for it go back together.
        ({ draft: next, proof }) => set((s) => ({ draft: next, bound: proof.bound, changes: s.changes + 1 })),
        () => get().brief === brief,
      );
    },
    adoptSport(profile) {
      const adopted = <S extends Snapshot>(at: S): S => ({
        ...at,
        brief: withProfile(at.brief, profile),
        bound: undefined,
      });
      set((s) => ({
        ...adopted(snapshot(s)),
        past: s.past.map(adopted),
        future: s.future.map(adopted),
        changes: s.draft ? s.changes + 1 : s.changes,
      }));
    },
    edit(change) {
      const { draft } = get();
      if (!draft) return;
      const next = change(draft);
      if (next !== draft) remember({ draft: next });
    },
    adopt(brief, draft) {
      get().proving?.abort();
      remember({ brief, draft, bound: undefined });
      prepare(withPins(brief, draft));
    },
    async addNamed(variantId, dose) {
      const { brief, draft } = get();
      const answer = await additionInWorker(brief, draft ?? { groups: [] }, variantId);
      if (get().brief !== brief) return;
      if ('reasons' in answer) {
        const name = catalogueOf(brief.own).byId(variantId)?.name ?? variantId;
        set({ said: `${name}: ${answer.reasons.join(' ')}` });
        return;
      }
      // Before anything is composed it is what the rest will be composed around.
      const now = get().draft;
      const typed = dose ? { dose: parseDose(dose) } : {};
      const choice = { ...answer.offered.choice, ...typed, pinned: !now || dose !== undefined };
      remember({ draft: add(now ?? { groups: [] }, answer.block, choice, blockOrder(brief.houseRules.explosive)) });
      set({ said: '' });
    },
    forgetChanged: () => set({ changed: undefined }),
    leaveOut(at) {
      const { brief, draft } = get();
      const variant = draft && choiceAt(draft, at)?.variant;
      if (!variant) return;
      const exclude = [...new Set([...brief.lock.exclude, variant])];
      remember({ brief: { ...brief, lock: { ...brief.lock, exclude } }, draft: remove(draft, at) });
      set({ selected: undefined });
    },
    say: (said) => set({ said }),
    select: (selected) => set({ selected }),
    undo() {
      const step = undone(get(), snapshot(get()));
      if (step) goTo(step, { changed: undefined });
    },
    redo() {
      const step = redone(get(), snapshot(get()));
      if (step) goTo(step);
    },
    async compose() {
      if (get().composing) return;
      set({ problem: undefined });
      await composed(({ draft, proof }) => {
        remember({ draft, bound: proof.bound });
        set({ selected: undefined });
      });
    },
    stop() {
      get().composing?.abort();
      get().proving?.abort();
      set({ composing: undefined, proving: undefined });
    },
    async letGive(gives) {
      const { brief, draft } = get();
      const eased = given(withPins(brief, draft), gives);
      const { doses: _, ...lock } = eased.lock;
      const pins = new Set(lock.include);
      const freed = draft && {
        groups: draft.groups.map((g) => ({
          ...g,
          choices: g.choices.map((c) => (c.pinned && !pins.has(c.variant) ? { ...c, pinned: false } : c)),
        })),
      };
      const { sessionType: _type, ...untyped } = brief;
      const typed = eased.sessionType ? { sessionType: eased.sessionType } : {};
      remember({ brief: { ...untyped, ...typed, minutes: eased.minutes, lock }, draft: freed, bound: undefined });
      set({ refused: undefined });
      await get().compose();
    },
    saved: (stored) => set({ stored }),
  };
});

/** The session but for how far its proof has come, which moves several times a second and is shown in one place only. */
export const useWritten = () => useSession(useShallow(({ bound: _, proving: __, ...written }) => written));

/** How close a draft is to the best, from its worth and the bound; undefined while no bound holds. */
export function proofOf(worth: number, bound: number | undefined): Proof | undefined {
  if (bound === undefined) return undefined;
  const highest = Math.max(bound, worth);
  return { objective: worth, bound: highest, gap: highest > 0 ? (highest - worth) / highest : 0 };
}
