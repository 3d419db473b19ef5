import { parseDose } from '@tropaeum/core/dose/notation';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Composed, Proof } from '@tropaeum/core/session/composer/compose';
import { given } from '@tropaeum/core/session/composer/relaxed-rules';
import { blockOrder } from '@tropaeum/core/session/context/block-bounds';
import { differenceOf } from '@tropaeum/core/session/draft/difference';
import { add, choiceAt, remove } from '@tropaeum/core/session/editing/edit';
import { create } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { type History, redone, remembered, undone } from '../../saving/history';
import { additionInWorker, composeInWorker, prepare, proveInWorker } from '../../workers/composing';
import {
  emptyBrief,
  type SessionState,
  type Snapshot,
  snapshot,
  untouched,
  withPins,
  withProfile,
} from './session-state';

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
