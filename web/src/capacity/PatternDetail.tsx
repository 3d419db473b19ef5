import type { Brief } from '@tropaeum/core/session/brief/brief';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Figure } from '../ui/Figure';
import { shownInUnits } from '../ui/units';
import { capital, words } from '../ui/words';
import { measurer, type OfferedReach, type OfferedWay, type PatternOffer } from '../workers/measuring';
import { amountWords, zoneShort } from './zone-words';

const maxListed = 8;

function useWays(brief: Brief, variant: string): { says?: string; ways: OfferedWay[] } | undefined {
  const [found, setFound] = useState<{ says?: string; ways: OfferedWay[] }>();
  useEffect(() => {
    let wanted = true;
    setFound(undefined);
    measurer()
      .ways(brief, variant, 'strength')
      .then((answer) => wanted && setFound(answer))
      .catch(() => wanted && setFound({ ways: [] }));
    return () => {
      wanted = false;
    };
  }, [brief, variant]);
  return found;
}

/** One pattern in full: its exercises, each at its hardest, and what to do where that is not heavy enough. */
export function PatternDetail({ brief, offer }: { brief: Brief; offer: PatternOffer }) {
  const [chosen, setChosen] = useState(offer.exercises[0]?.variant);
  const exercise = offer.exercises.find((e) => e.variant === chosen) ?? offer.exercises[0];
  const [all, setAll] = useState(false);
  if (!exercise) return <p className="p-4 text-quiet">{offer.why}</p>;
  const shown = all ? offer.exercises : offer.exercises.slice(0, maxListed);
  return (
    <div className="px-4 py-3">
      <h2 className="head text-lg leading-tight">{capital(words(offer.pattern))}</h2>
      <ul className="mt-1">
        {shown.map((e) => (
          <li key={e.variant}>
            <button
              type="button"
              aria-pressed={e === exercise}
              className={`flex w-full cursor-pointer justify-between gap-2 border-b border-edge py-1 text-left text-[0.88rem] hover:bg-lit ${e === exercise ? 'bg-lit' : ''}`}
              onClick={() => setChosen(e.variant)}
            >
              <span className="min-w-0">
                <span className="block truncate">{e.name}</span>
                <span className="block truncate text-[0.76rem] text-quiet">{shownInUnits(e.with)}</span>
              </span>
              <span className="shrink-0 text-right leading-tight">
                <span className="dose">{e.reached ? `${Math.round(e.reached.share * 100)} %` : 'by RIR'}</span>
                <span className="block text-[0.76rem] text-quiet">
                  {e.reached ? (e.reached.zone ? zoneShort[e.reached.zone] : 'hold') : ''}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {offer.exercises.length > maxListed && (
        <button type="button" className="mt-1 text-[0.82rem] underline" onClick={() => setAll(!all)}>
          {all ? 'Fewer' : `All ${offer.exercises.length}`}
        </button>
      )}
      <Chosen brief={brief} exercise={exercise} />
    </div>
  );
}

function Chosen({ brief, exercise }: { brief: Brief; exercise: OfferedReach }) {
  const { athleteId } = useParams();
  const into = (variant: string, dose?: string) =>
    `/athletes/${athleteId}?add=${variant}${dose ? `&dose=${encodeURIComponent(dose)}` : ''}`;
  const found = useWays(brief, exercise.variant);
  const { reached } = exercise;
  return (
    <>
      <div className="mt-3 bg-paper px-2 pt-2">
        <Figure variant={exercise.variant} name={exercise.name} size={brief.athlete} className="h-28 w-full" playing />
      </div>
      <h3 className="head mt-2 text-[1rem]">
        <Link to={`/library/${exercise.variant}`} className="hover:underline">
          {exercise.name}
        </Link>
      </h3>
      <Link to={into(exercise.variant)} className="text-[0.84rem] underline">
        Add to the session
      </Link>
      {reached ? (
        <p className="text-[0.86rem] leading-snug">
          With {shownInUnits(exercise.with)}: {Math.round(reached.between.low * 100)} to{' '}
          {Math.round(reached.between.high * 100)} % of max, <b>{amountWords(reached)}</b>{' '}
          {reached.counts === 'seconds' ? 'until form breaks' : 'repetitions to failure'}.
        </p>
      ) : (
        <p className="text-[0.86rem] leading-snug">
          Band force unknown: stop with 2 reps left. Measure the band on the left to dose it like a weight.
        </p>
      )}
      {found?.says && (
        <>
          <p className="mt-2 text-[0.86rem] leading-snug text-oxide">{found.says}</p>
          <h4 className="label mt-2">Overload alternatives</h4>
          <ol>
            {found.ways.map((way) => (
              <li key={way.kind} className="border-b border-edge py-1 text-[0.84rem] leading-snug">
                {way.reaches && <b className="text-laurel">Heavy enough. </b>}
                {way.says}
                {way.dose && <WayDose dose={way.dose} to={into(way.variant ?? exercise.variant, way.dose)} />}
              </li>
            ))}
          </ol>
        </>
      )}
    </>
  );
}

/** A dose in notation, which goes into the session with its exercise. */
function WayDose({ dose, to }: { dose: string; to: string }) {
  return (
    <span className="flex items-baseline justify-between gap-2">
      <code className="dose text-bronze">{dose}</code>
      <Link to={to} className="text-[0.8rem] underline">
        add to the session
      </Link>
    </span>
  );
}
