import { ageOn } from '@tropaeum/core/date/days';
import { labelAmong } from '@tropaeum/core/season/scheduler/day';
import type { Context } from '@tropaeum/core/session/context/context';
import { ChartLine, Dumbbell, Printer, Send, Users } from 'lucide-react';
import { Link } from 'react-router';
import type { ListedSession } from '../../api/types';
import type { SaveState } from '../../saving/debounced-saver';
import { UndoKeys } from '../../ui/UndoKeys';
import { useMeasures } from '../../ui/units';
import { words } from '../../ui/words';
import { useWritten } from '../state/store';

const saveWords: Record<SaveState['kind'], string> = {
  saved: 'saved',
  saving: 'saving …',
  waiting: 'saving …',
  trouble: '',
};

interface SessionBarProps {
  athleteId: string;
  name: string;
  context: Context;
  save: SaveState;
  lastDone: ListedSession | undefined;
  sending: boolean;
  onSend: () => void;
}

/** Whose session it is, and the keys that do something with the whole of it. */
export function SessionBar({ athleteId, name, context, save, lastDone, sending, onSend }: SessionBarProps) {
  const session = useWritten();
  const measures = useMeasures();
  const { brief, draft, stored, composing } = session;
  const role = context.sport.roles.find((r) => r.id === brief.sport.role)?.name.toLowerCase();
  const age = ageOn(brief.athlete.born, brief.date);
  const { lastFixture, nextFixture } = brief.season;
  const label = labelAmong(
    brief.date,
    [lastFixture, nextFixture].flatMap((on) => on ?? []),
  );
  const locked = stored?.status === 'done';
  return (
    <div className="flex items-baseline justify-between gap-4">
      <h1 className="head truncate text-[1.4rem]">
        {name}
        <span className="ml-3 text-[0.92rem] font-normal text-quiet [font-family:var(--font-text)]">
          {label !== '-' && <b className="dose mr-1 text-ink">{label}</b>}
          {role} · {brief.athlete.dominantSide ? `${brief.athlete.dominantSide} arm · ` : ''}
          {measures.mass(brief.athlete.massKg)}
          {age < 18 ? ` · ${age} years` : ''} · {words(brief.aim)}
          {lastDone && (
            <>
              {' · '}
              <Link to={`/returned/${lastDone.id}`} className="underline">
                last result
              </Link>
            </>
          )}
        </span>
      </h1>
      <div className="flex shrink-0 items-center gap-1.5">
        <span className="w-20 text-right text-small text-quiet" aria-live="polite">
          {draft && save.kind !== 'trouble' ? saveWords[save.kind] : ''}
        </span>
        <Link
          to={`/athletes/${athleteId}/ability`}
          className="key key-plain"
          aria-label="Capacity and equipment"
          title="Capacity and equipment (b)"
        >
          <Dumbbell size={16} />
        </Link>
        <Link to={`/athletes/${athleteId}/progress`} className="key key-plain" aria-label="Progress" title="Progress">
          <ChartLine size={16} />
        </Link>
        <UndoKeys past={session.past} future={session.future} undo={session.undo} redo={session.redo} />
        {draft && stored && (
          <Link to={`/sheet/${stored.id}`} className="key key-plain" aria-label="Printout" title="Printout">
            <Printer size={16} />
          </Link>
        )}
        {draft && stored && (
          <Link
            to={`/sessions/${stored.id}/squad`}
            className="key key-plain"
            aria-label="Plan for the whole squad"
            title="Plan this session for the whole squad"
          >
            <Users size={16} />
          </Link>
        )}
        {composing ? (
          <button type="button" className="key" onClick={session.stop}>
            Stop
          </button>
        ) : (
          <button
            type="button"
            className={`key ${draft ? '' : 'key-strong'}`}
            onClick={() => void session.compose()}
            disabled={locked}
          >
            {draft ? 'Recompose' : 'Compose'} <kbd className="dose opacity-60">c</kbd>
          </button>
        )}
        {draft && (
          <button
            type="button"
            className="key key-strong"
            disabled={!stored || sending || locked}
            onClick={() => onSend()}
          >
            <Send size={14} /> {stored?.status === 'sent' ? 'Send again' : 'Send'}
          </button>
        )}
      </div>
    </div>
  );
}
