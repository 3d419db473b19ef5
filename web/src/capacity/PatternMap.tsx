import { zones } from '@tropaeum/core/dose/zone';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { useEffect, useState } from 'react';
import { capital, words } from '../ui/words';
import { measurer, type OfferedReach, type PatternOffer } from '../workers/measuring';
import { PatternDetail } from './PatternDetail';
import { amountWords, zoneShort } from './zone-words';

/** Shares of the most are drawn between these. */
const [drawnFrom, drawnTo] = [0.1, 1.12];
const at = (share: number) =>
  `${((Math.min(drawnTo, Math.max(drawnFrom, share)) - drawnFrom) / (drawnTo - drawnFrom)) * 100}%`;
const marks = [zones.hypertrophy.share[0], zones.strength.share[0], 1];
const bands = [
  { from: drawnFrom, to: zones.hypertrophy.share[0], name: 'endurance' },
  { from: zones.hypertrophy.share[0], to: zones.strength.share[0], name: 'muscle' },
  { from: zones.strength.share[0], to: drawnTo, name: 'strength' },
];

function useReach(brief: Brief): PatternOffer[] | undefined {
  const [offers, setOffers] = useState<PatternOffer[]>();
  useEffect(() => {
    let wanted = true;
    measurer()
      .reach(brief)
      .then((found) => wanted && setOffers(found))
      .catch(() => wanted && setOffers([]));
    return () => {
      wanted = false;
    };
  }, [brief]);
  return offers;
}

/** Every pattern with the hardest that can be trained here, against the zones; the chosen one in full beside it. */
export function PatternMap({ brief }: { brief: Brief }) {
  const offers = useReach(brief);
  const [chosen, setChosen] = useState<string>('knee-dominant');
  if (!offers)
    return (
      <p className="p-4 text-quiet" aria-live="polite">
        Calculating every exercise for this athlete …
      </p>
    );
  const here = offers.filter((o) => o.exercises.length > 0);
  const not = offers.filter((o) => o.exercises.length === 0);
  const heavy = here.filter((o) => o.exercises[0]?.reached?.zone === 'strength').length;
  const offer = offers.find((o) => o.pattern === chosen) ?? here[0];
  return (
    <div className="flex min-h-0 flex-1">
      <div className="min-w-0 flex-1 overflow-y-auto px-4 pt-2 pb-6">
        <p className="text-[0.95rem]">
          This equipment trains <b>{here.length}</b> of {offers.length} movement patterns; heavy enough for maximal
          strength in <b>{heavy}</b>.
        </p>
        <div className="mt-2 grid grid-cols-[9rem_1fr_6.6rem] items-end gap-3 text-[0.72rem] text-quiet">
          <span className="label">Pattern</span>
          <span className="relative h-4">
            {bands.map(({ from, to, name }) => (
              <span
                key={name}
                className="absolute bottom-0 border-l border-stone text-center"
                style={{ left: at(from), right: `calc(100% - ${at(to)})` }}
              >
                {name}
              </span>
            ))}
          </span>
          <span className="label text-right">to failure</span>
        </div>
        <ul aria-label="Patterns">
          {here.map((o) => (
            <Row key={o.pattern} offer={o} chosen={o === offer} onChoose={() => setChosen(o.pattern)} />
          ))}
        </ul>
        {not.length > 0 && (
          <>
            <h2 className="label mt-4">Not possible with this equipment</h2>
            <ul>
              {not.map(({ pattern, why }) => (
                <li
                  key={pattern}
                  className="grid grid-cols-[9rem_1fr] gap-3 border-b border-edge py-0.5 text-[0.88rem]"
                >
                  <span>{capital(words(pattern))}</span>
                  <span className="text-quiet">{why ?? 'No loaded exercise in the library.'}</span>
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
      {offer && (
        <aside className="w-[280px] shrink-0 overflow-y-auto border-l border-edge bg-sheet" aria-label="Chosen pattern">
          <PatternDetail key={offer.pattern} brief={brief} offer={offer} />
        </aside>
      )}
    </div>
  );
}

function Row({ offer, chosen, onChoose }: { offer: PatternOffer; chosen: boolean; onChoose: () => void }) {
  const hardest = offer.exercises[0] as OfferedReach;
  const { reached } = hardest;
  return (
    <li>
      <button
        type="button"
        aria-pressed={chosen}
        data-pattern={offer.pattern}
        className={`grid w-full cursor-pointer grid-cols-[9rem_1fr_6.6rem] items-center gap-3 border-b border-edge py-1 text-left hover:bg-sheet ${chosen ? 'bg-lit shadow-[inset_3px_0_0_var(--oxide)]' : ''}`}
        onClick={onChoose}
      >
        <span className="pl-2 text-[0.92rem] leading-tight">
          {capital(words(offer.pattern))}
          <span className="block truncate text-[0.76rem] text-quiet">{hardest.name}</span>
        </span>
        <span className="relative h-6" aria-hidden="true">
          {marks.map((m) => (
            <span key={m} className="absolute inset-y-0 border-l border-stone" style={{ left: at(m) }} />
          ))}
          {offer.exercises
            .slice(1)
            .map(
              (e) =>
                e.reached && (
                  <span
                    key={e.variant}
                    className="absolute top-[9px] h-1.5 w-1.5 -translate-x-1/2 rounded-full bg-stone"
                    style={{ left: at(e.reached.share) }}
                  />
                ),
            )}
          {reached ? (
            <>
              <span
                className="absolute top-[11px] h-[2px] bg-ink"
                style={{ left: at(reached.between.low), right: `calc(100% - ${at(reached.between.high)})` }}
              />
              <span
                className={`absolute top-[6px] h-3 w-3 -translate-x-1/2 rounded-full ${reached.zone === 'strength' ? 'bg-oxide' : reached.zone === 'hypertrophy' ? 'bg-slate' : 'bg-bronze'}`}
                style={{ left: at(reached.share) }}
              />
            </>
          ) : (
            <span className="absolute top-0.5 text-[0.8rem] text-quiet">force unknown: by reps in reserve</span>
          )}
        </span>
        <span className="text-right text-[0.84rem] leading-tight">
          {reached ? (
            <>
              <span className="dose">{amountWords(reached)}</span>
              <span className="block text-[0.76rem] text-quiet">
                {Math.round(reached.share * 100)} % · {reached.zone ? zoneShort[reached.zone] : 'hold'}
              </span>
            </>
          ) : (
            <span className="text-quiet">–</span>
          )}
        </span>
      </button>
    </li>
  );
}
