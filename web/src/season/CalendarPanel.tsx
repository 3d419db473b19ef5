import { clashesOf } from '@tropaeum/core/season/calendar/calendar';
import { entriesOf } from '@tropaeum/core/season/plan/season-case';
import { RefreshCw, X } from 'lucide-react';
import { useState } from 'react';
import { ask } from '../api/client';
import { useMay } from '../api/queries';
import type { ListedAthlete, Squad } from '../api/types';
import { useWork } from '../api/use-work';
import { ageOf, dayName } from '../ui/days';
import { BadLines, FromFile } from './CalendarFile';
import { GivenOut } from './CalendarLinks';
import { type Feed, type StoredSeason, seasonKey } from './season-data';
import { requestOf } from './season-state';
import { useSeason, useSeasonFacts } from './store';

interface CalendarPanelProps {
  squad: Squad;
  athlete: ListedAthlete | undefined;
  stored: StoredSeason | undefined;
  today: string;
}

/** Calendars that are read: files, feeds; what clashes in them; and the address at which this one is given out. */
export function CalendarPanel({ squad, athlete, stored, today }: CalendarPanelProps) {
  const state = useSeasonFacts();
  const entries = entriesOf(requestOf(state));
  const clashes = clashesOf(entries.filter(({ on }) => on >= today));
  return (
    <div className="space-y-5">
      {clashes.length > 0 && (
        <section>
          <h3 className="label">Conflicts</h3>
          <ul>
            {clashes.slice(0, 8).map(({ ids, words, kind }) => (
              <li key={ids.join()} className="flex justify-between gap-2 py-0.5">
                <span>
                  {words.replace(/\d{4}-\d\d-\d\d/, dayName)}{' '}
                  {kind === 'twice' && <span className="text-quiet">Counted once.</span>}
                </span>
                {kind === 'twice' && (
                  <button
                    type="button"
                    className="underline"
                    onClick={() => useSeason.getState().dropEntry(ids[1] as string)}
                  >
                    Remove one
                  </button>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      <FromFile />
      {!athlete && <Feeds squadId={squad.id} feeds={stored?.feeds ?? []} />}
      <GivenOut squad={squad} athlete={athlete} />
    </div>
  );
}

function Feeds({ squadId, feeds }: { squadId: string; feeds: Feed[] }) {
  const mayDelete = useMay('delete');
  const [url, setUrl] = useState('');
  const { busy, problem, work } = useWork(seasonKey(squadId), ['squads']);
  return (
    <section>
      <h3 className="label">Subscribed calendars</h3>
      <ul>
        {feeds.map((feed) => (
          <li key={feed.id} className="border-b border-edge py-1.5" data-feed>
            <div className="flex items-center gap-1">
              <span className="min-w-0 flex-1 truncate" title={feed.url}>
                {feed.url.replace(/^https?:\/\//, '')}
              </span>
              <button
                type="button"
                aria-label="Refresh now"
                disabled={busy !== undefined}
                onClick={() => void work(feed.id, () => ask(`/feeds/${feed.id}/read`, 'POST', {}))}
              >
                <RefreshCw size={13} className={busy === feed.id ? 'animate-spin' : ''} />
              </button>
              {mayDelete && (
                <button
                  type="button"
                  aria-label="Unsubscribe"
                  onClick={() => void work(feed.id, () => ask(`/feeds/${feed.id}`, 'DELETE'))}
                >
                  <X size={13} />
                </button>
              )}
            </div>
            <p className={feed.problem ? 'text-oxide' : 'text-quiet'}>
              {feed.entries.length} entries, updated {feed.readAt ? ageOf(feed.readAt) : 'never'}
              {feed.problem ? `. Last refresh failed: it ${feed.problem}. The last good copy is used.` : ''}
            </p>
            <BadLines bad={feed.bad} />
          </li>
        ))}
      </ul>
      <form
        className="mt-1.5 flex gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          void work('new', () => ask(`/squads/${squadId}/feeds`, 'POST', { url })).then((done) => done && setUrl(''));
        }}
      >
        <input
          aria-label="Address of a calendar feed"
          className="field h-7 min-w-0 flex-1"
          placeholder="https://…/fixtures.ics"
          value={url}
          onChange={(e) => setUrl(e.target.value)}
        />
        <button type="submit" className="key h-7 px-2" disabled={!url || busy !== undefined}>
          {busy === 'new' ? 'Reading …' : 'Subscribe'}
        </button>
      </form>
      {problem && (
        <p role="alert" className="mt-1 text-oxide">
          {problem}
        </p>
      )}
      <p className="mt-1 text-quiet">
        Example league to try:{' '}
        <button
          type="button"
          className="underline"
          onClick={() => setUrl(`${location.origin}/api/stand-ins/league.ics`)}
        >
          its link
        </button>
      </p>
    </section>
  );
}
