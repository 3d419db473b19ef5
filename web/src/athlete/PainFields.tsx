import { partWords } from '../ui/words';
import { BodyMap } from './BodyMap';
import type { StoredReport } from './offline-db';

export type Pain = StoredReport['pain'][number];

/** 0 to 10 by touch. */
export function Scale({
  label,
  value,
  onValue,
}: {
  label: string;
  value: number | undefined;
  onValue: (v: number) => void;
}) {
  return (
    <div role="radiogroup" aria-label={label} className="mt-2 grid grid-cols-11 gap-1">
      {Array.from({ length: 11 }, (_, n) => (
        <button
          key={n}
          type="button"
          role="radio"
          aria-checked={value === n}
          aria-label={`${label} ${n}`}
          className={`head h-11 text-lg ${value === n ? 'bg-bronze text-paper' : 'bg-lit'}`}
          onClick={() => onValue(n)}
        >
          {n}
        </button>
      ))}
    </div>
  );
}

/** Where it hurts, on which side, how much. */
export function PainFields({ pain, onPain }: { pain: readonly Pain[]; onPain: (pain: Pain[]) => void }) {
  return (
    <>
      {pain.map((p, i) => (
        <div key={`${p.region} ${p.side ?? ''}`} className="mt-2 border-l-4 border-oxide pl-3">
          <div className="flex items-center justify-between">
            <b className="text-lg">{partWords(p)}</b>
            <button
              type="button"
              className="size-11 text-xl"
              aria-label={`No pain in the ${partWords(p)}`}
              onClick={() => onPain(pain.filter((_, k) => k !== i))}
            >
              ×
            </button>
          </div>
          <Scale
            label={`Pain in the ${partWords(p)}`}
            value={p.score}
            onValue={(score) => onPain(pain.map((q, k) => (k === i ? { ...q, score } : q)))}
          />
          {p.score > 5 && (
            <p className="mt-1 text-oxide">That is a lot. Do not train it any more and have it looked at.</p>
          )}
        </div>
      ))}
      <details className="mt-2" open={pain.length > 0 ? undefined : false}>
        <summary className="flex h-12 cursor-pointer items-center bg-lit px-3 text-lg">
          {pain.length ? 'Somewhere else …' : 'No pain. Tap here if there is some.'}
        </summary>
        <BodyMap
          chosen={pain}
          onChoose={(spot) => {
            const same = (p: Pain) => p.region === spot.region && p.side === spot.side;
            onPain(pain.some(same) ? pain.filter((p) => !same(p)) : [...pain, { ...spot, score: 3 }]);
          }}
        />
      </details>
    </>
  );
}
