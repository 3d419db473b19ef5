import { dayAfter } from '@tropaeum/core/date/days';
import type { Entry } from '@tropaeum/core/season/calendar/calendar';
import { mondayOf } from '@tropaeum/core/season/calendar/season-on';
import { schedule } from '@tropaeum/core/season/plan/schedule-result';
import { emptySeason, type SquadSeasonPlan } from '@tropaeum/core/season/plan/season-plan';
import type { Phase } from '@tropaeum/core/session-type/aims-and-phases';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { saveSeason } from '../store/seasons';

const opponents = [
  'Brenholm',
  'Nordvik',
  'Haugsund',
  'Lyngdal',
  'Torsnes',
  'Vestøy',
  'Elvebakk',
  'Furumo',
  'Sandlia',
  'Myrvang',
  'Klippen',
  'Fagerli',
];

export async function laySeason(
  tx: Transaction,
  organisationId: string,
  squadId: string,
  today: string,
  canoe: boolean,
): Promise<void> {
  const monday = mondayOf(today);
  const span = (phase: string, name: string, from: number, to: number) => ({
    phase,
    name,
    startsOn: dayAfter(monday, from * 7),
    endsOn: dayAfter(monday, to * 7 - 1),
  });
  const spans = canoe
    ? [
        span('general-preparation', 'Preparation', -8, -1),
        span('specific-preparation', 'Off the water · home block', -1, 6),
        span('pre-season', 'Back on the water', 6, 12),
      ]
    : [
        span('pre-season', 'Pre-season', -8, -4),
        span('in-season', 'League I', -4, -1),
        span('in-season', 'Hall closed · home block', -1, 5),
        span('in-season', 'League II', 5, 12),
      ];
  const games = canoe
    ? [{ week: 10, day: 5, name: 'Sound regatta', importance: 3 }]
    : opponents.map((name, i) => ({ week: i - 4, day: 5, name, importance: i % 5 === 4 ? 2 : 1 }));
  const at = (week: number, day: number) => dayAfter(monday, week * 7 + day);
  const fixtures = games.map(
    ({ week, day, name, importance }, i): Entry => ({
      id: v7(),
      kind: 'fixture',
      on: at(week, day),
      name,
      importance,
      start: i % 2 ? '17:00' : '15:00',
      minutes: 90,
    }),
  );
  const weekly = (day: number, start: string, minutes: number, effort: number): Entry[] =>
    Array.from({ length: 20 }, (_, w) => ({
      id: v7(),
      kind: 'practice',
      name: canoe ? 'Paddling' : 'Hall practice',
      on: at(w - 8, day),
      start,
      minutes,
      effort,
    }));
  const own: Entry[] = canoe
    ? [
        ...weekly(1, '17:00', 60, 5),
        { id: v7(), kind: 'closed', name: 'Ice on the sound', on: at(-1, 0), until: at(5, 6) },
      ]
    : [
        ...weekly(1, '18:30', 90, 7),
        ...weekly(3, '18:30', 75, 5),
        { id: v7(), kind: 'closed', name: 'New floor in the hall', on: at(-1, 0), until: at(4, 6) },
        { id: v7(), kind: 'travel', name: 'Ferry home', on: at(1, 6) },
        { id: v7(), kind: 'free', name: 'Midwinter', on: at(2, 3), until: at(2, 4) },
      ];
  const season: SquadSeasonPlan = {
    ...emptySeason,
    entries: [...fixtures, ...own],
    phases: spans.map(({ phase, name, startsOn, endsOn }) => ({ phase: phase as Phase, name, startsOn, endsOn })),
    school: canoe ? 'waved' : 'steady',
  };
  const { laid } = schedule({ season, sport: canoe ? 'sprint-canoe' : 'handball', written: [], today });
  await saveSeason(tx, organisationId, squadId, 0, { ...season, laid });
}
