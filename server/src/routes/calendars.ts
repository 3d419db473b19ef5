import Router from '@koa/router';
import { type OutgoingEvent, writeCalendar } from '@tropaeum/core/formats/icalendar-write';
import { type Entry, validEntries } from '@tropaeum/core/season/calendar/calendar';
import type { ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import { sessionTypeNames } from '@tropaeum/core/session-type/session-type';
import { notFound } from '../middleware/http-error';
import { tokenHash } from '../middleware/tokens';
import { athleteById, squadById } from '../store/athletes';
import { feedsOf, readFeed } from '../store/feeds';
import { calendarRead } from '../store/links';
import { ownSeasonOf, seasonOf, withFeeds } from '../store/seasons';
import type { Services } from './context';

interface CalendarHolder {
  organisation_id: string;
  squad_id: string;
  athlete_id: string | null;
}

/** A laid session as an entry of a calendar, with the short one of its day; the same session keeps its id when it is written anew. */
function sessionEvents(holder: string, { on, label, second, ...first }: ScheduledSession): OutgoingEvent[] {
  const ofDay = label === '-' ? '' : `, ${label}`;
  const event = (
    which: string,
    { type, minutes, start, why }: NonNullable<ScheduledSession['second']>,
  ): OutgoingEvent => ({
    id: `${which}-${on}-${holder}@tropaeum`,
    name: `${sessionTypeNames[type]}, ${minutes} min${ofDay}`,
    ...{ on, start, minutes, about: why },
  });
  return [event('session', first), ...(second ? [event('second', second)] : [])];
}

/** An entry as others may read it: that somebody is away, never why, and nothing of the hours somebody keeps. */
function given({ id, kind, name, on, until, start, minutes, importance, effort }: Entry): OutgoingEvent[] {
  if (kind === 'hours') return [];
  return [
    {
      ...{ id: `${id}@tropaeum`, kind, name: kind === 'away' ? 'Away' : name, on },
      ...(until === undefined ? {} : { until }),
      ...(start === undefined ? {} : { start }),
      ...(minutes === undefined ? {} : { minutes }),
      ...(importance === undefined ? {} : { importance }),
      ...(effort === undefined ? {} : { effort }),
    },
  ];
}

/** Calendars that are subscribed to: whoever has the address reads it, and nothing else. */
export function calendarRoutes({ database, now }: Services): Router {
  const router = new Router();
  router.get('/calendars/:token.ics', async (ctx) => {
    const hash = tokenHash(ctx.params.token ?? '');
    const holder = await database.door<CalendarHolder & Record<string, unknown>>('door_calendar', hash);
    if (!holder) throw notFound('calendar');
    const { organisation_id, squad_id, athlete_id } = holder;
    ctx.body = await database.asOrganisation(organisation_id, async (tx) => {
      const squad = await squadById(tx, squad_id);
      if (!squad) throw notFound('calendar');
      await calendarRead(tx, hash);
      const { content } = await seasonOf(tx, squad_id);
      const athlete = athlete_id ? await athleteById(tx, athlete_id) : undefined;
      const own = athlete_id ? (await ownSeasonOf(tx, athlete_id)).content : undefined;
      const fromFeeds = (await feedsOf(tx, [squad_id])).flatMap((feed) => readFeed(feed).entries);
      const entries = validEntries([...withFeeds(content.entries, fromFeeds), ...(own?.entries ?? [])]);
      const laid = own?.laid.length ? own.laid : content.laid;
      return writeCalendar({ name: athlete?.name ?? squad.name, zone: content.zone, asOf: now() }, [
        ...entries.flatMap((entry) => given(entry)),
        ...laid.flatMap((session) => sessionEvents(athlete_id ?? squad_id, session)),
      ]);
    });
    ctx.type = 'text/calendar; charset=utf-8';
    ctx.set('cache-control', 'private, max-age=900');
  });
  return router;
}
