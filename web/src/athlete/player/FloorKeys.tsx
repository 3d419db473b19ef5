import type { PlayerState } from '@tropaeum/core/session/player/player';
import { ChevronLeft, Pause, Play, Replace, SkipForward } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Floor } from './use-floor';

interface FloorKeysProps {
  state: PlayerState;
  give: Floor['give'];
  tap: () => void;
  onChange: () => void;
  onLeaveOut: () => void;
}

function Key({ label, onPress, children }: { label: string; onPress: () => void; children: ReactNode }) {
  return (
    <button type="button" className="flex h-14 flex-1 flex-col items-center justify-center gap-0.5" onClick={onPress}>
      {children}
      <span className="head text-[0.85rem] leading-none">{label}</span>
    </button>
  );
}

/** What can be done beside the one tap. */
export function FloorKeys({ state, give, tap, onChange, onLeaveOut }: FloorKeysProps) {
  const isPaused = state.kind === 'paused';
  return (
    <div className="z-10 mt-2 flex border-t border-edge bg-paper px-2 pb-1 [grid-area:keys]">
      <Key label="Back" onPress={() => give({ kind: 'back' })}>
        <ChevronLeft size={22} />
      </Key>
      <Key label={isPaused ? 'Go on' : 'Pause'} onPress={() => (isPaused ? tap() : give({ kind: 'pause' }))}>
        {isPaused ? <Play size={22} /> : <Pause size={22} />}
      </Key>
      <Key label="Leave out" onPress={onLeaveOut}>
        <SkipForward size={22} />
      </Key>
      <Key label="Change" onPress={onChange}>
        <Replace size={22} />
      </Key>
    </div>
  );
}
