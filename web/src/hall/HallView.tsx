import { useQuery } from '@tanstack/react-query';
import type { AtStation, Station } from '@tropaeum/core/session/player/hall';
import { ChevronLeft, ChevronRight, Pause, Play } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useParams, useSearchParams } from 'react-router';
import { ask } from '../api/client';
import { dayName } from '../ui/days';
import { Figure } from '../ui/Figure';
import { Nothing, Trouble, Waiting } from '../ui/States';
import { shownInUnits } from '../ui/units';
import { blockWords } from '../ui/words';

interface Hall {
  on: string;
  stations: Station[];
}

/** Seconds of work and rest by turns, shown large; off until it is begun. */
function useTurns(workSeconds: number, restSeconds: number) {
  const [begun, setBegun] = useState<number>();
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (begun === undefined) return;
    const timer = window.setInterval(() => setNow(performance.now()), 200);
    return () => window.clearInterval(timer);
  }, [begun]);
  const passed = begun === undefined ? 0 : ((now - begun) / 1000) % (workSeconds + restSeconds);
  const isRest = passed >= workSeconds;
  return {
    isOn: begun !== undefined,
    isRest,
    left: Math.ceil(isRest ? workSeconds + restSeconds - passed : workSeconds - passed),
    toggle: () => {
      setNow(performance.now());
      setBegun(begun === undefined ? performance.now() : undefined);
    },
  };
}

function Row({ athlete, otherwise, amount, with: load }: AtStation) {
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-5 border-b border-edge py-1.5">
      <b className="truncate text-[2rem] leading-tight">{athlete}</b>
      <span className="head text-[1.9rem] leading-tight">{amount}</span>
      {(otherwise || load) && (
        <span className="col-span-2 text-[1.35rem] leading-tight text-bronze">
          {[otherwise, load && shownInUnits(load)].filter(Boolean).join(' · ')}
        </span>
      )}
    </li>
  );
}

const seconds = [20, 30, 40, 60, 90] as const;

/** A screen for a hall or a television: one station after the other, the figure large, each one's way beside the name. */
export function HallView() {
  const { squadId = '' } = useParams();
  const [address] = useSearchParams();
  const on = address.get('day') ?? '';
  const hall = useQuery({
    queryKey: ['hall', squadId, on],
    queryFn: () => ask<Hall>(`/squads/${squadId}/hall${on ? `?on=${on}` : ''}`),
  });
  const [at, setAt] = useState(0);
  const [work, setWork] = useState(40);
  const turns = useTurns(work, Math.round(work / 2));
  const count = hall.data?.stations.length ?? 0;
  const go = (by: number) => setAt((now) => Math.min(Math.max(now + by, 0), Math.max(0, count - 1)));
  useHotkeys('right, n, PageDown', () => go(1), [count]);
  useHotkeys('left, b, PageUp', () => go(-1), [count]);
  useHotkeys('space', turns.toggle, { preventDefault: true }, [turns]);
  if (hall.error) return <Trouble error={hall.error} again={() => void hall.refetch()} />;
  if (!hall.data) return <Waiting what="Opening the hall" />;
  const station = hall.data.stations[at];
  if (!station)
    return (
      <Nothing title={`Nobody has a session on ${dayName(hall.data.on)}.`}>
        <Link to="/" className="underline">
          Back to the squads
        </Link>
      </Nothing>
    );
  return (
    <main
      data-theme="dark"
      className="grid h-dvh grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_auto] bg-paper text-ink"
    >
      <header className="col-span-2 flex items-center justify-between gap-6 px-8 pt-4">
        <p className="label text-[1.1rem]">
          {blockWords(station.block)} · {at + 1} of {count}
        </p>
        <Link to="/" className="label text-[1.1rem] underline">
          Close
        </Link>
      </header>
      <section className="flex min-h-0 flex-col px-8 pb-2" aria-label="Exercise">
        <h1 className="head text-[3.4rem] leading-none">{station.name}</h1>
        <p className="text-[1.6rem] text-quiet">{station.cue}</p>
        <Figure
          variant={station.drawnAs ?? station.variant}
          poses={station.poses}
          name={station.name}
          playing
          className="min-h-0 w-full flex-1"
        />
      </section>
      <ul className="min-h-0 overflow-y-auto px-8" aria-label="Who does it how">
        {station.athletes.map((one) => (
          <Row key={one.athlete} {...one} />
        ))}
      </ul>
      <footer className="col-span-2 flex items-center gap-4 border-t border-edge px-8 py-3">
        <button type="button" className="key h-14 text-xl" onClick={() => go(-1)} disabled={at === 0}>
          <ChevronLeft /> Back
        </button>
        <button type="button" className="key key-strong h-14 text-xl" onClick={() => go(1)} disabled={at === count - 1}>
          Next <ChevronRight />
        </button>
        <span className="min-w-0 flex-1 truncate text-xl text-quiet">
          {hall.data.stations[at + 1] ? `Then: ${hall.data.stations[at + 1]?.name}` : 'The last one'}
        </span>
        <span className={`head text-[5rem] leading-none ${turns.isRest ? 'text-laurel' : ''}`} role="timer">
          {turns.isOn ? turns.left : ''}
        </span>
        <span className="w-20 text-xl">{turns.isOn ? (turns.isRest ? 'rest' : 'work') : ''}</span>
        <select
          aria-label="Seconds of work"
          className="field h-14 w-28 text-xl"
          value={work}
          onChange={(event) => setWork(Number(event.target.value))}
        >
          {seconds.map((one) => (
            <option key={one} value={one}>
              {one} s
            </option>
          ))}
        </select>
        <button type="button" className="key h-14 text-xl" onClick={turns.toggle}>
          {turns.isOn ? <Pause /> : <Play />} {turns.isOn ? 'Stop' : 'Clock'}
        </button>
      </footer>
    </main>
  );
}
