import { dayAfter, daysBetween } from '@tropaeum/core/date/days';
import type { Entry } from '@tropaeum/core/season/calendar/calendar';
import type { ScheduleResult } from '@tropaeum/core/season/plan/schedule-result';
import { entriesOf } from '@tropaeum/core/season/plan/season-case';
import { emptyOwnSeason, emptySeason, type OwnSeason } from '@tropaeum/core/season/plan/season-plan';
import { movesBetween, type ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import { create } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { type History, noHistory, redone, remembered, undone } from '../saving/history';
import { scheduleInWorker } from '../workers/scheduling';
import {
  type ProposedMove,
  planOf,
  requestOf,
  type SeasonState,
  type Snapshot,
  sameLaid,
  scheduledNow,
  snapshot,
} from './season-state';

/** How long something is held over a day before it is worked out what that would change, milliseconds. */
const ponderAfter = 180;

/** The season being planned. It holds what the coach did; sessions are laid from it in a worker. */
export const useSeason = create<SeasonState>((set, get) => {
  let asked = 0;
  let running = false;
  let before: readonly ScheduledSession[] | undefined;
  let pondered: ProposedMove | undefined;

  /** Lays the season anew, one time for all that changes meanwhile; what is given is what moves are told against, and that what comes is kept. */
  const layAnew = async (laidBefore: readonly ScheduledSession[] | undefined) => {
    asked++;
    before = laidBefore;
    set({ laying: true });
    if (running) return;
    running = true;
    try {
      let outlook: ScheduleResult;
      let ask: number;
      do {
        ask = asked;
        outlook = await scheduleInWorker(requestOf(get()));
      } while (ask !== asked);
      const kept = before;
      set({ outlook, laying: false });
      if (!kept) return;
      const { laid } = outlook;
      const { athlete, today } = get();
      const holding = (plan: OwnSeason) => (sameLaid(plan.laid, laid) ? plan : { ...plan, laid });
      set((s) => ({
        moves: movesBetween(kept, laid, today),
        changes: s.changes + 1,
        ...(athlete ? { own: holding(s.own) } : { season: { ...s.season, ...holding(s.season) } }),
      }));
    } catch {
      set({ laying: false, problem: 'Scheduling failed. Change something to try again.' });
    } finally {
      running = false;
    }
  };

  const workOut = async (move: ProposedMove) => {
    const state = get();
    const plan = planOf(state);
    const changed =
      move.what === 'session'
        ? withSessionMoved(plan, scheduledNow(state), move.from, move.to)
        : withEntryMoved(state, move);
    if (!changed) return;
    const then = state.athlete ? { ...state, own: changed } : { ...state, season: { ...state.season, ...changed } };
    const now = scheduledNow(state);
    const outlook = await scheduleInWorker(requestOf(then));
    if (pondered !== move) return;
    const known = new Set(state.outlook?.gaveWay.map(({ words }) => words));
    const moves = movesBetween(now, outlook.laid, state.today).filter(
      (m) => move.what !== 'session' || !('to' in m && m.from === move.from && m.to === move.to),
    );
    const gave = outlook.gaveWay.map(({ words }) => words).filter((words) => !known.has(words));
    set({ consequence: { ...move, moves, gave } });
  };

  const change = (next: Partial<Snapshot>) => {
    const now = scheduledNow(get());
    set((s) => ({
      ...remembered(s, snapshot(s)),
      changes: s.changes + 1,
      problem: undefined,
      moves: [],
      consequence: undefined,
      ...next,
    }));
    void layAnew(now);
  };
  const changePlan = (to: (plan: OwnSeason) => OwnSeason) => {
    const { athlete, season, own } = get();
    if (athlete) change({ own: to(own) });
    else change({ season: { ...season, ...to(season) } });
  };
  const goTo = (step: (History<Snapshot> & { to: Snapshot }) | undefined) => {
    if (!step) return;
    const s = get();
    const { to: back, past, future } = step;
    const now = scheduledNow(s);
    set({
      ...back,
      past,
      future,
      changes: s.changes + 1,
      problem: undefined,
      moves: movesBetween(now, planOf({ ...s, ...back }).laid, s.today),
    });
    void layAnew(undefined);
  };

  return {
    squadId: '',
    sport: '',
    athlete: undefined,
    season: emptySeason,
    own: emptyOwnSeason,
    fromFeeds: [],
    written: [],
    today: '',
    ...noHistory(),
    outlook: undefined,
    laying: false,
    moves: [],
    consequence: undefined,
    problem: undefined,
    changes: 0,

    open(opened) {
      set({
        ...opened,
        ...noHistory(),
        outlook: undefined,
        moves: [],
        problem: undefined,
        changes: 0,
      });
      void layAnew(undefined);
    },
    feedsAre(fromFeeds) {
      const now = scheduledNow(get());
      set({ fromFeeds });
      void layAnew(now);
    },
    changeSeason: (to) => change({ season: to(get().season) }),
    changeOwn: (to) => change({ own: to(get().own) }),
    addEntries: (entries) => changePlan((plan) => ({ ...plan, entries: [...plan.entries, ...entries] })),
    // Moved for an athlete, an entry of the squad becomes the athlete's own and stands in its place.
    putEntry: (entry) =>
      changePlan((plan) => ({ ...plan, entries: [...plan.entries.filter(({ id }) => id !== entry.id), entry] })),
    dropEntry: (id) => changePlan((plan) => ({ ...plan, entries: plan.entries.filter((e) => e.id !== id) })),
    moveSession: (from, to) => changePlan((plan) => withSessionMoved(plan, scheduledNow(get()), from, to)),
    pin: (on, type) =>
      changePlan((plan) => ({
        ...plan,
        pins: [...plan.pins.filter((p) => p.on !== on), ...(type ? [{ on, type }] : [])],
      })),
    ponder(move) {
      pondered = move;
      if (get().consequence) set({ consequence: undefined });
      // What is only carried over a day on the way to another is not worked out.
      if (move) setTimeout(() => pondered === move && void workOut(move), ponderAfter);
    },
    keep() {
      const { outlook } = get();
      if (outlook) changePlan((plan) => ({ ...plan, laid: outlook.laid }));
    },
    undo: () => goTo(undone(get(), snapshot(get()))),
    redo: () => goTo(redone(get(), snapshot(get()))),
    forgetMoves: () => set({ moves: [] }),
  };
});

/** A plan with a session put on another day, and pinned there. */
function withSessionMoved(plan: OwnSeason, laid: readonly ScheduledSession[], from: string, to: string): OwnSeason {
  const session = laid.find(({ on }) => on === from);
  if (!session || from === to) return plan;
  return {
    ...plan,
    laid: [...laid.filter(({ on }) => on !== from && on !== to), { ...session, on: to }].sort(byDay),
    pins: [...plan.pins.filter(({ on }) => on !== from && on !== to), { on: to, type: session.type }],
  };
}

/** An entry some days later or earlier. */
export function movedBy(entry: Entry, days: number): Entry {
  return { ...entry, on: dayAfter(entry.on, days), ...(entry.until ? { until: dayAfter(entry.until, days) } : {}) };
}

/** A plan with an entry put on another day; one of the squad's or of a feed becomes the plan's own. */
function withEntryMoved(state: SeasonState, { id, from, to }: ProposedMove): OwnSeason | undefined {
  const plan = planOf(state);
  const entry = entriesOf(requestOf(state)).find((e) => e.id === id);
  if (!entry) return undefined;
  return {
    ...plan,
    entries: [...plan.entries.filter((e) => e.id !== id), movedBy(entry, daysBetween(from, to))],
  };
}

const byDay = (a: ScheduledSession, b: ScheduledSession) => a.on.localeCompare(b.on);

/** Everything of the store but what changes all the time; a component is drawn anew only when that changes. */
export const useSeasonParts = <T extends object>(of: (state: SeasonState) => T): T => useSeason(useShallow(of));

/** Whose season it is and all that stands in it: what views are worked out from. */
export const useSeasonFacts = () =>
  useSeasonParts(({ squadId, sport, athlete, season, own, fromFeeds, written, today, outlook }) => ({
    squadId,
    sport,
    athlete,
    season,
    own,
    fromFeeds,
    written,
    today,
    outlook,
  }));
