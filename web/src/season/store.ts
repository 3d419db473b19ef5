import { type Entry, notReplaced } from '@tropaeum/core/season/calendar';
import { movesBetween } from '@tropaeum/core/season/laid-words';
import type { GivingWay, LaidSession } from '@tropaeum/core/season/laying';
import type { Outlook } from '@tropaeum/core/season/outlook';
import {
  emptyOwnSeason,
  emptySeason,
  type OwnSeason,
  type SeasonAsk,
  type SquadSeasonPlan,
  type WrittenSession,
} from '@tropaeum/core/season/season-plan';
import type { SessionKind } from '@tropaeum/core/season/session-kind';
import { create } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { outlookAway } from '../workers/laying-seasons';

/** Whose season is open: a squad's, or that of one of its athletes. */
export interface Opened {
  squadId: string;
  athlete: (NonNullable<SeasonAsk['athlete']> & { id: string }) | undefined;
  season: SquadSeasonPlan;
  own: OwnSeason;
  /** What the feeds say. */
  fromFeeds: readonly Entry[];
  written: readonly WrittenSession[];
  today: string;
}

/** What undo goes back to. */
interface Snapshot {
  season: SquadSeasonPlan;
  own: OwnSeason;
}

interface SeasonState extends Opened {
  past: Snapshot[];
  future: Snapshot[];
  /** What came of laying; the one of before while it is laid anew. */
  outlook: Outlook | undefined;
  laying: boolean;
  /** What moved with the last change, until the coach has seen it. */
  moves: ReturnType<typeof movesBetween>;
  problem: string | undefined;
  /** Counts changes; saving follows it. */
  changes: number;
  open: (opened: Opened) => void;
  feedsAre: (fromFeeds: readonly Entry[]) => void;
  /** Changes the squad's season, or what is the athlete's own, and lays it anew. */
  changeSeason: (change: (season: SquadSeasonPlan) => SquadSeasonPlan) => void;
  changeOwn: (change: (own: OwnSeason) => OwnSeason) => void;
  addEntries: (entries: readonly Entry[]) => void;
  putEntry: (entry: Entry) => void;
  dropEntry: (id: string) => void;
  /** Puts a session on another day, and pins it there. */
  moveSession: (from: string, to: string) => void;
  pin: (on: string, kind: SessionKind | 'nothing' | undefined) => void;
  letGive: (ways: readonly GivingWay[]) => void;
  /** Holds to a rule again that was let give way. */
  holdTo: (way: GivingWay) => void;
  /** Keeps what is laid now. */
  keep: () => void;
  undo: () => void;
  redo: () => void;
  forgetMoves: () => void;
}

const mostSteps = 100;

/** The season or the own part of it, whichever is open. */
export const planOf = ({ athlete, season, own }: Pick<SeasonState, 'athlete' | 'season' | 'own'>): OwnSeason =>
  athlete ? own : season;

/** Where the page is: one of a squad or of an athlete. */
export const pageOf = ({ squadId, athlete }: Pick<SeasonState, 'squadId' | 'athlete'>): string =>
  athlete ? `athlete ${athlete.id}` : squadId ? `squad ${squadId}` : '';

/** The squad's season with what its feeds say; what the coach has moved stands in place of what they say. */
export const withFeeds = (season: SquadSeasonPlan, fromFeeds: readonly Entry[]): SquadSeasonPlan => ({
  ...season,
  entries: [...season.entries, ...notReplaced(fromFeeds, season.entries)],
});

export function askOf({ season, own, fromFeeds, athlete, written, today }: Opened): SeasonAsk {
  return {
    season: withFeeds(season, fromFeeds),
    ...(athlete
      ? {
          own,
          athlete: {
            level: athlete.level,
            born: athlete.born,
            minutes: athlete.minutes,
            restrictions: athlete.restrictions ?? [],
          },
        }
      : {}),
    written,
    today,
  };
}

const sameLaid = (a: readonly LaidSession[], b: readonly LaidSession[]) => JSON.stringify(a) === JSON.stringify(b);

/** The season being planned. It holds what the coach did; sessions are laid from it in a worker. */
export const useSeason = create<SeasonState>((set, get) => {
  let asked = 0;
  let running = false;
  let before: readonly LaidSession[] | undefined;

  /** Lays the season anew, one time for all that changes meanwhile; what is given is what moves are told against, and that what comes is kept. */
  const layAnew = async (laidBefore: readonly LaidSession[] | undefined) => {
    asked++;
    before = laidBefore;
    set({ laying: true });
    if (running) return;
    running = true;
    try {
      let outlook: Outlook;
      let ask: number;
      do {
        ask = asked;
        outlook = await outlookAway(askOf(get()));
      } while (ask !== asked);
      const kept = before;
      set({ outlook, laying: false });
      if (!kept || 'refused' in outlook) return;
      const { laid } = outlook;
      const { athlete, today } = get();
      const holding = (plan: OwnSeason) => (sameLaid(plan.laid, laid) ? plan : { ...plan, laid });
      set((s) => ({
        moves: movesBetween(kept, laid, today),
        changes: s.changes + 1,
        ...(athlete ? { own: holding(s.own) } : { season: { ...s.season, ...holding(s.season) } }),
      }));
    } catch {
      set({ laying: false, problem: 'Laying the season did not work. Change something to try again.' });
    } finally {
      running = false;
    }
  };

  const change = (next: Partial<Snapshot>) => {
    const now = laidNow(get());
    set((s) => ({
      past: [...s.past, { season: s.season, own: s.own }].slice(-mostSteps),
      future: [],
      changes: s.changes + 1,
      problem: undefined,
      moves: [],
      ...next,
    }));
    void layAnew(now);
  };
  const changePlan = (to: (plan: OwnSeason) => OwnSeason) => {
    const { athlete, season, own } = get();
    if (athlete) change({ own: to(own) });
    else change({ season: { ...season, ...to(season) } });
  };
  const step = (from: 'past' | 'future', onto: 'past' | 'future') => {
    const s = get();
    const back = s[from].at(-1);
    if (!back) return;
    const now = laidNow(s);
    set({
      ...back,
      [from]: s[from].slice(0, -1),
      [onto]: [...s[onto], { season: s.season, own: s.own }],
      changes: s.changes + 1,
      problem: undefined,
      moves: movesBetween(now, planOf({ ...s, ...back }).laid, s.today),
    });
    void layAnew(undefined);
  };

  return {
    squadId: '',
    athlete: undefined,
    season: emptySeason,
    own: emptyOwnSeason,
    fromFeeds: [],
    written: [],
    today: '',
    past: [],
    future: [],
    outlook: undefined,
    laying: false,
    moves: [],
    problem: undefined,
    changes: 0,

    open(opened) {
      set({
        ...opened,
        past: [],
        future: [],
        outlook: undefined,
        moves: [],
        problem: undefined,
        changes: 0,
      });
      void layAnew(undefined);
    },
    feedsAre(fromFeeds) {
      const now = laidNow(get());
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
    moveSession(from, to) {
      const laid = laidNow(get());
      const session = laid.find(({ on }) => on === from);
      if (!session || from === to) return;
      changePlan((plan) => ({
        ...plan,
        laid: [...laid.filter(({ on }) => on !== from && on !== to), { ...session, on: to }].sort(byDay),
        pins: [...plan.pins.filter(({ on }) => on !== from && on !== to), { on: to, kind: session.kind }],
      }));
    },
    pin: (on, kind) =>
      changePlan((plan) => ({
        ...plan,
        pins: [...plan.pins.filter((p) => p.on !== on), ...(kind ? [{ on, kind }] : [])],
      })),
    letGive: (ways) =>
      changePlan((plan) => ({
        ...plan,
        relaxed: [
          ...plan.relaxed,
          ...ways
            .filter((way) => !plan.relaxed.some((r) => r.week === way.week && r.rule === way.rule))
            .map(({ week, rule }) => ({ week, rule })),
        ],
      })),
    holdTo: ({ week, rule }) =>
      changePlan((plan) => ({
        ...plan,
        relaxed: plan.relaxed.filter((way) => way.week !== week || way.rule !== rule),
      })),
    keep() {
      const { outlook } = get();
      if (outlook && !('refused' in outlook)) changePlan((plan) => ({ ...plan, laid: outlook.laid }));
    },
    undo: () => step('past', 'future'),
    redo: () => step('future', 'past'),
    forgetMoves: () => set({ moves: [] }),
  };
});

const byDay = (a: LaidSession, b: LaidSession) => a.on.localeCompare(b.on);

/** Sessions as they are laid just now. */
export function laidNow(state: Pick<SeasonState, 'outlook' | 'athlete' | 'season' | 'own'>): readonly LaidSession[] {
  const { outlook } = state;
  if (outlook && !('refused' in outlook)) return outlook.laid;
  const plan = planOf(state);
  return state.athlete && plan.laid.length === 0 ? state.season.laid : plan.laid;
}

/** Whether what is shown is what is kept. */
export const isKept = (state: SeasonState): boolean => {
  const { outlook } = state;
  if (!outlook || 'refused' in outlook || state.laying) return true;
  return sameLaid(planOf(state).laid, outlook.laid);
};

/** Everything of the store but what changes all the time; a component is drawn anew only when that changes. */
export const useSeasonParts = <T extends object>(of: (state: SeasonState) => T): T => useSeason(useShallow(of));

/** Whose season it is and all that stands in it: what views are worked out from. */
export const useSeasonFacts = () =>
  useSeasonParts(({ squadId, athlete, season, own, fromFeeds, written, today, outlook }) => ({
    squadId,
    athlete,
    season,
    own,
    fromFeeds,
    written,
    today,
    outlook,
  }));
