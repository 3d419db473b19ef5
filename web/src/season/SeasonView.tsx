import {
  DndContext,
  type DragEndEvent,
  type DragOverEvent,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { dayAfter, daysBetween } from '@tropaeum/core/date/days';
import { daysOf, type Entry, validEntries, withoutOverrides } from '@tropaeum/core/season/calendar/calendar';
import { mondayOf } from '@tropaeum/core/season/calendar/season-on';
import { entriesOf, scheduledWeeks } from '@tropaeum/core/season/plan/season-case';
import { Printer } from 'lucide-react';
import { useCallback, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useOutletContext, useParams } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import type { SaveState } from '../saving/debounced-saver';
import { dayMonth, weekdays } from '../ui/days';
import { Trouble, Waiting } from '../ui/States';
import { UndoKeys } from '../ui/UndoKeys';
import { AddEntry } from './AddEntry';
import type { Dragged } from './Chips';
import { DayByDay } from './DayByDay';
import { Outcome } from './Outcome';
import { SeasonSide } from './SeasonSide';
import { useSeasonSaveState } from './saving';
import { planOf, requestOf, scheduledNow } from './season-state';
import type { Selected } from './selected';
import { movedBy, useSeasonFacts, useSeasonParts } from './store';
import { useOpenSeason } from './use-open-season';
import { type DayContent, WeekRow } from './WeekRow';

const saveWords: Record<SaveState['kind'], string> = {
  saved: 'saved',
  saving: 'saving …',
  waiting: 'saving …',
  trouble: '',
};

const nothingOn: DayContent = { entries: [], session: undefined, written: undefined, pinned: false, label: undefined };

/** Everything that stands on each day. */
function useDays(): (day: string) => DayContent {
  const state = useSeasonFacts();
  return useMemo(() => {
    const ask = requestOf(state);
    const days = new Map<string, DayContent>();
    const on = (day: string) => days.get(day) ?? nothingOn;
    for (const entry of validEntries(entriesOf(ask)))
      for (const day of daysOf(entry)) days.set(day, { ...on(day), entries: [...on(day).entries, entry] });
    for (const session of scheduledNow(state)) days.set(session.on, { ...on(session.on), session });
    for (const written of state.written) days.set(written.on, { ...on(written.on), written });
    for (const [day, label] of Object.entries(state.outlook?.labels ?? {})) days.set(day, { ...on(day), label });
    for (const { on: day } of planOf(state).pins) days.set(day, { ...on(day), pinned: true });
    return on;
  }, [state]);
}

/** The season of a squad or of one athlete: weeks down, days across; what is dragged lays the rest anew. */
export function SeasonView() {
  const { squads, today, day } = useOutletContext<CoachContext>();
  const { squadId: squadInPath, athleteId } = useParams();
  const athlete = squads.athletes.find((a) => a.id === athleteId);
  const squad = squads.squads.find((s) => s.id === (athlete?.squadId ?? squadInPath));
  const { opened, error, stored, again } = useOpenSeason(squad?.id ?? '', squad?.sportId ?? '', athlete, today);
  const [chosen, setChosen] = useState<{ day: string; entryId?: string }>();
  const contentOf = useDays();
  const save = useSeasonSaveState();
  const {
    outlook,
    laying,
    past,
    future,
    undo,
    redo,
    moveSession,
    putEntry,
    dropEntry,
    fromFeeds,
    season,
    ponder,
    changes,
  } = useSeasonParts((s) => ({
    ponder: s.ponder,
    outlook: s.outlook,
    laying: s.laying,
    past: s.past,
    future: s.future,
    undo: s.undo,
    redo: s.redo,
    moveSession: s.moveSession,
    putEntry: s.putEntry,
    dropEntry: s.dropEntry,
    fromFeeds: s.fromFeeds,
    season: s.season,
    changes: s.changes,
  }));
  useHotkeys('mod+z, u', () => undo(), { preventDefault: true });
  useHotkeys('mod+shift+z, shift+u', () => redo(), { preventDefault: true });
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const moveEntry = useCallback(
    (entry: Entry, from: string, to: string) => putEntry(movedBy(entry, daysBetween(from, to))),
    [putEntry],
  );
  const feedIds = useMemo(
    () => new Set(withoutOverrides(fromFeeds, season.entries).map(({ id }) => id)),
    [fromFeeds, season.entries],
  );
  const selectSession = useCallback((on: string) => setChosen({ day: on }), []);
  const selectEntry = useCallback((on: string, entryId: string) => setChosen({ day: on, entryId }), []);
  const held = ({ active, over }: DragOverEvent) => {
    const dragged = active.data.current as Dragged;
    const to = over ? String(over.id) : undefined;
    ponder(to && to !== dragged.from ? { ...dragged, to } : undefined);
  };
  const dropped = ({ active, over }: DragEndEvent) => {
    ponder(undefined);
    if (!over) return;
    const to = String(over.id);
    const { what, id, from } = active.data.current as Dragged;
    if (from === to) return;
    if (what === 'session') moveSession(from, to);
    const entry = contentOf(from).entries.find((e) => e.id === id);
    if (what === 'entry' && entry) moveEntry(entry, from, to);
  };

  if (!squad) return <Trouble error={new Error('no squad')} />;
  if (error) return <Trouble error={error} />;
  if (!opened) return <Waiting what="Opening the season" />;
  const start = mondayOf(today);
  const weeks = outlook?.weeks ?? [];
  const gaveWay = outlook?.gaveWay ?? [];
  const chosenEntry = chosen?.entryId ? contentOf(chosen.day).entries.find((e) => e.id === chosen.entryId) : undefined;
  const selected: Selected | undefined = chosen && { day: chosen.day, ...(chosenEntry ? { entry: chosenEntry } : {}) };
  return (
    <>
      <main className="season-page min-w-0 flex-1 overflow-y-auto px-5 py-4 print:overflow-visible print:p-0">
        <div className="flex items-baseline justify-between gap-4">
          <h1 className="head truncate text-[1.4rem]">
            {athlete?.name ?? squad.name}
            <span className="ml-3 text-[0.92rem] font-normal text-quiet [font-family:var(--font-text)]">
              {scheduledWeeks} weeks from {dayMonth(start)}
              {athlete && (
                <>
                  {' · '}
                  <Link to={`/seasons/${squad.id}`} className="underline">
                    {squad.name}
                  </Link>
                </>
              )}
            </span>
          </h1>
          <div className="no-print flex items-center gap-1.5">
            <span className="w-24 text-right text-small text-quiet" aria-live="polite">
              {laying ? 'calculating …' : changes > 0 ? saveWords[save.kind] : ''}
            </span>
            <UndoKeys past={past} future={future} undo={undo} redo={redo} />
            <button
              type="button"
              className="key key-plain"
              aria-label="Print the season"
              title="Print the season"
              onClick={() => window.print()}
            >
              <Printer size={16} />
            </button>
          </div>
        </div>
        {save.kind === 'trouble' && (
          <p role="alert" className="text-small text-oxide">
            {save.words}{' '}
            <button type="button" className="underline" onClick={again}>
              Reload
            </button>
          </p>
        )}
        <AddEntry />
        <Outcome />
        <DndContext
          collisionDetection={pointerWithin}
          sensors={sensors}
          onDragOver={held}
          onDragEnd={dropped}
          onDragCancel={() => ponder(undefined)}
        >
          <table className="w-full table-fixed border-collapse">
            <thead>
              <tr className="label text-left">
                <th className="w-24 font-semibold max-[1100px]:w-20">Week</th>
                {weekdays().map((name) => (
                  <th key={name} className="font-semibold">
                    {name}
                  </th>
                ))}
                <th className="w-32 pl-2 font-semibold max-[1100px]:w-20">Volume</th>
              </tr>
            </thead>
            <tbody>
              {Array.from({ length: scheduledWeeks }, (_, w) => dayAfter(start, 7 * w)).map((monday, w) => (
                <WeekRow
                  key={monday}
                  monday={monday}
                  week={weeks[w]}
                  newPhase={w === 0 || weeks[w]?.phase !== weeks[w - 1]?.phase}
                  contentOf={contentOf}
                  today={today}
                  chosenDay={day}
                  selected={chosen?.entryId ? undefined : chosen?.day}
                  feedIds={feedIds}
                  gaveWay={gaveWay.filter(({ on }) => mondayOf(on) === monday).map(({ words }) => words)}
                  onSelect={selectSession}
                  onSelectEntry={selectEntry}
                  onMoveEntry={moveEntry}
                  onDropEntry={dropEntry}
                  onMoveSession={moveSession}
                />
              ))}
            </tbody>
          </table>
        </DndContext>
        <DayByDay laid={outlook?.laid ?? []} from={today} />
      </main>
      <SeasonSide
        squad={squad}
        athlete={athlete}
        stored={stored}
        squads={squads}
        selected={selected}
        day={day}
        today={today}
      />
    </>
  );
}
