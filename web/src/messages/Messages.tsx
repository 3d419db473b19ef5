import { useState } from 'react';
import { Link } from 'react-router';
import { newAthleteLink } from '../api/athlete-link';
import { ask } from '../api/client';
import type { SimulatedMail, SimulatedReminder } from '../api/people-types';
import { useMails, useMay, useOutbox } from '../api/queries';
import type { OutboxMessage } from '../api/types';
import { useWork } from '../api/use-work';
import { CopyButton } from '../ui/CopyButton';
import { dayAndTime, dayOfMoment } from '../ui/days';
import { Nothing, Trouble, Waiting } from '../ui/States';

/** What the message service has sent, newest first. A link is shown when it is made and never again: only a mark of it is kept. */
export function Messages() {
  const outbox = useOutbox();
  const [made, setMade] = useState<{ athleteId: string; link: string }>();
  const { problem, work } = useWork(['outbox']);
  const { mails, reminders } = useMails(useMay('people')).data ?? {};
  if (outbox.error) return <Trouble error={outbox.error} again={() => void outbox.refetch()} />;
  if (!outbox.data) return <Waiting what="Opening messages" />;
  const { messages } = outbox.data;
  const newLink = ({ athleteId }: OutboxMessage) =>
    work(athleteId, async () => setMade({ athleteId, link: await newAthleteLink(athleteId) }));
  const latest = new Map([...messages].reverse().map((m) => [m.athleteId, m.id]));
  const isLatest = ({ athleteId, id }: OutboxMessage) => latest.get(athleteId) === id;
  return (
    <main className="min-w-0 flex-1 overflow-y-auto px-6 py-5">
      <h1 className="head text-2xl">Messages</h1>
      <p className="max-w-3xl text-quiet">
        Messages sent to athletes. Each athlete has one link. A new link replaces the old one and is shown only once.
      </p>
      {problem && (
        <p role="alert" className="mt-2 text-oxide">
          {problem}
        </p>
      )}
      {messages.length === 0 ? (
        <Nothing title="Nothing sent yet.">Plan a session and send it. The athlete's link appears here.</Nothing>
      ) : (
        <ul className="mt-4 max-w-4xl">
          {messages.map((m) => (
            <li key={m.id} className="grid grid-cols-[10rem_1fr_auto] gap-4 border-b border-edge py-2.5">
              <Link to={`/athletes/${m.athleteId}`} className="head">
                {m.athlete}
              </Link>
              <div className="min-w-0">
                <p>{m.body}</p>
                {made?.athleteId === m.athleteId && isLatest(m) && <NewLink link={made.link} />}
                <p className="mt-0.5 flex flex-wrap items-center gap-x-3 text-small text-quiet">
                  <span>{linkWords(isLatest(m) ? newestLink(m) : m)}</span>
                  {isLatest(m) && (
                    <>
                      <button type="button" className="underline" onClick={() => void newLink(m)}>
                        New link
                      </button>
                      {isOpen(newestLink(m)) && (
                        <button
                          type="button"
                          className="underline"
                          onClick={() => void work(m.athleteId, () => ask(`/athletes/${m.athleteId}/link`, 'DELETE'))}
                        >
                          Revoke link
                        </button>
                      )}
                    </>
                  )}
                </p>
              </div>
              <p className="text-small text-quiet">
                {dayAndTime(m.createdAt)}
                <br />
                {m.deliveredAt ? 'delivered' : 'not delivered: create a new link'}
              </p>
            </li>
          ))}
        </ul>
      )}
      {mails && mails.length > 0 && <Mails mails={mails} />}
      {reminders && reminders.length > 0 && <Reminded reminders={reminders} />}
    </main>
  );
}

type LinkState = Pick<OutboxMessage, 'linkUntil' | 'linkEnded'>;

/** The athlete's newest link: the one that the latest message speaks of. */
const newestLink = ({ newestUntil, newestEnded }: OutboxMessage): LinkState => ({
  linkUntil: newestUntil,
  linkEnded: newestEnded,
});

const isOpen = ({ linkUntil, linkEnded }: LinkState) =>
  linkUntil !== null && linkEnded === null && Date.parse(linkUntil) > Date.now();

function linkWords(link: LinkState): string {
  const { linkUntil, linkEnded } = link;
  if (isOpen(link)) return `Link valid until ${dayOfMoment(linkUntil as string)}`;
  if (linkEnded === 'coach') return 'Link revoked';
  return linkEnded === 'newer' ? 'Replaced by a newer link' : 'Link expired';
}

function NewLink({ link }: { link: string }) {
  return (
    <p className="my-1 flex items-center gap-2 bg-lit px-2 py-1" role="status">
      <a href={link} className="dose min-w-0 flex-1 truncate underline" data-athlete-link>
        {link}
      </a>
      <CopyButton text={link} className="key h-7 shrink-0" />
    </p>
  );
}

/** Reminders that would have gone to phones: nobody is named to push services, so the stand-in has them. */
function Reminded({ reminders }: { reminders: readonly SimulatedReminder[] }) {
  return (
    <section className="mt-8 max-w-4xl">
      <h2 className="head text-lg">Reminders not sent</h2>
      <p className="text-quiet">No push service is set, so reminders are shown here until the server restarts.</p>
      <ul className="mt-2">
        {reminders.map((one) => (
          <li key={one.at + one.to} className="flex justify-between gap-4 border-b border-edge py-2">
            <span>{one.text}</span>
            <span className="text-small text-quiet">
              to {one.to}, {dayAndTime(one.at)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Mail that would have gone out: no mail server is set, so it is shown here until the server is started again. */
function Mails({ mails }: { mails: readonly SimulatedMail[] }) {
  return (
    <section className="mt-8 max-w-4xl">
      <h2 className="head text-lg">Mail not sent</h2>
      <p className="text-quiet">
        No mail server is set, so invitations and new passwords are shown here until the server restarts.
      </p>
      <ul className="mt-2">
        {mails.map((mail) => (
          <li key={mail.at + mail.to} className="border-b border-edge py-2.5">
            <p className="flex justify-between gap-4">
              <b>{mail.subject}</b>
              <span className="text-small text-quiet">
                to {mail.to}, {dayAndTime(mail.at)}
              </span>
            </p>
            <p className="whitespace-pre-line">
              {mail.text
                .trim()
                .split(/(https?:\/\/\S+)/)
                .map((part) =>
                  part.startsWith('http') ? (
                    <a key={part} href={part} className="dose break-all underline">
                      {part}
                    </a>
                  ) : (
                    part
                  ),
                )}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
