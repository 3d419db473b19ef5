import { manyLeft } from '@tropaeum/core/athlete/performance-record';
import { type RunningState, restOver, restStep } from '@tropaeum/core/session/player/player';
import type { Floor } from './use-floor';

interface RestingProps {
  state: Extract<RunningState, { kind: 'ready' | 'resting' }>;
  /** Whether it is asked how many more there could have been. */
  asks: boolean;
  /** Of the exercise whose set was just done. */
  name: string;
  give: Floor['give'];
}

const small = 'h-12 min-w-12 border border-stone text-xl';

/** Between two sets: what was just done is put right, what was left is told, the rest is made longer or shorter. */
export function Resting({ state, asks, name, give }: RestingProps) {
  const { last } = state;
  const over = state.kind === 'resting' ? restOver(state) : 0;
  if (!last && state.kind === 'ready') return null;
  return (
    <div className="z-10 px-5 pt-2 [grid-area:rest]">
      {last && asks && (
        <fieldset>
          <legend className="text-base leading-tight">How many more could you have done?</legend>
          <div className="mt-1 flex gap-1.5">
            {Array.from({ length: manyLeft + 1 }, (_, reserve) => (
              <button
                key={reserve}
                type="button"
                aria-pressed={last.reserve === reserve}
                className={`head h-12 flex-1 border text-xl ${last.reserve === reserve ? 'border-bronze bg-bronze text-paper' : 'border-stone'}`}
                onClick={() => give({ kind: 'left', reserve })}
              >
                {reserve === manyLeft ? `${manyLeft}+` : reserve}
              </button>
            ))}
          </div>
        </fieldset>
      )}
      <div className="mt-2 flex items-center justify-between gap-3">
        {last && (
          <span className="flex min-w-0 items-center gap-1.5">
            <span className="min-w-0 flex-1 truncate text-base text-quiet">
              {state.kind === 'ready' ? `${name}:` : 'Done:'}
            </span>
            <button
              type="button"
              aria-label="One fewer"
              className={small}
              onClick={() => give({ kind: 'adjust', by: -1 })}
            >
              −
            </button>
            <span className="head min-w-10 text-center text-xl">
              <span className="sr-only">Logged </span>
              <b data-logged>{last.amount}</b>
            </span>
            <button
              type="button"
              aria-label="One more"
              className={small}
              onClick={() => give({ kind: 'adjust', by: 1 })}
            >
              +
            </button>
          </span>
        )}
        {state.kind === 'resting' && (
          <span className="flex gap-1.5">
            <button
              type="button"
              aria-label={`Rest ${restStep} seconds less`}
              className={`${small} px-2`}
              onClick={() => give({ kind: 'rest', by: -restStep })}
            >
              −{restStep} s
            </button>
            <button
              type="button"
              aria-label={`Rest ${restStep} seconds more`}
              className={`${small} px-2`}
              onClick={() => give({ kind: 'rest', by: restStep })}
            >
              +{restStep} s
            </button>
          </span>
        )}
      </div>
      {over > 0 && (
        <p role="status" className="mt-1 text-base leading-tight text-oxide">
          {Math.round(over)} s longer than your coach planned.
        </p>
      )}
    </div>
  );
}
