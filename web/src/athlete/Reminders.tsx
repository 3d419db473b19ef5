import { two } from '@tropaeum/core/date/day-text';
import type { ReminderWishes } from '@tropaeum/core/session/player/reminders';
import { useEffect, useState } from 'react';
import { ApiError, ask } from '../api/client';

interface Known {
  key: string;
  /** Reminders go to a stand-in, not to this phone. */
  simulated: boolean;
  phones: { endpoint: string; wishes: ReminderWishes }[];
}

const usual = (): ReminderWishes => ({
  ...{ sessionAt: 17 * 60, morningAt: 8 * 60, whenSent: true, quietFrom: 21 * 60, quietTo: 7 * 60 },
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
});
const endpointKey = (token: string) => `tropaeum-reminders-${token.slice(-8)}`;

const timeOf = (minute: number) => `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;
const minuteOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

/** The phone says yes to its maker's push service; nothing is known of it until then. */
async function phoneTarget(key: string): Promise<{ endpoint: string; keys: { p256dh: string; auth: string } }> {
  const registration = await navigator.serviceWorker.ready;
  const subscription = await registration.pushManager.subscribe({ userVisibleOnly: true, applicationServerKey: key });
  const { endpoint = '', keys } = subscription.toJSON();
  return { endpoint, keys: { p256dh: keys?.p256dh ?? '', auth: keys?.auth ?? '' } };
}

interface TimeProps {
  label: string;
  value: number;
  onValue: (minute: number) => void;
}
function Time({ label, value, onValue }: TimeProps) {
  return (
    <label className="flex min-h-12 items-center justify-between gap-3 text-lg">
      {label}
      <input
        type="time"
        className="field h-11 w-32 text-lg"
        value={timeOf(value)}
        onChange={(event) => event.target.value && onValue(minuteOf(event.target.value))}
      />
    </label>
  );
}

/** Reminders, only where they are asked for: when, when not, and off again. */
export function Reminders({ token }: { token: string }) {
  const [known, setKnown] = useState<Known>();
  const [endpoint, setEndpoint] = useState(localStorage.getItem(endpointKey(token)) ?? '');
  const [wishes, setWishes] = useState<ReminderWishes>(usual);
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    const look = async () => {
      const found = await ask<Known>(`/link/${token}/reminders`).catch(() => undefined);
      setKnown(found);
      const mine = found?.phones.find((one) => one.endpoint === endpoint);
      if (mine) setWishes(mine.wishes);
      else if (found && endpoint) setEndpoint('');
    };
    void look();
  }, [token, endpoint]);

  const save = async (next: ReminderWishes) => {
    setWishes(next);
    setProblem(undefined);
    try {
      const target = endpoint ? { endpoint } : known?.simulated ? {} : await phoneTarget(known?.key ?? '');
      const given = await ask<{ endpoint: string }>(`/link/${token}/reminders`, 'POST', { ...target, wishes: next });
      localStorage.setItem(endpointKey(token), given.endpoint);
      setEndpoint(given.endpoint);
    } catch (error) {
      setProblem(
        error instanceof ApiError
          ? error.message
          : 'This phone did not allow it. Allow notifications of this page in its settings, then try again.',
      );
    }
  };
  const end = async () => {
    await ask(`/link/${token}/reminders/end`, 'POST', { endpoint }).catch(() => undefined);
    localStorage.removeItem(endpointKey(token));
    setEndpoint('');
  };
  if (!known) return <p className="mt-8 text-quiet">Reminders can be set while you are online.</p>;
  return (
    <section className="mt-8" aria-label="Reminders">
      <h2 className="label text-[0.8rem]">Reminders</h2>
      {endpoint ? (
        <>
          <Time
            label="Today's session"
            value={wishes.sessionAt ?? 1020}
            onValue={(sessionAt) => void save({ ...wishes, sessionAt })}
          />
          <Time
            label="The morning after"
            value={wishes.morningAt ?? 480}
            onValue={(morningAt) => void save({ ...wishes, morningAt })}
          />
          <Time
            label="Quiet from"
            value={wishes.quietFrom}
            onValue={(quietFrom) => void save({ ...wishes, quietFrom })}
          />
          <Time label="Quiet until" value={wishes.quietTo} onValue={(quietTo) => void save({ ...wishes, quietTo })} />
          <button type="button" className="mt-2 h-12 border border-stone px-4 text-lg" onClick={() => void end()}>
            No reminders any more
          </button>
        </>
      ) : (
        <button type="button" className="mt-1 h-12 border border-stone px-4 text-lg" onClick={() => void save(wishes)}>
          Remind me
        </button>
      )}
      {known.simulated && <p className="mt-1 text-quiet">Only tried out here: your coach sees them under Messages.</p>}
      {problem && (
        <p role="alert" className="mt-1 text-oxide">
          {problem}
        </p>
      )}
    </section>
  );
}
