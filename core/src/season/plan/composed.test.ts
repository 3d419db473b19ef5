import { expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { randomCase } from '../../../test/calendar-cases';
import { solver } from '../../../test/solver';
import { dayAfter } from '../../date/days';
import { begin, composedOf } from '../../session/composer/compose';
import { contextOf } from '../../session/context/context';
import { planOf } from '../../session/plan/plan';
import { costAxes, costOfType } from '../../session-type/cost';
import { sportById } from '../../sport/sports';
import type { Entry } from '../calendar/calendar';
import { planOfCase } from '../scheduler/case-plan';
import { doseOfPlan } from './planned-session';
import { schedule } from './schedule-result';
import { briefForScheduled } from './scheduled-brief';
import { emptySeason } from './season-plan';

type Laid = Parameters<typeof briefForScheduled>[1] & { sport: string; role?: string };

const kit = {
  items: [
    { kind: 'dumbbell', massKg: 20, count: 2 },
    { kind: 'dumbbell', massKg: 10, count: 2 },
    { kind: 'kettlebell', massKg: 20, count: 1 },
    { kind: 'band', band: 'medium' },
    { kind: 'chair' },
    { kind: 'towel' },
  ],
  anchors: ['door-mid', 'door-high', 'feet'],
  partner: false,
  room: { lengthM: 6, widthM: 4, ceilingM: 3, wall: true, stairs: true, slidingFloor: true, quiet: false },
} as never;

/** A league with practices on two evenings, its hall closed for some weeks. */
function league(): Entry[] {
  const weeks = Array.from({ length: 12 }, (_, w) => (day: number) => dayAfter('2026-12-07', 7 * w + day));
  return weeks.flatMap((on, w): Entry[] => [
    {
      id: `f${w}`,
      kind: 'fixture',
      name: 'Match',
      on: on(5),
      start: '15:00',
      minutes: 90,
      importance: w === 7 ? 3 : 1,
    },
    { id: `t${w}`, kind: 'practice', name: 'Hall', on: on(1), start: '18:30', minutes: 90, effort: 7 },
    { id: `d${w}`, kind: 'practice', name: 'Hall', on: on(3), start: '18:30', minutes: 75, effort: 5 },
    ...(w < 4 ? [{ id: `c${w}`, kind: 'closed' as const, name: 'Floor', on: on(0), until: on(6) }] : []),
  ]);
}

/** Laid days of seasons for squads of different sports and lengths of session, and of calendars drawn at random. */
function laidDays(): Laid[] {
  const seasons = (['handball', 'sprint-canoe', 'volleyball'] as const).flatMap((sport, i) =>
    [30, 45].flatMap((minutes) =>
      schedule({
        season: { ...emptySeason, minutes, entries: i === 1 ? [] : league(), school: i === 1 ? 'waved' : 'steady' },
        ...{ sport, written: [], today: '2026-12-07' },
      }).laid.map((session): Laid => ({ ...session, sport })),
    ),
  );
  const drawn = Array.from({ length: 12 }, (_, i) => randomCase(40 + i)).flatMap((given) =>
    given.athlete.age < 16 ? [] : planOfCase(given).plan.map((day): Laid => ({ ...day, sport: given.athlete.sport })),
  );
  const key = ({ sport, type, minutes, heavyLower, heavyUpper, contacts, eccentric }: Laid) =>
    [sport, type, minutes, heavyLower, heavyUpper, contacts, eccentric].join(' ');
  return [...new Map([...seasons, ...drawn].filter(({ type }) => costOfType[type]).map((d) => [key(d), d])).values()];
}

const step = { heavyLower: 1, heavyUpper: 1, contacts: 10, eccentric: 1 };
/** How many of the sessions may be further off than a step on one axis: whole items of two sets and more do not come to every sum. */
const maxOff = 0.05;

it('what is laid can be composed: a session of the type within its minutes, and what it costs within a step', async () => {
  const optimiser = await solver;
  const days = laidDays();
  const off: string[] = [];
  for (const day of days) {
    const role = sportById(day.sport)?.roles[0]?.id as string;
    const brief = briefForScheduled(
      plainBrief({ kit, sport: { id: day.sport, role }, season: { phase: 'in-season' } }),
      day,
    );
    const begun = begin(brief, optimiser);
    if ('refused' in begun) throw new Error(`${day.sport} ${day.type}: ${begun.refused.reason}`);
    const plan = planOf(contextOf(brief), composedOf(begun).draft);
    expect(plan.minutes.planned).toBeLessThanOrEqual(day.minutes + 0.01);
    const dose = doseOfPlan(plan);
    const missed = costAxes.filter((axis) => Math.abs(dose[axis] - (day[axis] ?? 0)) > step[axis]);
    if (missed.length)
      off.push(`${day.sport} ${day.type} ${day.minutes}: ${missed.map((a) => `${a} ${dose[a]} for ${day[a]}`).join()}`);
  }
  expect(days.length).toBeGreaterThan(40);
  expect(off.length, off.join('\n')).toBeLessThanOrEqual(maxOff * days.length);
}, 240_000);
