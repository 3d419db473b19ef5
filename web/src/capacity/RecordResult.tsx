import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import type { HomeTest } from '@tropaeum/core/capacity/battery';
import { jumpHeightCm } from '@tropaeum/core/capacity/jump';
import { ResultError, readResult } from '@tropaeum/core/capacity/result-text';
import { useState } from 'react';
import { useDevice } from '../devices/listening';

interface RecordProps {
  test: HomeTest;
  results: readonly TestResult[];
  day: string;
  onRecord: (results: TestResult[]) => void;
}

type Place = 'left' | 'right' | 'once';

/** Writes down what came of a test today: typed, or taken from the contact mat. */
export function RecordResult({ test, results, day, onRecord }: RecordProps) {
  const places: readonly Place[] = test.sides === 'single' ? ['left', 'right'] : ['once'];
  const [typed, setTyped] = useState<Record<Place, string>>({ left: '', right: '', once: '' });
  const [fault, setFault] = useState('');
  const [on, setOn] = useState(day);
  const keep = () => {
    try {
      const given = places
        .filter((place) => typed[place].trim())
        .map(
          (place): TestResult => ({
            test: test.id,
            value: readResult(test, typed[place]),
            ...(place === 'once' ? {} : { side: place }),
            on,
          }),
        );
      if (given.length === 0) throw new ResultError('nothing', 'a result');
      // Typed twice is kept once; two tries of a day are both kept, and the better one counts.
      const anew = given.filter((g) => !results.some((r) => JSON.stringify(r) === JSON.stringify(g)));
      onRecord([...results, ...anew]);
      setTyped({ left: '', right: '', once: '' });
      setFault('');
    } catch (error) {
      if (!(error instanceof ResultError)) throw error;
      setFault(error.message);
    }
  };
  return (
    <form
      className="mt-2 border-y border-stone py-2"
      onSubmit={(e) => {
        e.preventDefault();
        keep();
      }}
    >
      <div className="flex items-end gap-1.5">
        {places.map((place) => (
          <label key={place} className="flex-1 text-[0.8rem]">
            {place === 'once' ? `result, ${test.unit}` : place}
            <input
              aria-label={place === 'once' ? 'Result' : `Result ${place}`}
              className="field h-8"
              value={typed[place]}
              placeholder={test.unit === 'centimetres' ? '31' : test.unit === 'seconds' ? '45' : '22'}
              onChange={(e) => setTyped((t) => ({ ...t, [place]: e.target.value }))}
            />
          </label>
        ))}
        <button type="submit" className="key key-strong">
          Save
        </button>
      </div>
      <label className="mt-1 flex items-center gap-2 text-[0.8rem] text-quiet">
        on
        <input
          type="date"
          aria-label="Day of the test"
          className="field h-7 w-36"
          max={day}
          value={on}
          onChange={(e) => e.target.value && setOn(e.target.value)}
        />
      </label>
      {fault && (
        <p role="alert" className="mt-1 text-[0.84rem] text-oxide">
          {fault}
        </p>
      )}
      {test.id === 'countermovement-jump' && (
        <Mat onTake={(seconds) => setTyped((t) => ({ ...t, once: `${seconds} s` }))} />
      )}
    </form>
  );
}

/** The contact mat: every jump is shown, the best one goes into the field. */
function Mat({ onTake }: { onTake: (flightSeconds: number) => void }) {
  const [jumps, setJumps] = useState<number[]>([]);
  const mat = useDevice<{ flightSeconds: number }>('contact-mat', ({ flightSeconds }) => {
    setJumps((list) => {
      const next = [...list, flightSeconds].slice(-3);
      onTake(Math.max(...next));
      return next;
    });
  });
  const { kind } = mat.state;
  if (kind === 'off' || kind === 'lost')
    return (
      <p className="mt-1.5 text-[0.84rem]">
        {kind === 'lost' && <span className="text-oxide">No signal from the mat. </span>}
        <button type="button" className="underline" onClick={mat.start}>
          Connect a contact mat
        </button>
      </p>
    );
  return (
    <p className="mt-1.5 flex justify-between text-[0.84rem]" role="status">
      <span>
        {jumps.length === 0
          ? 'Waiting for a jump …'
          : jumps.map((s) => `${s.toFixed(3)} s, ${jumpHeightCm(s).toFixed(1)} cm`).join(' · ')}
      </span>
      <button type="button" className="underline" onClick={mat.stop}>
        Stop
      </button>
    </p>
  );
}
