/**
 * What the interface reads of the server's answers, held against what the server's own functions give: this file is only compiled. A field that is
 * renamed or changes its type on one side makes `npm run types` fail here.
 */
import type {
  CalendarLink,
  ListedSession,
  OutboxMessage,
  RestrictionChange,
  SessionBody,
  StoredSession,
} from '../../web/src/api/types';
import type { changesOfAthlete } from '../src/store/athletes';
import type { calendarLinksOf } from '../src/store/links';
import type { outbox } from '../src/store/messages';
import type { SessionContent, sessionById, sessionsOfAthlete } from '../src/store/sessions';

type RowOf<F extends (...given: never[]) => Promise<readonly unknown[]>> = Awaited<ReturnType<F>>[number];
/** Compiles where everything of the second can be read as the first. */
type ReadAs<Wanted, Given extends Wanted> = [Wanted, Given];

export type Checked = [
  ReadAs<OutboxMessage, RowOf<typeof outbox>>,
  ReadAs<CalendarLink, RowOf<typeof calendarLinksOf>>,
  ReadAs<ListedSession, RowOf<typeof sessionsOfAthlete>>,
  ReadAs<RestrictionChange, RowOf<typeof changesOfAthlete>>,
  ReadAs<Omit<StoredSession, 'plan'>, NonNullable<Awaited<ReturnType<typeof sessionById>>>>,
  ReadAs<Pick<SessionBody, 'brief' | 'draft'>, SessionContent>,
];
