import { useEffect, useRef } from 'react';
import type { Floor } from './use-floor';

/** Keys of a keyboard, a clicker, a television's remote; switches are keyboards too. */
const keyOf: Readonly<Record<string, (floor: Floor) => void>> = {
  ' ': ({ tap }) => tap(),
  Enter: ({ tap }) => tap(),
  p: ({ give }) => give({ kind: 'pause' }),
  ArrowLeft: ({ give }) => give({ kind: 'back' }),
  '+': ({ give }) => give({ kind: 'adjust', by: 1 }),
  '-': ({ give }) => give({ kind: 'adjust', by: -1 }),
};

/** A silent loop: a phone hands the button of a headset only to a page that plays something. */
function silence(): HTMLAudioElement {
  const loop = new Audio('/silence.wav');
  loop.loop = true;
  void loop.play().catch(() => undefined);
  return loop;
}

/** Leads by keyboard and by the button of a headset as well as by touch. */
export function useRemoteKeys(floor: Floor, isOpen: boolean): void {
  const latest = useRef(floor);
  latest.current = floor;
  useEffect(() => {
    if (!isOpen) return;
    const pressed = (event: KeyboardEvent) => {
      const onControl = (event.target as HTMLElement).closest?.('button:not([data-anywhere]), input, select, textarea');
      const act = keyOf[event.key];
      if (!act || event.ctrlKey || event.metaKey || event.altKey || (onControl && /^( |Enter)$/.test(event.key)))
        return;
      event.preventDefault();
      act(latest.current);
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [isOpen]);
  useEffect(() => {
    const { mediaSession } = navigator;
    if (!mediaSession) return;
    const loop = silence();
    const tap = () => {
      latest.current.tap();
      // A headset that is pressed once more must find something that plays.
      void loop.play().catch(() => undefined);
    };
    const all = [
      ['play', tap],
      ['pause', tap],
      ['previoustrack', () => latest.current.give({ kind: 'back' })],
    ] as const;
    for (const [name, act] of all) mediaSession.setActionHandler(name, act);
    return () => {
      for (const [name] of all) mediaSession.setActionHandler(name, null);
      loop.pause();
    };
  }, []);
}
