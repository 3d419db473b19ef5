import { regions } from '@tropaeum/core/exercise/model/vocabulary';
import { words } from '../ui/words';
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
        <div key={p.region} className="mt-2 border-l-4 border-oxide pl-3">
          <div className="flex items-center justify-between">
            <b className="text-lg">{words(p.region)}</b>
            <span className="flex gap-1">
              {(['left', 'right'] as const).map((side) => (
                <button
                  key={side}
                  type="button"
                  aria-pressed={p.side === side}
                  className={`h-11 px-3 ${p.side === side ? 'bg-bronze text-paper' : 'bg-lit'}`}
                  onClick={() => onPain(pain.map((q, k) => (k === i ? { ...q, side } : q)))}
                >
                  {side}
                </button>
              ))}
              <button
                type="button"
                className="h-11 px-3"
                aria-label={`No pain in the ${words(p.region)}`}
                onClick={() => onPain(pain.filter((_, k) => k !== i))}
              >
                ×
              </button>
            </span>
          </div>
          <Scale
            label={`Pain in the ${words(p.region)}`}
            value={p.score}
            onValue={(score) => onPain(pain.map((q, k) => (k === i ? { ...q, score } : q)))}
          />
          {p.score > 5 && (
            <p className="mt-1 text-oxide">That is a lot. Do not train it any more and have it looked at.</p>
          )}
        </div>
      ))}
      <select
        aria-label="Where it hurts"
        className="field mt-2 h-12 text-lg"
        value=""
        onChange={(e) => e.target.value && onPain([...pain, { region: e.target.value as Pain['region'], score: 3 }])}
      >
        <option value="">{pain.length ? 'Somewhere else …' : 'No pain (choose where, if any)'}</option>
        {regions
          .filter((r) => !pain.some((p) => p.region === r))
          .map((r) => (
            <option key={r} value={r}>
              {words(r)}
            </option>
          ))}
      </select>
    </>
  );
}
