import { useQuery } from '@tanstack/react-query';
import type { BadLine } from '@tropaeum/core/formats/icalendar-lines';
import type { Entry } from '@tropaeum/core/season/calendar/calendar';
import type { PlanDose } from '@tropaeum/core/season/plan/planned-session';
import type { OwnSeason, SquadSeasonPlan } from '@tropaeum/core/season/plan/season-plan';
import type { SessionType } from '@tropaeum/core/session-type/session-type';
import { ask } from '../api/client';

/** A calendar of others that the squad reads. */
export interface Feed {
  id: string;
  url: string;
  /** When the copy was read that is shown. */
  readAt: string | null;
  triedAt: string | null;
  /** Why the last try brought nothing. */
  problem: string | null;
  entries: Entry[];
  bad: BadLine[];
  cancelled: number;
}

/** A session that is written for somebody of the squad. */
export interface WrittenFor {
  id: string;
  athleteId: string;
  on: string;
  status: 'draft' | 'sent' | 'done';
  planned: number;
  dose: PlanDose | null;
  type: SessionType;
  report: { effort: number; minutes: number } | null;
}

export interface StoredSeason {
  season: SquadSeasonPlan;
  revision: number;
  feeds: Feed[];
  own: { athleteId: string; season: OwnSeason; revision: number }[];
  written: WrittenFor[];
}

const readSeason = (squadId: string) => ask<StoredSeason>(`/squads/${squadId}/season`);

export const seasonKey = (squadId: string) => ['season', squadId];

/** The season of a squad as the server has it, with everything of its athletes. */
export const useStoredSeason = (squadId: string) =>
  useQuery({ queryKey: seasonKey(squadId), queryFn: () => readSeason(squadId), enabled: squadId !== '' });
