import { format, parseISO } from 'date-fns';
import { Link } from 'react-router';
import { useOutbox } from '../api/queries';
import { Nothing, Trouble, Waiting } from '../ui/States';

/** What the message service has sent, newest first. */
export function Outbox() {
  const outbox = useOutbox();
  if (outbox.error) return <Trouble error={outbox.error} again={() => void outbox.refetch()} />;
  if (!outbox.data) return <Waiting what="Opening the outbox" />;
  const { messages } = outbox.data;
  return (
    <main className="min-w-0 flex-1 overflow-y-auto px-6 py-5">
      <h1 className="head text-2xl">Outbox</h1>
      <p className="text-quiet">
        Messages go out through a stand-in service: open a link here to see what the athlete sees.
      </p>
      {messages.length === 0 ? (
        <Nothing title="Nothing sent yet.">Write a session and send it; the athlete's link appears here.</Nothing>
      ) : (
        <ul className="mt-4 max-w-4xl">
          {messages.map((m) => (
            <li key={m.id} className="grid grid-cols-[10rem_1fr_auto] gap-4 border-b border-edge py-2.5">
              <Link to={`/athletes/${m.athleteId}`} className="head">
                {m.athlete}
              </Link>
              <div className="min-w-0">
                <p>{m.body}</p>
                <a href={m.link} className="dose block truncate underline">
                  {m.link}
                </a>
              </div>
              <p className="text-small text-quiet">
                {format(parseISO(m.createdAt), 'd MMM HH:mm')}
                <br />
                {m.deliveredAt ? 'delivered' : 'on its way'}
              </p>
            </li>
          ))}
        </ul>
      )}
    </main>
  );
}
