import { dayAfter } from '@tropaeum/core/date/days';
import { sessionTypeNames } from '@tropaeum/core/session-type/session-type';
import type { SquadSeason } from '../store/seasons';

/** The next seven days as the athlete has to know them: fixtures, and sessions that are laid, with their labels. */
export function weekFrom({ fixtures, laid }: SquadSeason, today: string, sent: string | undefined) {
  const to = dayAfter(today, 6);
  const inside = ({ on }: { on: string }) => on >= today && on <= to;
  return [
    ...fixtures.filter(inside).map(({ on, name }) => ({ on, label: 'MD', name })),
    // What is sent for a day stands in place of what is laid.
    ...laid
      .filter((session) => inside(session) && session.on !== sent)
      .map(({ on, type, minutes, start, label }) => ({ on, label, name: sessionTypeNames[type], minutes, start })),
  ].sort((a, b) => a.on.localeCompare(b.on));
}
