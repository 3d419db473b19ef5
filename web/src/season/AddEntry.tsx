import type { TextFault } from '@tropaeum/core/date/day-text';
import { readEntryText } from '@tropaeum/core/season/calendar/entry-text';
import { useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { v7 } from 'uuid';
import { useSeason } from './store';

/** Entries are typed in a line; what cannot be read is named, and nothing is taken. */
export function AddEntry() {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<TextFault>();
  const [added, setAdded] = useState('');
  const input = useRef<HTMLInputElement>(null);
  useHotkeys('a', () => input.current?.focus(), { preventDefault: true });
  const add = () => {
    const { today, addEntries } = useSeason.getState();
    const read = readEntryText(text, today);
    if ('fault' in read) {
      setFault(read.fault);
      return;
    }
    addEntries(read.entries.map((entry) => ({ ...entry, id: v7() })));
    setAdded(
      `${read.entries.length === 1 ? 'One entry' : `${read.entries.length} entries`} added: ${read.entries[0]?.name}`,
    );
    setFault(undefined);
    setText('');
  };
  return (
    <form
      className="no-print mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim()) add();
      }}
    >
      <input
        ref={input}
        aria-label="Add to the calendar"
        aria-invalid={fault !== undefined}
        aria-describedby="entry-said"
        className="field dose"
        placeholder="sat 12 dec 15:00 match Vestøy !   ·   every tue, thu 18:30-20:00 practice e7   ·   28 dec - 3 jan closed"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setFault(undefined);
          setAdded('');
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Escape') return;
          setText('');
          setFault(undefined);
          input.current?.blur();
        }}
      />
      <p id="entry-said" className="h-5 text-small" role="status">
        {fault ? (
          <span className="text-oxide">
            <b>{fault.part || 'The line'}</b> {fault.message}
          </span>
        ) : (
          <span className="text-quiet">{added}</span>
        )}
      </p>
    </form>
  );
}
