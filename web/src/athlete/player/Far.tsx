import { beatOf, countedIn, isTimed } from '@tropaeum/core/session/player/counting';
import { type PlayerState, runningOf } from '@tropaeum/core/session/player/player';
import type { WorkStep } from '@tropaeum/core/session/player/steps';

interface FarProps {
  step: WorkStep;
  state: PlayerState;
  /** Seconds of what runs. */
  elapsed: number;
  count: number;
  asked: number;
  pace: number;
}

/** The parts of a repetition, filled as they pass: the tempo is seen. */
function Beat({ step, elapsed, pace }: { step: WorkStep; elapsed: number; pace: number }) {
  const beat = beatOf(step.item);
  if (beat.length < 2 || isTimed(step.item)) return null;
  let t = (elapsed / pace) % beat.reduce((sum, part) => sum + part.seconds, 0);
  return (
    <div className="mt-3 flex gap-1" aria-hidden="true">
      {beat.map((part, i) => {
        const filled = Math.min(1, Math.max(0, t / part.seconds));
        t -= part.seconds;
        return (
          <div key={i} style={{ flex: part.seconds }}>
            <div className="h-3 bg-lit">
              <div className="h-full bg-bronze" style={{ width: `${filled * 100}%` }} />
            </div>
            <p className="head floor-words leading-tight">
              {part.name} {part.seconds > 1 ? part.seconds : ''}
            </p>
          </div>
        );
      })}
    </div>
  );
}

/** What is read from three metres, each in a place of its own: the side, and one number with what it counts. */
export function Far({ step, state, elapsed, count, asked, pace }: FarProps) {
  const running = runningOf(state);
  const { item, side } = step;
  const timed = isTimed(item);
  const unit = countedIn(item);
  const [number, words] =
    running.kind === 'resting'
      ? [Math.max(0, Math.ceil(running.seconds - elapsed)), 'rest']
      : running.kind === 'leading'
        ? [Math.max(1, Math.ceil(running.seconds - elapsed)), 'get ready']
        : running.kind === 'working'
          ? timed
            ? [asked - count, 'seconds']
            : [count, `of ${asked}`]
          : [asked, unit];
  const isAside = running.kind === 'resting' || running.kind === 'leading';
  return (
    <div className="pointer-events-none z-10 px-5 pt-3 [grid-area:far] landscape:self-center" data-far>
      {side !== 'both' && (
        <p className="far text-bronze uppercase" data-side>
          {side}
        </p>
      )}
      <div className="mt-2 flex items-end gap-3">
        <span
          className={`far ${isAside ? 'text-laurel' : ''}`}
          {...(running.kind === 'resting' ? { 'data-rest': '' } : { 'data-count': '' })}
        >
          {number}
        </span>
        <span className="head floor-title pb-1 leading-none">
          {state.kind === 'paused' ? 'paused' : words}
          {running.kind === 'ready' && <span className="floor-words mt-1 block text-bronze">Tap to start</span>}
          {state.kind === 'paused' && <span className="floor-words mt-1 block text-bronze">Tap to go on</span>}
        </span>
      </div>
      {running.kind === 'working' && <Beat step={step} elapsed={elapsed} pace={pace} />}
    </div>
  );
}
