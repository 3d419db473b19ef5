import { useState } from 'react';
import { ask } from '../api/client';
import { useCalendarLinks } from '../api/queries';
import type { ListedAthlete, Squad } from '../api/types';
import { useWork } from '../api/use-work';
import { dateOfMoment, dayOfMoment } from '../ui/days';

export function GivenOut({ squad, athlete }: { squad: Squad; athlete: ListedAthlete | undefined }) {
  const [address, setAddress] = useState<string>();
  const links = useCalendarLinks(squad.id);
  const { problem, work } = useWork(['calendar-links', squad.id]);
  const make = async () => {
    const whose = athlete ? { athleteId: athlete.id } : {};
    const { path } = await ask<{ path: string }>(`/squads/${squad.id}/calendar-links`, 'POST', whose);
    setAddress(`${location.origin}${path}`);
  };
  const end = async (id: string) => {
    await ask(`/calendar-links/${id}`, 'DELETE');
    setAddress(undefined);
  };
  const ofThis = (links.data?.links ?? []).filter((link) => link.athleteId === (athlete?.id ?? null));
  return (
    <section>
      <h3 className="label">Calendar links</h3>
      <p className="text-quiet">
        Fixtures, practices and planned sessions of {athlete?.name ?? squad.name}, for any calendar app. Anyone with the
        link can read them.
      </p>
      {address && (
        <div className="mt-1 space-y-1" role="status">
          <input
            aria-label="Calendar link"
            readOnly
            className="field dose h-7"
            value={address}
            onFocus={(e) => e.target.select()}
          />
          <p className="flex justify-between gap-2">
            <a href={address} download={`${athlete?.name ?? squad.name}.ics`} className="underline">
              Download as a file
            </a>
            <span className="text-quiet">shown only once</span>
          </p>
        </div>
      )}
      <ul>
        {ofThis.map((link) => (
          <li key={link.id} className="flex items-baseline gap-2 border-b border-edge py-1" data-calendar-link>
            <span className="min-w-0 flex-1">
              Created {dayOfMoment(link.createdAt)}, expires {dateOfMoment(link.expiresAt)}
              <span className="block text-quiet">
                {link.readAt ? `last read ${dayOfMoment(link.readAt)}` : 'never read'}
              </span>
            </span>
            <button type="button" className="underline" onClick={() => void work(link.id, () => end(link.id))}>
              Revoke
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="key mt-1 h-7" onClick={() => void work('new', make)}>
        {ofThis.length > 0 ? 'Create another link' : 'Create calendar link'}
      </button>
      {problem && (
        <p role="alert" className="text-oxide">
          {problem}
        </p>
      )}
    </section>
  );
}
