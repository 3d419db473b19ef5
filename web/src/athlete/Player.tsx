import { plannedAmount } from '@tropaeum/core/session/plan/plan-types';
import { asksWhatWasLeft, countOf, isTimed, secondsLeft } from '@tropaeum/core/session/player/player';
import type { Step } from '@tropaeum/core/session/player/steps';
import { partAt } from '@tropaeum/core/sport/signature/rounds';
import { Volume2, VolumeX, X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Figure } from '../ui/Figure';
import { shownInUnits } from '../ui/units';
import { clock, leftWords, takes, words } from '../ui/words';
import { figurePosition } from './figure-position';
import { Beat, Left } from './PlayerParts';
import { say, setSound, soundOn, tone } from './sound';
import { type FloorProps, useFloor } from './use-player';
import { useWakeLock } from './use-wake-lock';

const sideWords = { left: 'Left side', right: 'Right side', both: '' };

/** Readable from three metres; the whole screen is the button. */
export function Player(props: FloorProps) {
  const { steps, size, onLeave } = props;
  const { state, now, tap, adjust, tellLeft } = useFloor(props);
  const [sound, setSoundState] = useState(soundOn);
  useWakeLock();
  const index = state.kind === 'finished' ? steps.length : state.index;
  const step = steps[index];
  const before = state.kind === 'resting' ? steps.find((s) => s.key === state.lastKey) : undefined;
  const upcoming = steps.slice(index).find((s): s is Extract<Step, { kind: 'work' }> => s.kind === 'work');
  const working = state.kind === 'working' && step?.kind === 'work' ? step : undefined;
  const elapsed = state.kind === 'working' ? now - state.since : 0;
  const count = working ? countOf(working.item, elapsed) : 0;
  const restLeft = state.kind === 'resting' ? Math.max(0, Math.ceil(state.seconds - (now - state.since) / 1000)) : 0;

  useEffect(() => {
    if (count > 0) tone(working && !isTimed(working.item) ? 520 : 0.1, 0.06);
  }, [count, working]);
  useEffect(() => {
    if (state.kind === 'resting') {
      tone(780, 0.25);
      say('Rest');
    }
    if (state.kind === 'ready' && upcoming)
      say(`${upcoming.item.name}${upcoming.side === 'both' ? '' : `, ${upcoming.side}`}`);
  }, [state.kind, upcoming]);
  const inside = working?.item.inside;
  const part = inside && partAt(inside, elapsed / 1000).say;
  useEffect(() => {
    if (part) {
      tone(700, 0.12);
      say(part);
    }
  }, [part]);
  useEffect(() => {
    if (restLeft > 0 && restLeft <= 3) tone(620, 0.08);
  }, [restLeft]);

  if (!upcoming) return null;
  const { item } = upcoming;
  const asked = plannedAmount(item);
  const timed = isTimed(item);
  const shown = working ? (timed ? asked - count : count) : asked;
  return (
    <div data-theme="dark" className="relative flex h-dvh flex-col bg-paper text-ink">
      <button
        type="button"
        className="absolute inset-0 z-0 cursor-pointer"
        onClick={tap}
        aria-label={state.kind === 'ready' ? 'Start the set' : state.kind === 'working' ? 'End the set here' : 'Go on'}
      />
      <header className="pointer-events-none z-10 flex items-center justify-between px-5 pt-4">
        <span className="label text-[0.8rem]">
          {words(upcoming.block)} · {item.inside ? 'round' : 'set'} {upcoming.set} of {item.sets}
        </span>
        <span className="pointer-events-auto flex items-center gap-4">
          <span className="label text-[0.8rem]">{clock(secondsLeft(steps, index))} left</span>
          <button
            type="button"
            aria-label={sound ? 'Turn sound off' : 'Turn sound on'}
            className="p-1"
            onClick={() => {
              setSound(!sound);
              setSoundState(!sound);
            }}
          >
            {sound ? <Volume2 size={22} /> : <VolumeX size={22} />}
          </button>
          <button type="button" aria-label="Close" className="p-1" onClick={onLeave}>
            <X size={24} />
          </button>
        </span>
      </header>
      <div className="pointer-events-none z-10 min-h-0 flex-1 px-5 pt-2">
        <Figure
          variant={item.drawnAs ?? item.variant}
          poses={item.poses}
          name={item.name}
          size={size}
          loaded={item.load?.kg !== undefined}
          {...(working ? { at: figurePosition(working, elapsed, size) } : { playing: true })}
          className="h-full w-full"
        />
      </div>
      <div className="pointer-events-none z-10 px-5 pb-7">
        <h1 className="head text-[1.9rem] leading-tight">{item.name}</h1>
        {part ? (
          <p className="head text-[1.7rem] leading-tight text-bronze" aria-live="polite" data-round-part>
            {part}
          </p>
        ) : (
          item.for && <p className="text-xl leading-tight text-laurel">{item.for}</p>
        )}
        {takes(item) !== 'body' && <p className="text-lg text-quiet">{takes(item)}</p>}
        {leftWords(item) && <p className="text-lg">{leftWords(item)}</p>}
        {state.kind === 'resting' ? (
          <>
            <div className="mt-1 flex items-end justify-between">
              <span className="head text-[9.5rem] leading-[0.85]" data-rest>
                {restLeft}
              </span>
              <span className="pb-1 text-right">
                <span className="head block text-[2.4rem] leading-none text-bronze">REST</span>
                <span className="text-lg">
                  {upcoming.side === 'both' ? 'next: this' : `next: ${upcoming.side} side`}
                </span>
              </span>
            </div>
            {before?.kind === 'work' && asksWhatWasLeft(before.block, before.item) && (
              <Left told={state.lastReserve} onTell={tellLeft} />
            )}
            <div className="pointer-events-auto mt-3 flex items-center justify-between border-t border-edge pt-3">
              <span className="text-lg">
                Logged <b data-logged>{state.lastAmount}</b>
              </span>
              <span className="flex gap-2">
                <button
                  type="button"
                  aria-label="One fewer"
                  className="h-12 w-14 border border-stone text-2xl"
                  onClick={() => adjust(-1)}
                >
                  −
                </button>
                <button
                  type="button"
                  aria-label="One more"
                  className="h-12 w-14 border border-stone text-2xl"
                  onClick={() => adjust(1)}
                >
                  +
                </button>
              </span>
            </div>
          </>
        ) : (
          <>
            {sideWords[upcoming.side] && (
              <p className="head mt-1 text-[2.2rem] leading-none text-bronze" data-side>
                {sideWords[upcoming.side]}
              </p>
            )}
            <div className="mt-1 flex items-end gap-4">
              <span className="head text-[9.5rem] leading-[0.85]" data-count>
                {shown}
              </span>
              <span className="head pb-1 text-[1.6rem]">
                {timed ? 'seconds' : working ? `of ${asked}` : item.breaths ? 'breaths' : 'reps'}
              </span>
            </div>
            <div className="mt-3 min-h-14">
              {working ? (
                <Beat step={working} elapsedMs={elapsed} />
              ) : (
                <p className="head text-2xl text-bronze">Tap to start</p>
              )}
            </div>
            {item.adapt && <p className="text-lg leading-snug font-semibold text-oxide">{item.adapt.join(' ')}</p>}
            <p className="text-lg leading-snug text-quiet">{item.cues[(upcoming.set - 1) % item.cues.length]}</p>
            {item.note && <p className="mt-1 text-lg leading-snug font-semibold">{item.note}</p>}
            {item.cautions[0] && state.kind === 'ready' && (
              <p className="mt-1 text-base text-oxide">{shownInUnits(item.cautions[0])}</p>
            )}
          </>
        )}
      </div>
    </div>
  );
}
