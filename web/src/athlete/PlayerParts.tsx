import { manyLeft } from '@tropaeum/core/athlete/performance-record';
import { beatOf, isTimed } from '@tropaeum/core/session/player/player';
import type { Step } from '@tropaeum/core/session/player/steps';

export function Beat({ step, elapsedMs }: { step: Extract<Step, { kind: 'work' }>; elapsedMs: number }) {
  const beat = beatOf(step.item);
  if (beat.length < 2 || isTimed(step.item)) return null;
  const whole = beat.reduce((s, p) => s + p.seconds, 0);
  let t = (elapsedMs / 1000) % whole;
  return (
    <div className="flex gap-1" aria-hidden="true">
      {beat.map((part, i) => {
        const filled = Math.min(1, Math.max(0, t / part.seconds));
        t -= part.seconds;
        return (
          <div key={i} style={{ flex: part.seconds }}>
            <div className="h-4 bg-lit">
              <div className="h-full bg-bronze" style={{ width: `${filled * 100}%` }} />
            </div>
            <p className="head mt-1 text-base">
              {part.name} {part.seconds > 1 ? part.seconds : ''}
            </p>
          </div>
        );
      })}
    </div>
  );
}

/** How many more there could have been in the set just done: one tap, or none. */
export function Left({ told, onTell }: { told: number | undefined; onTell: (reserve: number) => void }) {
  return (
    <fieldset className="pointer-events-auto mt-3">
      <legend className="text-lg">How many more could you have done?</legend>
      <div className="mt-1 flex gap-1.5">
        {Array.from({ length: manyLeft + 1 }, (_, reserve) => (
          <button
            key={reserve}
            type="button"
            aria-pressed={told === reserve}
            className={`head h-12 flex-1 border text-2xl ${told === reserve ? 'border-bronze bg-bronze text-paper' : 'border-stone'}`}
            onClick={() => onTell(reserve)}
          >
            {reserve === manyLeft ? `${manyLeft}+` : reserve}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
