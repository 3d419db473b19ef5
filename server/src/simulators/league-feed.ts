import Router from '@koa/router';
import { dayAfter } from '@tropaeum/core/date/days';
import { writeCalendar } from '@tropaeum/core/formats/icalendar-write';
import { mondayOf } from '@tropaeum/core/season/calendar/season-on';

const opponents = ['Brenholm', 'Nordvik', 'Haugsund', 'Lyngdal', 'Torsnes', 'Vestøy', 'Elvebakk', 'Furumo'];

/** Fixtures of a made-up league round a day, on Saturdays, early and late in turn. */
function leagueCalendar(today: string, zone: string): string {
  const monday = mondayOf(today);
  return writeCalendar(
    { name: 'Island league', zone, asOf: new Date(`${today}T06:00:00Z`) },
    opponents.map((name, i) => ({
      id: `round-${i + 1}@league.example`,
      kind: 'fixture' as const,
      name: `Skarvøy v ${name}`,
      on: dayAfter(monday, 7 * i + 5),
      start: i % 2 ? '17:00' : '15:00',
      minutes: 90,
    })),
  );
}

/** A league that gives out its fixtures; on demand it is down, slow, or answers with a web page, as the real ones are. */
export function leagueFeedRoutes(today: () => string): Router {
  const router = new Router();
  router.get('/stand-ins/league.ics', async (ctx) => {
    const behave = ctx.query.behave;
    if (behave === 'down') {
      ctx.status = 503;
      ctx.body = 'down';
      return;
    }
    if (behave === 'slow') await new Promise((resolve) => setTimeout(resolve, 8000));
    if (behave === 'page') {
      ctx.type = 'text/html';
      ctx.body = '<!doctype html><title>The league has moved</title>';
      return;
    }
    ctx.type = 'text/calendar';
    ctx.body = leagueCalendar(today(), 'Europe/Oslo');
  });
  return router;
}
