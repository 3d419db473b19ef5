import { useVirtualizer } from '@tanstack/react-virtual';
import type { DeskEntry } from '@tropaeum/core/desk/entry';
import { Undo2 } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate, useOutletContext } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import { Nothing, Trouble, Waiting } from '../ui/States';
import { AcceptSafe } from './AcceptSafe';
import { accept, idOf, snooze, undo, useDeskState } from './actions';
import { Entry, type Opened, placeOf } from './Entry';
import { kindWords } from './kind-words';
import { OfferedRule } from './OfferedRule';
import { useOpenEntries } from './open-entries';
import { useDesk } from './queries';
import { useChoice } from './use-choice';

/** Days that the longer snooze puts an entry off. */
const longer = 7;
/** About how high an entry is, px; measured once it is there. */
const entryHeight = 92;

/** What wants the coach over all squads, most urgent first; one key each, and everything can be undone. */
export function AttentionView() {
  const { squads, today } = useOutletContext<CoachContext>();
  const navigate = useNavigate();
  const desk = useDesk();
  const { steps, says, problem } = useDeskState();
  const all = useOpenEntries();
  const [squad, setSquad] = useState('');
  const [opened, setOpened] = useState<{ id: string; what: Opened }>();
  const [summing, setSumming] = useState(false);
  const squadOf = useMemo(() => new Map(squads.athletes.map((a) => [a.id, a.squadId])), [squads]);
  const entries = squad ? all.filter(({ athlete }) => squadOf.get(athlete) === squad) : all;
  const { chosen, chosenAt, choose } = useChoice(entries);
  const safe = entries.filter((entry) => entry.safe);
  const scroller = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: entries.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => entryHeight,
    getItemKey: (i) => idOf(entries[i] as DeskEntry),
    overscan: 6,
  });
  const go = (to: number) => {
    const next = Math.max(0, Math.min(to, entries.length - 1));
    choose(entries[next]);
    setOpened(undefined);
    rows.scrollToIndex(next);
  };
  const open = (what: Opened) => chosen && setOpened({ id: idOf(chosen), what });
  const keys = { enabled: !summing && opened?.what !== 'message' && opened?.what !== 'change' };
  useHotkeys('j,down', () => go(chosenAt + 1), { ...keys, preventDefault: true }, [
    chosenAt,
    entries.length,
    keys.enabled,
  ]);
  useHotkeys('k,up', () => go(chosenAt - 1), { ...keys, preventDefault: true }, [
    chosenAt,
    entries.length,
    keys.enabled,
  ]);
  useHotkeys('home', () => go(0), { ...keys, preventDefault: true }, [entries.length, keys.enabled]);
  useHotkeys('end', () => go(entries.length - 1), { ...keys, preventDefault: true }, [entries.length, keys.enabled]);
  useHotkeys('a', () => chosen && void accept([chosen], today), keys, [chosen, today, keys.enabled]);
  useHotkeys('s', () => chosen && void snooze(chosen, today, 1), keys, [chosen, today, keys.enabled]);
  useHotkeys('shift+s', () => chosen && void snooze(chosen, today, longer), keys, [chosen, today, keys.enabled]);
  useHotkeys('c', () => chosen && chosen.decisions.length > 0 && open('change'), { ...keys, preventDefault: true }, [
    chosen,
    keys.enabled,
  ]);
  useHotkeys('m', () => open('message'), { ...keys, preventDefault: true }, [chosen, keys.enabled]);
  useHotkeys('w', () => open('rule'), keys, [chosen, keys.enabled]);
  useHotkeys('o,enter', () => chosen && void navigate(placeOf(chosen)), keys, [chosen, keys.enabled]);
  const takeBack = () => {
    choose(steps.at(-1)?.entries[0]);
    void undo();
  };
  useHotkeys('u', takeBack, keys, [steps, keys.enabled]);
  useHotkeys('shift+a', () => safe.length > 0 && setSumming(true), { ...keys, preventDefault: true }, [
    safe.length,
    keys.enabled,
  ]);
  if (desk.error) return <Trouble error={desk.error} again={() => void desk.refetch()} />;
  if (!desk.data) return <Waiting what="Reading results" />;
  const urgent = entries.filter(({ kind }) => kindWords[kind].urgency === 'now').length;
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <header className="flex items-end justify-between gap-4 border-b border-stone px-6 py-4">
        <div>
          <h1 className="head text-2xl">Attention</h1>
          <p className="text-quiet">
            <b className={urgent > 0 ? 'text-oxide' : ''}>{urgent}</b> today · {entries.length - urgent} that can wait
          </p>
        </div>
        <div className="flex items-center gap-2">
          {squads.squads.length > 1 && (
            <select
              aria-label="Squad"
              className="field w-44"
              value={squad}
              onChange={(event) => setSquad(event.target.value)}
            >
              <option value="">All squads</option>
              {squads.squads.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          )}
          <button type="button" className="key" disabled={steps.length === 0} onClick={takeBack} title="Undo (u)">
            <Undo2 size={15} /> Undo
          </button>
          <button
            type="button"
            className="key key-strong"
            disabled={safe.length === 0}
            onClick={() => setSumming(true)}
            title="Accept all safe proposals (Shift a)"
          >
            {safe.length > 0 ? `Accept ${safe.length} safe` : 'Nothing safe to accept'}
          </button>
        </div>
      </header>
      {(desk.data.offered ?? []).map((one) => (
        <OfferedRule key={one.rule} offered={one} />
      ))}
      <p role="status" className="min-h-6 px-6 pt-1 text-small text-quiet">
        {problem ? <span className="text-oxide">{problem}</span> : says}
      </p>
      {entries.length === 0 ? (
        <Nothing title="Nothing needs you.">
          Results, pain and missed sessions appear here as they come in. Plan the next sessions under Squads.
        </Nothing>
      ) : (
        <div ref={scroller} className="min-h-0 flex-1 overflow-y-auto px-3" data-desk>
          <div className="relative" style={{ height: rows.getTotalSize() }}>
            {rows.getVirtualItems().map((row) => {
              const entry = entries[row.index] as DeskEntry;
              const id = idOf(entry);
              return (
                <div
                  key={row.key}
                  ref={rows.measureElement}
                  data-index={row.index}
                  className="absolute inset-x-0"
                  style={{ transform: `translateY(${row.start}px)` }}
                >
                  <Entry
                    entry={entry}
                    chosen={row.index === chosenAt}
                    opened={opened?.id === id ? opened.what : undefined}
                    today={today}
                    onChoose={() => choose(entry)}
                    onOpen={(what) => setOpened(what && { id, what })}
                  />
                </div>
              );
            })}
          </div>
        </div>
      )}
      {summing && <AcceptSafe entries={safe} today={today} onClose={() => setSumming(false)} />}
    </main>
  );
}
