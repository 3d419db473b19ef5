import type { AthleteSize } from '@tropaeum/core/body/segments';
import { type PlayerState, playerAfter } from '@tropaeum/core/session/player/player';
import { nextStep, type Step } from '@tropaeum/core/session/player/steps';
import { useEffect, useRef, useState } from 'react';

export interface FloorProps {
  steps: readonly Step[];
  logged: ReadonlySet<string>;
  size: AthleteSize;
  onLog: (step: Extract<Step, { kind: 'work' }>, amount: number, reserve?: number) => void;
  onFinish: () => void;
  onLeave: () => void;
}

const tickMs = 80;

/** The state machine with a clock round it: taps and ticks go in, sets to log come out. */
export function useFloor({ steps, logged, onLog, onFinish }: FloorProps) {
  const [state, setState] = useState<PlayerState>(() => {
    const index = nextStep(steps, logged);
    return index >= steps.length ? { kind: 'finished' } : { kind: 'ready', index };
  });
  const [now, setNow] = useState(() => performance.now());
  const current = useRef(state);
  const give = (event: Parameters<typeof playerAfter>[2]) => {
    const result = playerAfter(steps, current.current, event);
    if (result.log) {
      const step = steps.find((s) => s.key === result.log?.key);
      if (step?.kind === 'work') onLog(step, result.log.amount, result.log.reserve);
    }
    if (result.state !== current.current) {
      current.current = result.state;
      setState(result.state);
      if (result.state.kind === 'finished') onFinish();
    }
  };
  const giveLatest = useRef(give);
  giveLatest.current = give;
  useEffect(() => {
    const timer = window.setInterval(() => {
      const at = performance.now();
      setNow(at);
      giveLatest.current({ kind: 'tick', now: at });
    }, tickMs);
    return () => window.clearInterval(timer);
  }, []);
  return {
    state,
    now,
    tap: () => give({ kind: 'tap', now: performance.now() }),
    adjust: (by: number) => give({ kind: 'adjust', by }),
    tellLeft: (reserve: number) => give({ kind: 'left', reserve }),
  };
}
