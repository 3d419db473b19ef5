import { dayAfter, daysBetween } from '@tropaeum/core/date/days';
import { type Quality, qualities } from '@tropaeum/core/exercise/model/vocabulary';
import { mondayOf } from '@tropaeum/core/season/calendar/season-on';
import type { ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import type { ListedSession, SquadSeason } from '../api/types';
import { dayName } from '../ui/days';
import { qualityOfType } from './kinds';

interface RibbonProps {
  season: SquadSeason;
  sessions: ListedSession[];
  /** How many do what is laid. */
  heads: number;
  day: string;
  today: string;
  onDay: (day: string) => void;
}

const weeksBack = 6;
const weeksAhead = 7;
const width = 1120;
const base = 64;

interface Week {
  from: string;
  /** Minutes by quality, done and still open. */
  parts: { quality: Quality; done: number; open: number }[];
  minutes: number;
}

function weekFrom(
  from: string,
  sessions: readonly ListedSession[],
  laid: readonly ScheduledSession[],
  heads: number,
): Week {
  const inside = ({ on }: { on: string }) => on >= from && on < dayAfter(from, 7);
  const inWeek = sessions.filter(inside);
  const sum = (quality: Quality, done: boolean) =>
    inWeek.filter((s) => (s.status === 'done') === done).reduce((m, s) => m + s.work[quality], 0);
  const writtenOn = (day: string) => inWeek.filter(({ on }) => on === day).length;
  const ahead = (quality: Quality) =>
    laid
      .filter((s) => inside(s) && qualityOfType[s.type] === quality)
      .reduce((m, { on, minutes }) => m + Math.max(0, heads - writtenOn(on)) * minutes, 0);
  const parts = qualities.map((quality) => ({
    quality,
    done: sum(quality, true),
    open: sum(quality, false) + ahead(quality),
  }));
  return { from, parts, minutes: parts.reduce((m, p) => m + p.done + p.open, 0) };
}

/** Told apart by texture as well as by colour. */
function Textures() {
  return (
    <defs>
      <pattern id="work-power" width="4" height="4" patternUnits="userSpaceOnUse">
        <rect width="4" height="4" fill="var(--oxide)" />
        <circle cx="2" cy="2" r="0.9" fill="var(--paper)" />
      </pattern>
      <pattern id="work-prevention" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="5" height="5" fill="var(--laurel)" />
        <line x1="0" y1="0" x2="0" y2="5" stroke="var(--paper)" strokeWidth="1" />
      </pattern>
      <pattern id="work-trunk" width="4" height="4" patternUnits="userSpaceOnUse">
        <rect width="4" height="4" fill="var(--bronze)" />
        <line x1="0" y1="2" x2="4" y2="2" stroke="var(--paper)" strokeWidth="0.8" />
      </pattern>
    </defs>
  );
}

const fill: Record<Quality, string> = {
  strength: 'var(--slate)',
  power: 'url(#work-power)',
  prevention: 'url(#work-prevention)',
  trunk: 'url(#work-trunk)',
  preparation: 'var(--stone)',
};

/** One week as a stack of qualities; what is planned and not done stands faint on top. */
function WeekBar({ week, x, width: wide, scale }: { week: Week; x: number; width: number; scale: number }) {
  let top = base;
  const layers = [
    ...week.parts.map((p) => ({ ...p, minutes: p.done, faint: false })),
    ...week.parts.map((p) => ({ ...p, minutes: p.open, faint: true })),
  ];
  const told = week.parts
    .filter((p) => p.done + p.open > 0)
    .map((p) => `${p.quality} ${Math.round(p.done)} of ${Math.round(p.done + p.open)} min`);
  return (
    <g>
      {told.length > 0 && <title>{`Week of ${dayName(week.from)}: ${told.join(', ')}`}</title>}
      {layers.map(({ quality, minutes, faint }) => {
        const height = minutes * scale;
        top -= height;
        return (
          height > 0 && (
            <rect
              key={`${quality}${faint}`}
              x={x}
              y={top}
              width={wide}
              height={height}
              fill={fill[quality]}
              opacity={faint ? 0.35 : 1}
            />
          )
        );
      })}
    </g>
  );
}

const qualityWords: Record<Quality, string> = {
  strength: 'Strength',
  power: 'Power',
  prevention: 'Injury prevention',
  trunk: 'Trunk',
  preparation: 'Warm-up and cool-down',
};

/** What the bars and marks of the ribbon mean, on demand. */
function Legend() {
  return (
    <details className="absolute top-0 right-1 z-10 text-tiny">
      <summary className="min-h-6 cursor-pointer bg-paper px-1 leading-6 text-quiet" title="What the bars mean">
        Legend
      </summary>
      <ul className="absolute right-0 w-56 border-2 border-ink bg-paper p-2">
        {(Object.keys(qualityWords) as Quality[]).map((quality) => (
          <li key={quality} className="flex items-center gap-2 py-0.5">
            <svg width="22" height="11" aria-hidden="true">
              <rect width="22" height="11" fill={fill[quality]} />
            </svg>
            {qualityWords[quality]}
          </li>
        ))}
        <li className="pt-1 text-quiet">Height: minutes of the week. Faint: still to come. Pennant: fixture.</li>
      </ul>
    </details>
  );
}

/** The weeks around today: thickness is the work by quality, done and planned, pennants are fixtures, labels are phases. */
export function SeasonRibbon({ season, sessions, heads, day, today, onDay }: RibbonProps) {
  const start = dayAfter(mondayOf(today), -7 * weeksBack);
  const days = 7 * (weeksBack + weeksAhead);
  const x = (on: string) => (daysBetween(start, on) / days) * width;
  const inside = (on: string) => on >= start && daysBetween(start, on) <= days;
  const weeks = Array.from({ length: weeksBack + weeksAhead }, (_, w) =>
    weekFrom(
      dayAfter(start, 7 * w),
      sessions,
      season.laid.filter(({ on }) => on >= today),
      heads,
    ),
  );
  const most = Math.max(60, ...weeks.map((w) => w.minutes));
  const scale = 44 / most;
  const phases = season.phases.filter((p) => p.endsOn >= start && inside(p.startsOn < start ? start : p.startsOn));
  return (
    <div className="relative max-[900px]:hidden">
      <svg
        viewBox={`0 0 ${width} 88`}
        className="block h-[88px] w-full"
        preserveAspectRatio="none"
        role="group"
        aria-label="Season"
        data-ribbon={weeks.map((w) => Math.round(w.minutes)).join(' ')}
      >
        <Textures />
        {weeks.map((week) => (
          <WeekBar key={week.from} week={week} x={x(week.from) + 1} width={width / weeks.length - 2} scale={scale} />
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
      <Legend />
    </div>
  );
}
