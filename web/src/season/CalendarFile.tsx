import { dayAfter } from '@tropaeum/core/date/days';
import { type ReadCalendar, readCalendar } from '@tropaeum/core/formats/icalendar-read';
import { useState } from 'react';
import { useSeason } from './store';

/** A calendar file: what it holds is taken, what it calls off is taken out, what cannot be read is told by line. */
export function FromFile() {
  const [read, setRead] = useState<ReadCalendar & { name: string; added: number }>();
  const open = async (file: File) => {
    const { season, today, own, athlete, addEntries, changeSeason } = useSeason.getState();
    const calendar = readCalendar(await file.text(), {
      zone: season.zone,
      from: dayAfter(today, -60),
      to: dayAfter(today, 400),
      otherwise: 'fixture',
    });
    const there = new Set([...season.entries, ...own.entries].map(({ id }) => id));
    const off = new Set(calendar.cancelled);
    const fresh = calendar.entries.filter(({ id }) => !there.has(id));
    // Read again, a file brings what is new in it, what has moved, and what was called off.
    if (!athlete && calendar.entries.length + off.size > 0) {
      const brought = new Map(calendar.entries.map((entry) => [entry.id, entry]));
      changeSeason((now) => ({
        ...now,
        entries: [
          ...now.entries.filter(({ id }) => !off.has(id)).map((entry) => brought.get(entry.id) ?? entry),
          ...fresh,
        ],
      }));
    } else if (fresh.length > 0) addEntries(fresh);
    setRead({ ...calendar, name: file.name, added: fresh.length });
  };
  return (
    <section>
      <h3 className="label">Import a file</h3>
      <label className="key mt-1 h-7 cursor-pointer focus-within:outline-2">
        Choose a calendar file
        <input
          type="file"
          accept=".ics,text/calendar"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void open(file);
            event.target.value = '';
          }}
        />
      </label>
      {read && (
        <div role="status" className="mt-1">
          <p>
            {read.name}: <b>{read.added} new</b> of {read.entries.length}
            {read.cancelled.length > 0 ? `, ${read.cancelled.length} cancelled` : ''}.
          </p>
          <BadLines bad={read.bad} />
        </div>
      )}
    </section>
  );
}

export function BadLines({ bad }: { bad: ReadCalendar['bad'] }) {
  if (bad.length === 0) return null;
  return (
    <ul className="mt-1 text-oxide">
      {bad.slice(0, 6).map(({ line, message }) => (
        <li key={`${line} ${message}`}>
          Line {line} {message}
        </li>
      ))}
      {bad.length > 6 && <li>and {bad.length - 6} more</li>}
    </ul>
  );
}
