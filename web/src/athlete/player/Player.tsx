import type { AthleteSize } from '@tropaeum/core/body/segments';
import { plannedAmount } from '@tropaeum/core/session/plan/plan-types';
import { asksWhatWasLeft, countOf, isTimed, secondsLeft } from '@tropaeum/core/session/player/counting';
import { cueOf, newThings } from '@tropaeum/core/session/player/guide';
import { type PlayerState, passedSeconds, runningOf } from '@tropaeum/core/session/player/player';
import { isWork, type Step, type WorkStep, workAt } from '@tropaeum/core/session/player/steps';
import { partAt } from '@tropaeum/core/sport/signature/rounds';
import { Settings2, X } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { shownInUnits } from '../../ui/units';
import { blockWords, clock, leftWords } from '../../ui/words';
import type { SessionDay } from '../use-day';
import { useWakeLock } from '../use-wake-lock';
import { Far } from './Far';
import { FloorKeys } from './FloorKeys';
import { FloorSheets } from './FloorSheets';
import type { OpenSheet } from './floor-sheets';
import { useWishes } from './manner';
import { Resting } from './Resting';
import { useFloor } from './use-floor';
import { useRemoteKeys } from './use-remote-keys';
import './player.css';

const PlayerFigure = lazy(() => import('./PlayerFigure'));

interface PlayerProps {
  day: SessionDay;
  size: AthleteSize;
  onFinish: () => void;
  onLeave: () => void;
  onWrong: () => void;
}

const tapWords: Record<PlayerState['kind'], string> = {
  ready: 'Start the set',
  leading: 'Begin at once',
  working: 'End the set here',
  resting: 'End the rest',
  paused: 'Go on',
  finished: 'Finish',
};

/** What comes after the set that is shown. */
function thenWords(steps: readonly Step[], index: number, shown: WorkStep): string {
  const next = steps.slice(index + 1).find(isWork);
  if (!next) return 'Last set';
  const side = next.side === 'both' ? '' : `, ${next.side}`;
  return next.item.variant === shown.item.variant
    ? `Then: ${side ? `${next.side} side` : `set ${next.set}`}`
    : `Then: ${next.item.name}${side}`;
}

/** A session led from the floor: readable from three metres, the whole screen a button, voice and tones for who cannot look. */
export function Player({ day, size, onFinish, onLeave, onWrong }: PlayerProps) {
  const { steps } = day;
  const [open, setOpen] = useState<OpenSheet>();
  const floor = useFloor(day, onFinish);
  const { state, now, said, tap, give } = floor;
  const { theme, speech, pace } = useWishes();
  useWakeLock();
  useRemoteKeys(floor, open === undefined);

  const running = runningOf(state);
  const index = running.kind === 'finished' ? steps.length : running.index;
  const shownAt = workAt(steps, index);
  const step = steps[shownAt];
  if (running.kind === 'finished' || !isWork(step)) return null;
  const { item } = step;
  const elapsed = passedSeconds(state, now);
  const isWorking = running.kind === 'working';
  const part = isWorking && item.inside ? partAt(item.inside, elapsed).say : undefined;
  const before =
    running.kind !== 'working' && running.last ? steps.find(({ key }) => key === running.last?.key) : undefined;
  const things = newThings(steps, shownAt);
  const openSheet = (sheet: OpenSheet) => {
    if (state.kind !== 'paused' && state.kind !== 'ready') give({ kind: 'pause' });
    setOpen(sheet);
  };
  const closeSheet = () => {
    setOpen(undefined);
    floor.restOn();
  };
  return (
    <div data-floor data-theme={theme} className="floor relative bg-paper text-ink select-none">
      <button
        type="button"
        data-anywhere
        className="absolute inset-0 z-0 cursor-pointer"
        onClick={tap}
        aria-label={tapWords[state.kind]}
      />
      <p className="sr-only" role="status">
        {speech === 'off' ? said : ''}
      </p>
      <header className="pointer-events-none z-10 flex items-center justify-between pl-5 [grid-area:head]">
        <span className="label min-w-0 truncate text-[0.85rem]">
          {blockWords(step.block)}
          {item.sets > 1 && ` · ${item.inside ? 'round' : 'set'} ${step.set} of ${item.sets}`}
        </span>
        <span className="pointer-events-auto flex shrink-0 items-center">
          <span className="label mr-2 whitespace-nowrap text-[0.85rem]">{clock(secondsLeft(steps, shownAt))} left</span>
          <button
            type="button"
            aria-label="Voice, sounds, pace"
            className="grid size-12 place-items-center"
            onClick={() => openSheet('settings')}
          >
            <Settings2 size={24} />
          </button>
          <button
            type="button"
            aria-label="Close"
            className="grid size-12 place-items-center"
            onClick={() => {
              if (isWorking || running.kind === 'leading') give({ kind: 'pause' });
              onLeave();
            }}
          >
            <X size={26} />
          </button>
        </span>
      </header>
      <div className="pointer-events-none z-10 min-h-0 px-5 pt-1 [grid-area:figure]">
        <Suspense fallback={null}>
          <PlayerFigure
            step={step}
            size={size}
            elapsed={isWorking ? (elapsed * 1000) / (isTimed(item) ? 1 : pace) : undefined}
          />
        </Suspense>
      </div>
      <div className="pointer-events-none z-10 px-5 [grid-area:title]">
        <h1 className="head floor-title leading-[1.05]">
          {running.kind === 'resting' && <span className="text-bronze">Next: </span>}
          {item.name}
        </h1>
        {part ? (
          <p className="head floor-title leading-tight text-bronze" data-round-part>
            {part}
          </p>
        ) : (
          <>
            {things.length > 0 && !isWorking && (
              <p className="floor-words leading-tight">Take: {shownInUnits(things.join(', '))}</p>
            )}
            {item.adapt && <p className="floor-words leading-tight font-semibold text-oxide">{item.adapt.join(' ')}</p>}
            <p className="floor-words leading-tight text-quiet">{cueOf(step)}</p>
            {item.note && <p className="floor-words leading-tight font-semibold">{item.note}</p>}
            {!isWorking && item.cautions[0] && (
              <p className="floor-words leading-tight text-oxide">{shownInUnits(item.cautions[0])}</p>
            )}
            {!isWorking && leftWords(item) && <p className="floor-words leading-tight">{leftWords(item)}</p>}
          </>
        )}
        <p className="label mt-1 text-[0.85rem]" data-then>
          {thenWords(steps, shownAt, step)}
        </p>
      </div>
      <Far
        step={step}
        state={state}
        elapsed={elapsed}
        count={isWorking ? countOf(item, elapsed * 1000, pace) : 0}
        asked={plannedAmount(item)}
        pace={pace}
      />
      {running.kind !== 'working' && running.kind !== 'leading' && (
        <Resting
          state={running}
          asks={isWork(before) && asksWhatWasLeft(before.block, before.item)}
          name={isWork(before) ? before.item.name : ''}
          give={give}
        />
      )}
      <FloorKeys
        state={state}
        give={give}
        tap={tap}
        onChange={() => openSheet('change')}
        onLeaveOut={() => openSheet('leave out')}
      />
      {open && (
        <FloorSheets
          {...{ open, day, step, onWrong }}
          onSkip={() => give({ kind: 'skip' })}
          onOpen={setOpen}
          onClose={closeSheet}
          onEnd={onFinish}
        />
      )}
    </div>
  );
}
