import { useLayoutEffect } from 'react';

/** Takes away what the page came with, once what is drawn here stands in its place. */
export function useTakeOver(stands: boolean): void {
  useLayoutEffect(() => {
    if (stands) document.getElementById('first')?.remove();
  }, [stands]);
}
