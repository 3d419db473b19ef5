import { dayAfter } from '@tropaeum/core/date/days';
import { type ReadCalendar, readCalendar } from '@tropaeum/core/formats/icalendar-read';
import { clashesOf } from '@tropaeum/core/season/calendar/calendar';
import { entriesOf } from '@tropaeum/core/season/plan/season-plan';
import { RefreshCw, X } from 'lucide-react';
import { useState } from 'react';
import { ask } from '../api/client';
import { useCalendarLinks } from '../api/queries';
import type { ListedAthlete, Squad } from '../api/types';
import { useWork } from '../api/use-work';
import { ageOf, dateOfMoment, dayName, dayOfMoment } from '../ui/days';
import { type Feed, type StoredSeason, seasonKey } from './season-data';
import { requestOf, useSeason, useSeasonFacts } from './store';

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

/** A calendar file: what it holds is taken, what it calls off is taken out, what cannot be read is told by line. */
function FromFile() {
  const [read, setRead] = useState<ReadCalendar & { name: string; added: number }>();
  const open = async (file: File) => {
    const { season, today, own, athlete, addEntries, changeSeason } = useSeason.getState();
    const calendar = readCalendar(await file.text(), {
      zone: season.zone,
      from: dayAfter(today, -60),
      to: dayAfter(today, 400),
      otherwise: 'fixture',
    });
    const there = new Set([...season.entries, ...own.entries].map(({ id }) => id));
    const off = new Set(calendar.cancelled);
    const fresh = calendar.entries.filter(({ id }) => !there.has(id));
    // Read again, a file brings what is new in it, what has moved, and what was called off.
    if (!athlete && calendar.entries.length + off.size > 0) {
      const brought = new Map(calendar.entries.map((entry) => [entry.id, entry]));
      changeSeason((now) => ({
        ...now,
        entries: [
          ...now.entries.filter(({ id }) => !off.has(id)).map((entry) => brought.get(entry.id) ?? entry),
          ...fresh,
        ],
      }));
    } else if (fresh.length > 0) addEntries(fresh);
    setRead({ ...calendar, name: file.name, added: fresh.length });
  };
  return (
    <section>
      <h3 className="label">Import a file</h3>
      <label className="key mt-1 h-7 cursor-pointer focus-within:outline-2">
        Choose a calendar file
        <input
          type="file"
          accept=".ics,text/calendar"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void open(file);
            event.target.value = '';
          }}
        />
      </label>
      {read && (
        <div role="status" className="mt-1">
          <p>
            {read.name}: <b>{read.added} new</b> of {read.entries.length}
            {read.cancelled.length > 0 ? `, ${read.cancelled.length} cancelled` : ''}.
          </p>
          <BadLines bad={read.bad} />
        </div>
      )}
    </section>
  );
}

function BadLines({ bad }: { bad: ReadCalendar['bad'] }) {
  if (bad.length === 0) return null;
  return (
    <ul className="mt-1 text-oxide">
      {bad.slice(0, 6).map(({ line, message }) => (
        <li key={`${line} ${message}`}>
          Line {line} {message}
        </li>
      ))}
      {bad.length > 6 && <li>and {bad.length - 6} more</li>}
    </ul>
  );
}

function Feeds({ squadId, feeds }: { squadId: string; feeds: Feed[] }) {
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
              <button
                type="button"
                aria-label="Unsubscribe"
                onClick={() => void work(feed.id, () => ask(`/feeds/${feed.id}`, 'DELETE'))}
              >
                <X size={13} />
              </button>
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

function GivenOut({ squad, athlete }: { squad: Squad; athlete: ListedAthlete | undefined }) {
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
