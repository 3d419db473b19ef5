import { Link } from 'react-router';
import type { SaveState } from '../../saving/debounced-saver';
import { useWritten } from '../state/store';
import { ChangedElsewhere } from './ChangedElsewhere';

interface NoticesProps {
  name: string;
  /** Of the session, and of what was learned of its athlete. */
  saves: readonly SaveState[];
  link: string | undefined;
  sendProblem: string | undefined;
}

/** What happens and what went wrong, said above the score. */
export function Notices({ name, saves, link, sendProblem }: NoticesProps) {
  const session = useWritten();
  const { brief, draft, composing, refused, stored } = session;
  const locked = stored?.status === 'done';
  return (
    <div aria-live="polite">
      {composing && (
        <p className="mt-2 animate-pulse bg-sheet px-3 py-1.5">
          Composing {brief.minutes} minutes for {name} … Press Escape to stop.
        </p>
      )}
      <ChangedElsewhere athleteId={session.athleteId} name={name} />
      {session.problem && <p className="mt-2 bg-sheet px-3 py-1.5 text-oxide">{session.problem}</p>}
      {saves.flatMap((save) =>
        save.kind === 'trouble'
          ? [
              <p key={save.words} className="mt-2 bg-sheet px-3 py-1.5 text-oxide">
                Not saved: {save.words}
              </p>,
            ]
          : [],
      )}
      {session.said && !draft && <p className="mt-2 bg-sheet px-3 py-1.5 text-bronze">{session.said}</p>}
      {sendProblem && <p className="mt-2 bg-sheet px-3 py-1.5 text-oxide">{sendProblem}</p>}
      {locked && (
        <p className="mt-2 bg-sheet px-3 py-1.5">
          This session has been done. Choose another day in the season above to plan the next one.
        </p>
      )}
      {link && (
        <p className="mt-2 bg-sheet px-3 py-1.5">
          Sent. The link is shown only once; create a new one under{' '}
          <Link className="underline" to="/outbox">
            Messages
          </Link>
          :{' '}
          <a className="dose underline" href={link} data-athlete-link>
            {link}
          </a>
        </p>
      )}
      {refused && (
        <div className="mt-3 border-l-4 border-oxide bg-sheet px-4 py-3">
          <p className="head">{refused.reason}</p>
          {refused.ways?.length ? (
            <>
              <p className="mt-1 text-quiet">No session fits all of this. Relax one of these:</p>
              <div className="mt-1.5 flex flex-wrap gap-1.5">
                {refused.ways.map((way) => (
                  <button
                    key={way.words}
                    type="button"
                    className="key h-7"
                    onClick={() => void session.letGive(way.gives)}
                  >
                    {way.words.replace(/\.$/, '')}
                  </button>
                ))}
              </div>
            </>
          ) : (
            <p className="mt-1 text-quiet">What could be relaxed: {refused.relax.join(', ')}.</p>
          )}
        </div>
      )}
    </div>
  );
}
