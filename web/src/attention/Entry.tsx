import { ruleOf } from '@tropaeum/core/desk/desk';
import type { DeskEntry } from '@tropaeum/core/desk/entry';
import { useState } from 'react';
import { Link } from 'react-router';
import { accept, message, snooze } from './actions';
import { Change } from './Change';
import { kindWords, urgencyWords } from './kind-words';
import { Sparkline } from './Sparkline';

/** What is open under an entry. */
export type Opened = 'change' | 'message' | 'rule';

/** Where an entry is looked at in full. */
export function placeOf({ place, athlete, session }: DeskEntry): string {
  if (place === 'review' && session) return `/returned/${session}`;
  if (place === 'season') return `/athletes/${athlete}/season`;
  return place === 'ability' ? `/athletes/${athlete}/ability` : `/athletes/${athlete}`;
}

interface EntryProps {
  entry: DeskEntry;
  chosen: boolean;
  opened: Opened | undefined;
  today: string;
  onChoose: () => void;
  onOpen: (what: Opened | undefined) => void;
}

/** The keys that act on an entry. */
const keysOf = ({ decisions, release }: DeskEntry) => [
  { key: 'a', name: decisions.length > 0 ? 'Accept' : release ? 'Ask' : 'Seen to', act: 'accept' as const },
  ...(decisions.length > 0 ? [{ key: 'c', name: 'Change', act: 'change' as const }] : []),
  { key: 's', name: 'Snooze', act: 'snooze' as const },
  { key: 'm', name: 'Message', act: 'message' as const },
];

/** One thing that wants the coach: what, on what grounds, what is proposed, and one key each for what to do. */
export function Entry({ entry, chosen, opened, today, onChoose, onOpen }: EntryProps) {
  const { name: kind, urgency, Icon } = kindWords[entry.kind];
  const rule = ruleOf(entry.rule);
  const act = {
    accept: () => void accept([entry], today),
    snooze: () => void snooze(entry, today, 1),
    change: () => onOpen(opened === 'change' ? undefined : 'change'),
    message: () => onOpen(opened === 'message' ? undefined : 'message'),
  };
  const urgent = urgency === 'now';
  return (
    <article
      aria-label={`${entry.name}: ${entry.headline}`}
      aria-current={chosen ? 'true' : undefined}
      onFocus={onChoose}
      onMouseDown={onChoose}
      className={`border-b border-edge py-2.5 pr-4 pl-3 ${chosen ? 'border-l-4 border-l-bronze bg-sheet' : 'border-l-4 border-l-clear'}`}
    >
      <div className="grid grid-cols-[7.5rem_minmax(0,1fr)_6.5rem_minmax(0,1.15fr)_auto] items-start gap-4">
        <div className={urgent ? 'text-oxide' : urgency === 'soon' ? 'text-bronze' : 'text-quiet'}>
          <p className="flex items-center gap-1.5 text-[0.9rem] font-semibold">
            <Icon size={15} aria-hidden /> {kind}
          </p>
          <p className="text-small text-quiet">{urgencyWords[urgency]}</p>
        </div>
        <div className="min-w-0">
          <p>
            <Link to={placeOf(entry)} className="head hover:underline">
              {entry.name}
            </Link>{' '}
            <span className={urgent ? 'font-semibold' : ''}>{entry.headline}</span>
          </p>
          {entry.evidence.map((line) => (
            <p key={line} className="text-small text-quiet">
              {line}
            </p>
          ))}
        </div>
        {entry.trend ? <Sparkline trend={entry.trend} /> : <span />}
        <div className="min-w-0 text-[0.9rem]">
          {entry.proposal.split('\n').map((line) => (
            <p key={line} className={urgent ? undefined : 'line-clamp-2'} title={line}>
              {line}
            </p>
          ))}
          <button
            type="button"
            className="text-small text-quiet underline decoration-dotted hover:text-ink"
            aria-expanded={opened === 'rule'}
            onClick={() => onOpen(opened === 'rule' ? undefined : 'rule')}
          >
            {rule.title}
          </button>
        </div>
        <div className="grid w-[11.5rem] grid-cols-2 gap-1">
          {keysOf(entry).map(({ key, name, act: what }) => (
            <button
              key={key}
              type="button"
              className={`key h-7 justify-between px-2 ${what === 'accept' && chosen ? 'key-strong' : ''}`}
              onClick={act[what]}
              title={`${name} (${key})`}
            >
              {name} <kbd className="dose text-[0.7rem] opacity-70">{key}</kbd>
            </button>
          ))}
        </div>
      </div>
      {opened === 'rule' && (
        <p className="mt-2 max-w-3xl border-l-2 border-stone pl-3 text-small">
          <b>{rule.title}.</b> {rule.says} <span className="text-quiet">Source: {rule.source}.</span>
        </p>
      )}
      {opened === 'change' && <Change entry={entry} onDone={() => onOpen(undefined)} />}
      {opened === 'message' && <Write entry={entry} onDone={() => onOpen(undefined)} />}
    </article>
  );
}

/** What is written to the athlete; a word to begin with stands there. */
function Write({ entry, onDone }: { entry: DeskEntry; onDone: () => void }) {
  const [body, setBody] = useState(entry.message);
  const send = async () => {
    if (await message(entry, body)) onDone();
  };
  return (
    <form
      className="mt-2 flex max-w-3xl items-start gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <textarea
        // biome-ignore lint/a11y/noAutofocus: the key that opens it is for writing
        autoFocus
        aria-label={`Message to ${entry.name}`}
        value={body}
        maxLength={600}
        onChange={(event) => setBody(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') onDone();
          if (event.key === 'Enter' && !event.shiftKey) {
            event.preventDefault();
            void send();
          }
        }}
        className="field h-16 py-1"
      />
      <button type="submit" className="key key-strong" disabled={body.trim() === ''}>
        Send
      </button>
      <button type="button" className="key" onClick={onDone}>
        Cancel
      </button>
    </form>
  );
}
