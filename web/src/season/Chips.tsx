import { useDraggable } from '@dnd-kit/core';
import { dayAfter } from '@tropaeum/core/date/days';
import type { Entry } from '@tropaeum/core/season/calendar/calendar';
import { mondayOf } from '@tropaeum/core/season/calendar/season-on';
import type { ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import { sessionTypeNames } from '@tropaeum/core/session-type/session-type';
import { Pin } from 'lucide-react';
import type { KeyboardEvent, ReactNode } from 'react';
import { entryWords, shortType, timingWords, typeFill } from './kinds';

const arrows: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 };

/** What is dragged. */
export interface Dragged {
  what: 'entry' | 'session';
  id: string;
  from: string;
}

interface ChipProps {
  dragged: Dragged;
  label: string;
  className: string;
  selected?: boolean;
  onSelect?: () => void;
  onMove: (to: string) => void;
  onDelete?: () => void;
  children: ReactNode;
}

/** Something on a day: dragged to another, or moved with shift and an arrow. */
function Chip({ dragged, label, className, selected, onSelect, onMove, onDelete, children }: ChipProps) {
  const { from: on } = dragged;
  const { setNodeRef, listeners, attributes, transform, isDragging } = useDraggable({
    id: `${dragged.what} ${dragged.id} ${on}`,
    data: dragged,
  });
  const byKey = (event: KeyboardEvent) => {
    const days = arrows[event.key];
    if (event.shiftKey && days) {
      event.preventDefault();
      onMove(dayAfter(on, days));
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && onDelete) {
      event.preventDefault();
      onDelete();
    }
  };
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      aria-roledescription="can be dragged to another day, or moved with shift and an arrow"
      aria-label={label}
      aria-pressed={selected}
      title={label}
      data-chip={dragged.what}
      className={`flex min-h-6 w-full min-w-0 cursor-grab touch-none items-center gap-1 px-1 text-left text-tiny ${className} ${isDragging ? 'relative z-20 opacity-80 shadow-[0_2px_8px_rgb(0_0_0/0.3)]' : ''} ${selected ? 'outline-2 outline-offset-1 outline-bronze' : ''}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      onClick={onSelect}
      onKeyDown={byKey}
    >
      {children}
    </button>
  );
}

interface EntryChipProps {
  entry: Entry;
  day: string;
  fromFeed: boolean;
  /** It falls away, since hall or water is closed. */
  fallsAway: boolean;
  onSelect: () => void;
  onMove: (to: string) => void;
  onDelete?: () => void;
}

/** An entry of the calendar: a fixture is a pennant, a practice a quiet line, the rest is lettered. */
export function EntryChip({ entry, day, fromFeed, fallsAway, onSelect, onMove, onDelete }: EntryChipProps) {
  const { kind, name, start, importance = 1 } = entry;
  const label = `${entryWords[kind]}: ${name}${start ? `, ${start}` : ''}${fallsAway ? ', cancelled' : ''}${fromFeed ? ', from a feed' : ''}`;
  // What lasts is named where it begins and on Mondays; between, its line goes on.
  if (entry.until !== undefined && day !== entry.on && mondayOf(day) !== day)
    return <div title={label} className="h-[3px] bg-stone" />;
  const looks =
    kind === 'fixture'
      ? 'font-bold text-oxide'
      : kind === 'practice'
        ? `text-quiet ${fallsAway ? 'line-through decoration-stone' : ''}`
        : 'border-t-[3px] border-stone text-quiet';
  return (
    <Chip
      dragged={{ what: 'entry', id: entry.id, from: day }}
      label={label}
      className={looks}
      onSelect={onSelect}
      onMove={onMove}
      {...(onDelete ? { onDelete } : {})}
    >
      {kind === 'fixture' && (
        <svg viewBox="0 0 10 12" className="h-3 w-2.5 shrink-0" aria-hidden="true">
          <path
            d={importance > 1 ? 'M1 0v12M1 1l9 3.5-9 3.5z' : 'M1 0v12M1 2l6 2.5-6 2.5z'}
            fill="var(--oxide)"
            stroke="var(--oxide)"
          />
        </svg>
      )}
      <span className="min-w-0 flex-1 leading-tight">
        <span className="block truncate">
          {kind === 'practice' && start ? <span className="dose">{start} </span> : ''}
          {kind === 'fixture' || kind === 'practice' ? name : `${entryWords[kind]}: ${name}`}
        </span>
        {kind === 'fixture' && start && <span className="dose block font-normal">{start}</span>}
      </span>
    </Chip>
  );
}

interface SessionChipProps {
  session: ScheduledSession;
  pinned: boolean;
  selected: boolean;
  onSelect: () => void;
  onMove: (to: string) => void;
}

/** A session as it is laid: its type in letters and colour, when it starts, its pin. */
export function SessionChip({ session, pinned, selected, onSelect, onMove }: SessionChipProps) {
  const { type, on, start, minutes, timing, why, second } = session;
  return (
    <Chip
      dragged={{ what: 'session', id: on, from: on }}
      label={`${sessionTypeNames[type]}, ${minutes} min at ${start} ${timingWords[timing]}${pinned ? ', pinned' : ''}. ${why}${second ? ` ${second.start} ${second.why}` : ''}`}
      className={`font-semibold ${typeFill[type]}`}
      selected={selected}
      onSelect={onSelect}
      onMove={onMove}
    >
      <span className="min-w-0 flex-1 leading-tight">
        <span className="block truncate">{shortType[type]}</span>
        <span className="dose block font-normal">
          {start}
          {second ? ' +1' : ''}
        </span>
      </span>
      {pinned && <Pin size={10} className="shrink-0" aria-hidden="true" />}
    </Chip>
  );
}
