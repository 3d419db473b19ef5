import { dayAfter, daysBetween } from '@tropaeum/core/athlete/athlete';
import { mondayOf } from '@tropaeum/core/season/season';
import type { ListedSession, SquadSeason } from '../api/types';
import { dayName } from './days';

interface RibbonProps {
  season: SquadSeason;
  sessions: ListedSession[];
  day: string;
  today: string;
  onDay: (day: string) => void;
}

const weeksBack = 6;
const weeksAhead = 7;
const width = 1120;
const base = 64;

/** The weeks around today: thickness is minutes done and planned, pennants are fixtures, labels are phases. */
export function SeasonRibbon({ season, sessions, day, today, onDay }: RibbonProps) {
  const start = dayAfter(mondayOf(today), -7 * weeksBack);
  const days = 7 * (weeksBack + weeksAhead);
  const x = (on: string) => (daysBetween(start, on) / days) * width;
  const inside = (on: string) => on >= start && daysBetween(start, on) <= days;
  const weeks = Array.from({ length: weeksBack + weeksAhead }, (_, w) => {
    const from = dayAfter(start, 7 * w);
    const inWeek = sessions.filter((s) => s.on >= from && s.on < dayAfter(from, 7));
    return {
      from,
      done: inWeek.filter((s) => s.status === 'done').reduce((m, s) => m + s.planned, 0),
      open: inWeek.filter((s) => s.status !== 'done').reduce((m, s) => m + s.planned, 0),
    };
  });
  const most = Math.max(60, ...weeks.map((w) => w.done + w.open));
  const height = (minutes: number) => (minutes / most) * 40;
  const phases = season.phases.filter((p) => p.endsOn >= start && inside(p.startsOn < start ? start : p.startsOn));
  return (
    <svg
      viewBox={`0 0 ${width} 88`}
      className="block h-[88px] w-full"
      preserveAspectRatio="none"
      role="group"
      aria-label="Season"
    >
      <defs>
        <pattern id="open-work" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="5" height="5" fill="var(--edge)" />
          <line x1="0" y1="0" x2="0" y2="5" stroke="var(--bronze)" strokeWidth="2" />
        </pattern>
      </defs>
      {weeks.map((week) => (
        <g key={week.from}>
          <rect
            x={x(week.from) + 1}
            y={base - height(week.done)}
            width={width / weeks.length - 2}
            height={height(week.done)}
            fill="var(--slate)"
          />
          <rect
            x={x(week.from) + 1}
            y={base - height(week.done) - height(week.open)}
            width={width / weeks.length - 2}
            height={height(week.open)}
            fill="url(#open-work)"
          />
        </g>
      ))}
      <line x1="0" x2={width} y1={base} y2={base} stroke="var(--ink)" strokeWidth="1.5" />
      {phases.map((phase) => {
        const from = Math.max(0, x(phase.startsOn));
        const now = phase.startsOn <= day && day <= phase.endsOn;
        return (
          <g key={phase.startsOn}>
            <line x1={from} x2={from} y1="4" y2="84" stroke="var(--stone)" strokeWidth="1" />
            <text
              x={from + 5}
              y="80"
              fontSize="11"
              fontFamily="var(--font-head)"
              fontWeight={now ? 750 : 500}
              fill={now ? 'var(--ink)' : 'var(--quiet)'}
            >
              {phase.name}
            </text>
          </g>
        );
      })}
      {season.fixtures
        .filter((f) => inside(f.on))
        .map((fixture) => (
          <g key={fixture.id}>
            <title>{`${fixture.name}, ${dayName(fixture.on)}`}</title>
            <line
              x1={x(fixture.on)}
              x2={x(fixture.on)}
              y1={fixture.importance > 1 ? 8 : 16}
              y2={base}
              stroke="var(--oxide)"
              strokeWidth="1.5"
            />
            <path
              d={`M${x(fixture.on)} ${fixture.importance > 1 ? 8 : 16}l${fixture.importance > 1 ? 13 : 9} 4.5l${fixture.importance > 1 ? -13 : -9} 4.5z`}
              fill="var(--oxide)"
            />
          </g>
        ))}
      <line x1={x(day)} x2={x(day)} y1="2" y2={base} stroke="var(--ink)" strokeWidth="2.5" />
      <rect x={x(day) - 34} y="0" width="68" height="17" fill="var(--ink)" />
      <text
        x={x(day)}
        y="12.5"
        textAnchor="middle"
        fontSize="11.5"
        fontFamily="var(--font-head)"
        fontWeight="700"
        fill="var(--paper)"
      >
        {dayName(day)}
      </text>
      {Array.from({ length: days }, (_, d) => dayAfter(start, d)).map((on) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the date field beside it does the same by keyboard
        <rect
          key={on}
          x={x(on)}
          y="0"
          width={width / days}
          height={base}
          fill="transparent"
          className="cursor-pointer"
          onClick={() => onDay(on)}
        >
          <title>{dayName(on)}</title>
        </rect>
      ))}
    </svg>
  );
}
