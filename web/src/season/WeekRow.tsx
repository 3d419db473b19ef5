import { useDroppable } from '@dnd-kit/core';
import { dayAfter } from '@tropaeum/core/date/days';
import type { Entry } from '@tropaeum/core/season/calendar/calendar';
import type { ScheduledWeek } from '@tropaeum/core/season/plan/schedule-result';
import type { PlannedSession } from '@tropaeum/core/season/plan/season-plan';
import type { ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import { memo } from 'react';
import { dayMonth } from '../ui/days';
import { EntryChip, SessionChip } from './Chips';
import { shortType } from './kinds';

export interface DayContent {
  entries: readonly Entry[];
  session: ScheduledSession | undefined;
  written: PlannedSession | undefined;
  pinned: boolean;
  /** MD-4 and the like. */
  label: string | undefined;
}

interface DayCellProps extends DayContent {
  day: string;
  today: string;
  chosen: boolean;
  isSelected: boolean;
  feedIds: ReadonlySet<string>;
  onSelect: (day: string) => void;
  onSelectEntry: (day: string, id: string) => void;
  onMoveEntry: (entry: Entry, from: string, to: string) => void;
  onDropEntry: (id: string) => void;
  onMoveSession: (from: string, to: string) => void;
}

function DayCell(props: DayCellProps) {
  const { day, today, entries, session, written, pinned, label, chosen, isSelected, feedIds } = props;
  const { setNodeRef, isOver } = useDroppable({ id: day });
  const first = day.endsWith('-01');
  const closed = entries.some(({ kind }) => kind === 'closed');
  const free = entries.some(({ kind }) => kind === 'free' || kind === 'away');
  return (
    <td
      ref={setNodeRef}
      data-day={day}
      className={`relative h-[4.4rem] border border-edge p-0 pt-4 align-top ${isOver ? 'bg-stone' : chosen ? 'bg-lit' : free ? 'bg-sheet' : ''} ${day === today ? 'outline-2 -outline-offset-2 outline-ink' : ''}`}
    >
      <span className={`absolute top-0 left-1 text-tiny ${day === today ? 'font-bold text-ink' : 'text-quiet'} `}>
        {first ? dayMonth(day) : Number(day.slice(8))}
      </span>
      {label && (
        <span
          className={`dose absolute top-0 right-1 text-tiny ${label === 'MD' ? 'font-bold text-oxide' : 'text-quiet'}`}
        >
          {label}
        </span>
      )}
      {written && (
        <span className="block truncate px-1 text-tiny text-quiet" title="Session planned">
          {shortType[written.type]} ✓
        </span>
      )}
      {session && (
        <SessionChip
          session={session}
          pinned={pinned}
          selected={isSelected}
          onSelect={() => props.onSelect(day)}
          onMove={(to) => props.onMoveSession(day, to)}
        />
      )}
      {entries.map((entry) => (
        <EntryChip
          key={entry.id}
          entry={entry}
          day={day}
          fromFeed={feedIds.has(entry.id)}
          fallsAway={entry.kind === 'practice' && (entry.replaced || (closed && !entry.despiteClosed)) === true}
          onSelect={() => props.onSelectEntry(day, entry.id)}
          onMove={(to) => props.onMoveEntry(entry, day, to)}
          {...(feedIds.has(entry.id) ? {} : { onDelete: () => props.onDropEntry(entry.id) })}
        />
      ))}
    </td>
  );
}

interface WeekRowProps extends Omit<DayCellProps, keyof DayContent | 'day' | 'chosen' | 'isSelected'> {
  monday: string;
  week: ScheduledWeek | undefined;
  contentOf: (day: string) => DayContent;
  chosenDay: string;
  selected: string | undefined;
  gaveWay: readonly string[];
  newPhase: boolean;
}

/** How much of what is wanted a week holds, as a bar with its figure. */
function Volume({ week }: { week: ScheduledWeek }) {
  const most = Math.max(week.volume, week.wantedVolume, 1);
  const told = `${Math.round(week.volume)} of ${Math.round(week.wantedVolume)} sets${week.because ? `: ${week.because}` : ''}`;
  return (
    <div title={told}>
      <div className="relative h-2 bg-edge">
        <div className="h-full bg-slate" style={{ width: `${(week.volume / most) * 100}%` }} />
        <div
          className="absolute -top-0.5 h-3 w-0.5 bg-bronze"
          style={{ left: `${(week.wantedVolume / most) * 100}%` }}
        />
      </div>
      <p className="dose mt-0.5 text-[0.7rem]">
        {Math.round(week.volume)}
        <span className="text-quiet"> of {Math.round(week.wantedVolume)} sets</span>
      </p>
    </div>
  );
}

/** A week: its phase, its seven days, how much it is. */
export const WeekRow = memo(function WeekRow(props: WeekRowProps) {
  const { monday, week, contentOf, chosenDay, selected, gaveWay, newPhase, ...rest } = props;
  return (
    <tr data-week={monday} className={newPhase ? 'border-t-2 border-ink' : ''}>
      <th scope="row" className="w-24 border border-edge px-1.5 py-1 text-left align-top font-normal">
        <span className="block text-small font-semibold">{dayMonth(monday)}</span>
        {week && (
          <span className={`block text-tiny leading-tight ${newPhase ? 'font-bold' : 'text-quiet'}`}>
            {week.phase.replaceAll('-', ' ')}, week {week.week}
          </span>
        )}
      </th>
      {Array.from({ length: 7 }, (_, d) => dayAfter(monday, d)).map((day) => (
        <DayCell
          key={day}
          {...rest}
          {...contentOf(day)}
          day={day}
          chosen={day === chosenDay}
          isSelected={day === selected}
        />
      ))}
      <td className="w-32 border border-edge px-2 py-1 align-top">
        {week && <Volume week={week} />}
        {gaveWay.length > 0 && (
          <p className="mt-0.5 line-clamp-2 text-tiny leading-tight text-quiet" title={gaveWay.join('\n')}>
            {gaveWay[0]}
            {gaveWay.length > 1 ? ` and ${gaveWay.length - 1} more` : ''}
          </p>
        )}
      </td>
    </tr>
  );
});
