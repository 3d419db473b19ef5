import { type Entry, withoutOverrides } from '@tropaeum/core/season/calendar/calendar';
import type { ScheduleResult } from '@tropaeum/core/season/plan/schedule-result';
import type {
  OwnSeason,
  PlannedSession,
  ScheduleRequest,
  SquadSeasonPlan,
} from '@tropaeum/core/season/plan/season-plan';
import type { movesBetween, ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import type { SessionType } from '@tropaeum/core/session-type/session-type';
import type { History } from '../saving/history';

/** Whose season is open: a squad's, or that of one of its athletes. */
export interface Opened {
  squadId: string;
  sport: string;
  athlete: (NonNullable<ScheduleRequest['athlete']> & { id: string }) | undefined;
  season: SquadSeasonPlan;
  own: OwnSeason;
  /** What the feeds say. */
  fromFeeds: readonly Entry[];
  written: readonly PlannedSession[];
  today: string;
}

/** Something that is held over a day. */
export interface ProposedMove {
  what: 'entry' | 'session';
  id: string;
  from: string;
  to: string;
}

/** What it would change if it were let go there. */
export interface Consequence extends ProposedMove {
  moves: ReturnType<typeof movesBetween>;
  /** What would give way that does not now. */
  gave: readonly string[];
}

/** What undo goes back to. */
export interface Snapshot {
  season: SquadSeasonPlan;
  own: OwnSeason;
}

export interface SeasonState extends Opened, History<Snapshot> {
  /** What came of laying; the one of before while it is laid anew. */
  outlook: ScheduleResult | undefined;
  laying: boolean;
  /** What moved with the last change, until the coach has seen it. */
  moves: ReturnType<typeof movesBetween>;
  /** What would come of letting go of what is held. */
  consequence: Consequence | undefined;
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
  pin: (on: string, type: SessionType | 'none' | undefined) => void;
  /** Works out what moving something to a day would change, before it is done; nothing ends it. */
  ponder: (move: ProposedMove | undefined) => void;
  /** Keeps what is laid now. */
  keep: () => void;
  undo: () => void;
  redo: () => void;
  forgetMoves: () => void;
}

export const snapshot = ({ season, own }: Snapshot): Snapshot => ({ season, own });

/** The season or the own part of it, whichever is open. */
export const planOf = ({ athlete, season, own }: Pick<SeasonState, 'athlete' | 'season' | 'own'>): OwnSeason =>
  athlete ? own : season;

/** Where the page is: one of a squad or of an athlete. */
export const pageOf = ({ squadId, athlete }: Pick<SeasonState, 'squadId' | 'athlete'>): string =>
  athlete ? `athlete ${athlete.id}` : squadId ? `squad ${squadId}` : '';

/** The squad's season with what its feeds say; what the coach has moved stands in place of what they say. */
export const withFeeds = (season: SquadSeasonPlan, fromFeeds: readonly Entry[]): SquadSeasonPlan => ({
  ...season,
  entries: [...season.entries, ...withoutOverrides(fromFeeds, season.entries)],
});

export function requestOf({ season, sport, own, fromFeeds, athlete, written, today }: Opened): ScheduleRequest {
  return {
    season: withFeeds(season, fromFeeds),
    sport,
    ...(athlete
      ? {
          own,
          athlete: { ...athlete, restrictions: athlete.restrictions ?? [] },
        }
      : {}),
    written,
    today,
  };
}

/** Everything of a session in one order: what comes from the server has its own. */
const inOrder = (laid: readonly ScheduledSession[]) =>
  JSON.stringify(laid.map((session) => Object.entries(session).sort(([a], [b]) => (a < b ? -1 : 1))));
export const sameLaid = (a: readonly ScheduledSession[], b: readonly ScheduledSession[]) => inOrder(a) === inOrder(b);

/** Sessions as they are laid just now. */
export function scheduledNow(
  state: Pick<SeasonState, 'outlook' | 'athlete' | 'season' | 'own'>,
): readonly ScheduledSession[] {
  const { outlook } = state;
  if (outlook) return outlook.laid;
  const plan = planOf(state);
  return state.athlete && plan.laid.length === 0 ? state.season.laid : plan.laid;
}

/** Whether what is shown is what is kept. */
export const isSaved = (state: SeasonState): boolean => {
  const { outlook } = state;
  if (!outlook || state.laying) return true;
  return sameLaid(planOf(state).laid, outlook.laid);
};
