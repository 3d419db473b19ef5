import { type Moment, type Spoken, spokenBetween } from '@tropaeum/core/session/player/guide';
import { type PlayerEvent, type PlayerState, playerAfter } from '@tropaeum/core/session/player/player';
import { type KeptPlace, onChanged, placeOf, resumed } from '@tropaeum/core/session/player/resume';
import { isWork, type Step } from '@tropaeum/core/session/player/steps';
import { useEffect, useRef, useState } from 'react';
import type { SessionDay } from '../use-day';
import { useWishes } from './manner';
import { give, hush } from './voice';

const tickMs = 80;
const placeKey = (sessionId: string) => `tropaeum-place-${sessionId}`;

function keptPlace(sessionId: string): KeptPlace | undefined {
  try {
    return (JSON.parse(localStorage.getItem(placeKey(sessionId)) ?? 'null') as KeptPlace | null) ?? undefined;
  } catch {
    return undefined;
  }
}

function keepPlace(sessionId: string, place: KeptPlace | undefined): void {
  try {
    if (place) localStorage.setItem(placeKey(sessionId), JSON.stringify(place));
    else localStorage.removeItem(placeKey(sessionId));
  } catch {
    // A phone that keeps nothing: the place is found by what is logged.
  }
}

export interface Floor {
  state: PlayerState;
  now: number;
  /** What is said on entering what runs now, for who reads it with a screen reader. */
  said: string;
  tap: () => void;
  give: (event: Untimed) => void;
  /** A rest that was paused goes on; a set waits until its athlete stands ready again. */
  restOn: () => void;
}
type Untimed =
  | { kind: 'tap' | 'pause' | 'back' | 'skip' }
  | { kind: 'rest' | 'adjust'; by: number }
  | { kind: 'left'; reserve: number };

/** Steps that are read anew are mostly the same ones. */
const sameSteps = (a: readonly Step[], b: readonly Step[]) =>
  a === b || (a.length === b.length && a.every((step, i) => JSON.stringify(step) === JSON.stringify(b[i])));

/** What runs on while nobody looks would count what was not done: it is paused. A rest goes on. */
const pausesAway = ({ kind }: PlayerState) => kind === 'working' || kind === 'leading';

/** The state machine with a clock round it: taps, ticks and keys go in, sets to log and lines to say come out. */
export function useFloor(day: SessionDay, onFinish: () => void): Floor {
  const { steps, done, session } = day;
  const [state, setState] = useState<PlayerState>(() => resumed(steps, keptPlace(session.id), done, performance.now()));
  const [now, setNow] = useState(() => performance.now());
  const [said, setSaid] = useState('');
  const current = useRef(state);
  const before = useRef<Moment>(undefined);
  const shown = useRef<readonly Step[]>(steps);
  const wishes = useWishes();

  const hear = (lines: readonly Spoken[]) => {
    give(lines);
    const words = lines.filter(({ tone }) => tone !== 'count').map((line) => line.say);
    if (words.length > 0) setSaid(words.join(' '));
  };
  const enter = (next: PlayerState, at: number) => {
    const moment = { state: next, now: at };
    const isOther = next !== current.current;
    hear(spokenBetween(steps, before.current, moment, wishes.speech, wishes));
    before.current = moment;
    if (!isOther) return;
    current.current = next;
    setState(next);
    keepPlace(session.id, placeOf(steps, next, at));
    if (next.kind === 'finished') onFinish();
  };
  const take = (event: Untimed | { kind: 'tick' }) => {
    const at = performance.now();
    const result = playerAfter(steps, current.current, { ...event, now: at } as PlayerEvent, wishes);
    const { log } = result;
    const step = steps.find(({ key }) => key === log?.key);
    if (log && isWork(step)) void day.logSet(step, log.amount, log.reserve);
    enter(result.state, at);
    return at;
  };
  const latest = useRef(take);
  latest.current = take;

  // What is changed on the way changes what comes: the place is found in it anew.
  useEffect(() => {
    const isAsBefore = sameSteps(shown.current, steps);
    if (isAsBefore) {
      shown.current = steps;
      return;
    }
    const next = onChanged(shown.current, steps, current.current, done);
    shown.current = steps;
    before.current = undefined;
    current.current = next;
    setState(next);
    if (next.kind === 'finished') onFinish();
  }, [steps, done, onFinish]);

  useEffect(() => {
    // What comes first is said at once.
    latest.current({ kind: 'tick' });
    const timer = window.setInterval(() => setNow(latest.current({ kind: 'tick' })), tickMs);
    const away = () => {
      if (document.visibilityState === 'hidden' && pausesAway(current.current)) latest.current({ kind: 'pause' });
    };
    document.addEventListener('visibilitychange', away);
    window.addEventListener('pagehide', away);
    return () => {
      window.clearInterval(timer);
      document.removeEventListener('visibilitychange', away);
      window.removeEventListener('pagehide', away);
      hush();
    };
  }, []);

  const restOn = () => {
    const { current: at } = current;
    if (at.kind === 'paused' && at.was.kind === 'resting') take({ kind: 'tap' });
  };
  return { state, now, said, tap: () => take({ kind: 'tap' }), give: take, restOn };
}
