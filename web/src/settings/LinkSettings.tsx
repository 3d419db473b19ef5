import { useQuery } from '@tanstack/react-query';
import { ask } from '../api/client';
import { useWork } from '../api/use-work';
import { dayOfMoment } from '../ui/days';
import { Trouble, Waiting } from '../ui/States';

interface Links {
  athletes: { athleteId: string; athlete: string; createdAt: string; expiresAt: string }[];
  calendars: {
    id: string;
    squad: string;
    athlete: string | null;
    createdAt: string;
    expiresAt: string;
    readAt: string | null;
  }[];
}

/** Every link that is open: to athletes' pages and to calendars; each can be ended. */
export function LinkSettings() {
  const links = useQuery({ queryKey: ['links'], queryFn: () => ask<Links>('/links') });
  const { work, problem, busy } = useWork(['links'], ['outbox'], ['calendar-links']);
  if (links.error) return <Trouble error={links.error} again={() => void links.refetch()} />;
  if (!links.data) return <Waiting what="Opening links" />;
  const { athletes, calendars } = links.data;
  const row = (key: string, title: string, words: string, path: string) => (
    <li key={key} className="flex items-baseline gap-4 border-b border-edge py-2" aria-busy={busy === key}>
      <b className="w-56">{title}</b>
      <span className="flex-1 text-quiet">{words}</span>
      <button
        type="button"
        className="underline"
        aria-label={`End the link of ${title}`}
        onClick={() => void work(key, () => ask(path, 'DELETE'))}
      >
        End
      </button>
    </li>
  );
  return (
    <div className="max-w-3xl">
      <p className="mt-1 text-quiet">
        Whoever has a link sees what it opens. What it says is kept nowhere, only that it is there.
      </p>
      <h2 className="head mt-5 text-lg">Athletes’ pages</h2>
      {athletes.length === 0 && <p className="text-quiet">None is open.</p>}
      <ul>
        {athletes.map(({ athleteId, athlete, createdAt, expiresAt }) =>
          row(
            athleteId,
            athlete,
            `since ${dayOfMoment(createdAt)}, ends on ${dayOfMoment(expiresAt)}`,
            `/athletes/${athleteId}/link`,
          ),
        )}
      </ul>
      <h2 className="head mt-5 text-lg">Calendars</h2>
      {calendars.length === 0 && <p className="text-quiet">None is open.</p>}
      <ul>
        {calendars.map(({ id, squad, athlete, readAt, expiresAt }) =>
          row(
            id,
            athlete ?? squad,
            `${readAt ? `read last on ${dayOfMoment(readAt)}` : 'never read'}, ends on ${dayOfMoment(expiresAt)}`,
            `/calendar-links/${id}`,
          ),
        )}
      </ul>
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
    </div>
  );
}
