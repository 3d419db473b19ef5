import { library } from '@tropaeum/core/exercise/library/library';
import { measured } from '@tropaeum/core/sport/measured';
import { useEffect } from 'react';

const atOnce = 12;

/** Measures the library bit by bit while nothing else is asked of the page, so that the first answer is there at once. */
export function useMeasureAhead(): void {
  useEffect(() => {
    let place = 0;
    let timer: ReturnType<typeof setTimeout>;
    const next = () => {
      for (const variant of library.slice(place, place + atOnce)) measured(variant);
      place += atOnce;
      if (place < library.length) timer = setTimeout(next, 8);
    };
    timer = setTimeout(next, 50);
    return () => clearTimeout(timer);
  }, []);
}
