import type { Athlete, PainReport } from '../athlete/athlete';
import type { CustomExercise } from '../exercise/model/custom-exercise';

/** A session as a report needs it. */
export interface ReportSession {
  /** ISO date. */
  on: string;
  status: 'draft' | 'sent' | 'done';
  report: { effort: number; minutes: number; pain: readonly PainReport[] } | null;
}

/** What a report on an athlete is made from. */
export interface ReportInput {
  /** With what was logged and tested. */
  athlete: Athlete;
  own: readonly CustomExercise[];
  sessions: readonly ReportSession[];
  /** ISO date. */
  today: string;
}

/** Weeks that a report looks back over. */
export const reportWeeks = 12;
