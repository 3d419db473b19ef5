import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import { battery, type HomeTest, sidesOf, unitWords } from '@tropaeum/core/capacity/battery';
import { jumpHeightCm } from '@tropaeum/core/capacity/jump';
import { useEffect, useState } from 'react';
import { dayName } from '../ui/days';
import { type JumpSensor, phoneMotion } from './jump-sensor';
import { keepTests } from './keep-tests';
import { kept, phone } from './offline-db';
import { Sheet } from './Sheet';
import type { LinkSession } from './use-link';

const leadSeconds = 5;

/** A clock that is begun and ended with a tap: time to get ready, then seconds until the tap. */
function Stopwatch({ onTime }: { onTime: (seconds: number) => void }) {
  const [begun, setBegun] = useState<number>();
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (begun === undefined) return;
    const timer = window.setInterval(() => setNow(performance.now()), 100);
    return () => window.clearInterval(timer);
  }, [begun]);
  const seconds = begun === undefined ? 0 : (now - begun) / 1000 - leadSeconds;
  return (
    <button
      type="button"
      className="head mt-3 grid h-40 w-full place-items-center bg-lit text-5xl"
      onClick={() => {
        if (begun === undefined) {
          setNow(performance.now());
          setBegun(performance.now());
          return;
        }
        setBegun(undefined);
        if (seconds > 0) onTime(Math.floor(seconds));
      }}
    >
      {begun === undefined ? 'Start' : seconds < 0 ? Math.ceil(-seconds) : `${Math.floor(seconds)} s · stop`}
    </button>
  );
}

/** Jumps by a sensor: whatever says how long somebody was in the air. */
function Jumps({ sensor, onHeight }: { sensor: JumpSensor; onHeight: (cm: number) => void }) {
  const [heights, setHeights] = useState<number[]>([]);
  const [state, setState] = useState<'off' | 'on' | 'none'>('off');
  useEffect(() => {
    if (state !== 'on') return;
    return sensor.listen(({ flightSeconds }) => {
      const cm = Math.round(jumpHeightCm(flightSeconds) * 10) / 10;
      setHeights((all) => [...all, cm].slice(-3));
    });
  }, [state, sensor]);
  useEffect(() => {
    if (heights.length > 0) onHeight(Math.max(...heights));
  }, [heights, onHeight]);
  if (state === 'none') return <p className="mt-2 text-quiet">This phone measures no motion: type the height.</p>;
  return state === 'off' ? (
    <button
      type="button"
      className="head mt-3 h-14 w-full bg-lit text-xl"
      onClick={async () => setState((await sensor.ask()) ? 'on' : 'none')}
    >
      Measure with this phone
    </button>
  ) : (
    <p className="mt-3 text-lg" role="status">
      Hold the phone flat against the breastbone with both hands, and jump. {heights.map((h) => `${h} cm`).join(', ')}
    </p>
  );
}

interface OneTestProps {
  test: HomeTest;
  onKeep: (results: readonly Omit<TestResult, 'on'>[]) => Promise<void>;
  onClose: () => void;
}

/** One test, led: what to do, when it ends, a clock or a sensor where there is one, the value of each side. */
function OneTest({ test, onKeep, onClose }: OneTestProps) {
  const sides = sidesOf(test);
  const [values, setValues] = useState<Record<string, string>>({});
  const [least, most] = test.range;
  const keyOf = (side: string | undefined) => side ?? 'both';
  const resultOf = (side: string | undefined) => Number(values[keyOf(side)] ?? Number.NaN);
  const isRight = (value: number) => value >= least && value <= most;
  const set = (side: string | undefined, value: number | string) =>
    setValues((v) => ({ ...v, [keyOf(side)]: `${value}` }));
  const next = sides.find((side) => !values[keyOf(side)]) ?? sides[0];
  const given = sides.filter((side) => isRight(resultOf(side)));
  return (
    <Sheet title={test.name} onClose={onClose}>
      <ol className="mt-2 list-decimal pl-5 text-lg leading-snug">
        {test.steps.map((step) => (
          <li key={step} className="py-0.5">
            {step}
          </li>
        ))}
      </ol>
      <p className="mt-2">
        <b>Ends:</b> {test.ends}
      </p>
      {test.caution && <p className="mt-1 text-oxide">{test.caution}</p>}
      {test.unit === 'seconds' && <Stopwatch onTime={(seconds) => set(next, seconds)} />}
      {test.id === 'countermovement-jump' && <Jumps sensor={phoneMotion} onHeight={(cm) => set(undefined, cm)} />}
      {sides.map((side) => (
        <label key={keyOf(side)} className="mt-3 flex items-center justify-between gap-3 text-lg">
          {side ? `${side} side` : 'Result'}, {unitWords[test.unit]}
          <input
            className="field h-12 w-28 text-xl"
            inputMode="decimal"
            value={values[keyOf(side)] ?? ''}
            aria-invalid={Boolean(values[keyOf(side)]) && !isRight(resultOf(side))}
            onChange={(event) => set(side, event.target.value.replace(',', '.'))}
          />
        </label>
      ))}
      <p className="mt-1 text-quiet">
        From {least} to {most} {unitWords[test.unit]}.
      </p>
      <button
        type="button"
        className="head mt-4 h-14 w-full bg-bronze text-xl text-paper disabled:opacity-40"
        disabled={given.length === 0}
        onClick={() =>
          void onKeep(given.map((side) => ({ test: test.id, value: resultOf(side), ...(side ? { side } : {}) }))).then(
            onClose,
          )
        }
      >
        Send to my coach
      </button>
    </Sheet>
  );
}

/** My tests: the battery for home, with what came of each last time. */
export default function Tests({ link, before }: { link: LinkSession; before: readonly TestResult[] }) {
  const [open, setOpen] = useState<HomeTest>();
  const [own, setOwn] = useState<TestResult[]>([]);
  const { token } = link;
  useEffect(() => {
    void kept(async () => setOwn(await phone.tests.where({ token }).toArray()));
  }, [token]);
  const all = [...before, ...own];
  const lastOf = (id: string) =>
    all
      .filter((one) => one.test === id)
      .reduce<TestResult | undefined>((a, b) => (a && a.on > b.on ? a : b), undefined);
  const keep = async (results: readonly Omit<TestResult, 'on'>[]) => {
    await keepTests(link, results);
    setOwn(await phone.tests.where({ token }).toArray());
  };
  return (
    <ul>
      {battery.map((test) => {
        const last = lastOf(test.id);
        return (
          <li key={test.id} className="border-b border-edge">
            <button
              type="button"
              className="flex min-h-12 w-full items-center justify-between gap-3 text-left text-lg"
              onClick={() => setOpen(test)}
            >
              {test.name}
              <span className="dose shrink-0 text-base text-quiet">
                {last ? `${last.value} ${unitWords[test.unit]} · ${dayName(last.on)}` : 'not yet'}
              </span>
            </button>
          </li>
        );
      })}
      {open && <OneTest test={open} onKeep={keep} onClose={() => setOpen(undefined)} />}
    </ul>
  );
}
