import Router from '@koa/router';
import { reportWeeks } from '@tropaeum/core/report/report-input';
import { againstUsual, mondaysTo, nextPeak } from '@tropaeum/core/report/squad-weeks';
import { allAthletes } from '../store/athletes';
import { seasonsOfAthletes } from '../store/seasons';
import { weeksOfEverybody } from '../store/squad-weeks';
import { personOf, type Services } from './context';

/** Squads over time. */
export function squadWeekRoutes({ database, today }: Services): Router {
  const router = new Router();

  /** How the weeks of everybody went, whose last one was not as usual, and who is to peak when. */
  router.get('/weeks', async (ctx) => {
    ctx.body = await database.asPerson(personOf(ctx), async (tx) => {
      const mondays = mondaysTo(today(), reportWeeks);
      const weeks = await weeksOfEverybody(tx, mondays[0] as string, today());
      const athletes = await allAthletes(tx);
      const seasons = await seasonsOfAthletes(tx, athletes, today());
      return {
        mondays,
        athletes: athletes.map(({ id, name, squadId }) => {
          const mine = weeks.get(id) ?? [];
          const all = mondays.map(
            (from) => mine.find((week) => week.from === from) ?? { from, sent: 0, done: 0, load: 0, pain: null },
          );
          const season = seasons.get(id);
          return {
            ...{ id, name, squadId, weeks: all },
            usual: againstUsual(all) ?? null,
            peak: (season && nextPeak(season, today())) ?? null,
          };
        }),
      };
    });
  });

  return router;
}
