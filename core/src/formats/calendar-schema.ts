import { levels } from '../exercise/model/vocabulary';
import { caseKinds } from '../season/scheduler/case';
import { dayBeforeChoices, labelRuleFacts, numberRules } from '../season/scheduler/label-rules';
import { phases } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import { sports } from '../sport/sports';
import { between, day, list, object, oneOf, text, yesNo } from './json-schema';

const time = { type: 'string', pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' };
const whole = (minimum: number, maximum: number) => ({ type: 'integer', minimum, maximum });

/** JSON Schema 2020-12 of the calendar document that `season lay` reads. */
export const calendarSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'tropaeum-calendar/1',
  title: 'Calendar: weeks to be laid',
  ...object(
    {
      format: { const: 'tropaeum-calendar/1' },
      athlete: object(
        { level: oneOf(levels), age: whole(8, 90), sport: oneOf(sports.map(({ id }) => id)), role: text },
        ['level', 'age', 'sport'],
      ),
      phase: oneOf(phases),
      from: { ...day, description: 'a Monday' },
      weeks: whole(1, 4),
      calendar: list(
        object(
          {
            kind: oneOf(caseKinds),
            name: text,
            date: day,
            until: day,
            time,
            minutes: between(1, 2880),
            effort: between(1, 10),
            importance: whole(1, 3),
            played: between(0, 600),
            despiteClosed: yesNo,
            replaced: yesNo,
            overnight: yesNo,
            type: oneOf(sessionTypes),
            by: text,
            reason: text,
          },
          ['kind', 'name', 'date'],
        ),
      ),
      conditions: list(
        object({ kind: text, from: day, until: day, trainFrom: time, trainUntil: time }, ['kind', 'from', 'until']),
      ),
      athleteHistory: list(
        object(
          {
            weeksAgo: whole(1, 4),
            sessions: between(0, 200),
            minutes: between(0, 2000),
            heavyLower: between(0, 200),
            heavyUpper: between(0, 200),
            contacts: between(0, 2000),
            eccentric: between(0, 200),
            sportLoad: between(0, 20000),
          },
          ['weeksAgo', 'sessions', 'minutes', 'heavyLower', 'heavyUpper', 'contacts', 'eccentric'],
        ),
      ),
      houseRules: object(
        {
          days: oneOf(['consolidate', 'spread']),
          loading: oneOf(['steady', 'waved', 'undulating']),
          sessionsPerWeek: object({ min: whole(0, 7), max: whole(0, 7) }, ['min', 'max']),
          sessionAt: time,
          seconds: yesNo,
          labels: object(
            {
              ...Object.fromEntries(
                numberRules.map((rule) => [rule, whole(labelRuleFacts[rule].least, labelRuleFacts[rule].most)]),
              ),
              dayBefore: oneOf(dayBeforeChoices),
              practiceEndsBy: time,
            },
            [],
          ),
        },
        ['days', 'loading', 'sessionsPerWeek', 'sessionAt'],
      ),
      before: object({ plan: list(object({ date: day, type: text }, ['date', 'type'])) }, ['plan']),
    },
    ['format', 'athlete', 'phase', 'from', 'weeks', 'calendar', 'houseRules'],
  ),
};
