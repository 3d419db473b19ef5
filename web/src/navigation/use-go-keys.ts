import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Place } from './places';

/** How long the second key may take, ms. */
const patienceMs = 2000;

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** `g` and then the letter of a place goes there. True while the letter is waited for; until then the letter means nothing else. */
export function useGoKeys(places: readonly Place[]): boolean {
  const navigate = useNavigate();
  const [waiting, setWaiting] = useState(false);
  useEffect(() => {
    const plain = ({ ctrlKey, metaKey, altKey }: KeyboardEvent) => !ctrlKey && !metaKey && !altKey;
    const listen = (event: KeyboardEvent) => {
      if (isTyping(event.target) || !plain(event)) return;
      if (!waiting) {
        if (event.key === 'g') setWaiting(true);
        return;
      }
      setWaiting(false);
      const place = places.find(({ key }) => key === event.key);
      if (!place) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      void navigate(place.to);
    };
    document.addEventListener('keydown', listen, true);
    const giveUp = waiting ? window.setTimeout(() => setWaiting(false), patienceMs) : undefined;
    return () => {
      document.removeEventListener('keydown', listen, true);
      window.clearTimeout(giveUp);
    };
  }, [waiting, places, navigate]);
  return waiting;
}
