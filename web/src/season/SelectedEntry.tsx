import type { TextFault } from '@tropaeum/core/date/day-text';
import { type Entry, faultsOfEntry } from '@tropaeum/core/season/calendar/calendar';
import { playedWords, readPlayed } from '@tropaeum/core/season/calendar/played-text';
import { useEffect, useState } from 'react';
import type { ListedAthlete } from '../api/types';
import { dayName } from '../ui/days';
import { entryWords } from './kinds';
import { useSeason } from './store';

interface SelectedEntryProps {
  entry: Entry;
  members: readonly ListedAthlete[];
}

const importances = ['ordinary', 'important', 'what the season is for'];

/** The entry that was chosen: its time and length, what it asks, who played. */
export function SelectedEntry({ entry, members }: SelectedEntryProps) {
  const putEntry = useSeason((s) => s.putEntry);
  const { kind, name, on, until, start, end, minutes, effort, importance = 1 } = entry;
  const put = (changed: Partial<Entry>) => {
    const next = Object.fromEntries(
      Object.entries({ ...entry, ...changed }).filter(([, value]) => value !== undefined && value !== false),
    ) as unknown as Entry;
    if (faultsOfEntry(next).length === 0) putEntry(next);
  };
  const timed = kind === 'fixture' || kind === 'practice' || kind === 'travel' || kind === 'hours';
  return (
    <section aria-label="Chosen entry" className="mb-4 text-small">
      <p className="label">
        {dayName(on)}
        {until ? ` to ${dayName(until)}` : ''} · {entryWords[kind]}
      </p>
      <h2 className="head text-lg leading-tight">{name}</h2>
      {timed && (
        <div className="mt-2 flex flex-wrap gap-2">
          <label>
            <span className="block text-tiny text-quiet">{kind === 'hours' ? 'From' : 'Starts'}</span>
            <input
              type="time"
              className="field h-7 w-24"
              value={start ?? ''}
              onChange={(e) => put({ start: e.target.value || undefined } as Partial<Entry>)}
            />
          </label>
          {kind === 'hours' ? (
            <label>
              <span className="block text-tiny text-quiet">To</span>
              <input
                type="time"
                className="field h-7 w-24"
                value={end ?? ''}
                onChange={(e) => put({ end: e.target.value || undefined } as Partial<Entry>)}
              />
            </label>
          ) : (
            <label>
              <span className="block text-tiny text-quiet">Minutes</span>
              <input
                type="number"
                min={1}
                max={1440}
                className="field h-7 w-20"
                value={minutes ?? ''}
                onChange={(e) => put({ minutes: e.target.valueAsNumber || undefined } as Partial<Entry>)}
              />
            </label>
          )}
          {kind === 'practice' && (
            <label>
              <span className="block text-tiny text-quiet">Session RPE, 0 to 10</span>
              <input
                type="number"
                min={0}
                max={10}
                className="field h-7 w-20"
                value={effort ?? ''}
                onChange={(e) => e.target.validity.valid && put({ effort: e.target.valueAsNumber })}
              />
            </label>
          )}
        </div>
      )}
      {(kind === 'fixture' || kind === 'practice') && (
        <label className="mt-2 block">
          <span className="block text-tiny text-quiet">Priority</span>
          <select
            className="field h-7"
            value={importance}
            onChange={(e) => put({ importance: Number(e.target.value) })}
          >
            {importances.map((words, i) => (
              <option key={words} value={i + 1}>
                {words}
              </option>
            ))}
          </select>
        </label>
      )}
      {kind === 'practice' && (
        <div className="mt-2 space-y-1">
          <Tick
            checked={entry.despiteClosed}
            label="Practice takes place anyway"
            onTick={(despiteClosed) => put({ despiteClosed })}
          />
          <Tick checked={entry.replaced} label="Replace with a home session" onTick={(replaced) => put({ replaced })} />
        </div>
      )}
      {kind === 'travel' && (
        <div className="mt-2">
          <Tick checked={entry.overnight} label="Overnight" onTick={(overnight) => put({ overnight })} />
        </div>
      )}
      {kind === 'fixture' && <Played entry={entry} members={members} onPlayed={(playedBy) => put({ playedBy })} />}
    </section>
  );
}

function Tick(props: { checked: boolean | undefined; label: string; onTick: (on: boolean) => void }) {
  return (
    <label className="flex items-center gap-2">
      <input type="checkbox" checked={props.checked ?? false} onChange={(e) => props.onTick(e.target.checked)} />
      {props.label}
    </label>
  );
}

interface PlayedProps extends SelectedEntryProps {
  onPlayed: (playedBy: Record<string, number>) => void;
}

/** Who played how long, typed in one line: who did not play trains on the day after. */
function Played({ entry, members, onPlayed }: PlayedProps) {
  const said = playedWords(entry.playedBy ?? {}, members);
  const [text, setText] = useState(said);
  const [fault, setFault] = useState<TextFault>();
  useEffect(() => {
    setText(said);
    setFault(undefined);
  }, [said]);
  const read = () => {
    const played = readPlayed(text, members);
    setFault('fault' in played ? played.fault : undefined);
    if ('playedBy' in played) onPlayed(played.playedBy);
  };
  return (
    <form
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        read();
      }}
    >
      <label>
        <span className="block text-tiny text-quiet">Minutes played</span>
        <input
          className="field"
          placeholder="Ada 20, Bo out, rest all"
          value={text}
          aria-invalid={fault !== undefined}
          aria-describedby="played-said"
          onChange={(e) => {
            setText(e.target.value);
            setFault(undefined);
          }}
        />
      </label>
      <p id="played-said" role="status" className="mt-0.5 text-tiny">
        {fault ? (
          <span className="text-oxide">
            <b>{fault.part}</b> {fault.message}
          </span>
        ) : (
          <span className="text-quiet">
            {said ? 'Press Enter to change it. ' : ''}Athletes not named played the whole match. Under 30 minutes counts
            as not played (DNP+1 instead of MD+1 in their season).
          </span>
        )}
      </p>
    </form>
  );
}
