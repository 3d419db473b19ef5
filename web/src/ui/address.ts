import { type MouseEvent, useCallback, useEffect, useRef } from 'react';
import { useNavigate, useSearchParams } from 'react-router';

/**
 * What a view keeps in its address, and how it is changed: an empty value takes a key out. Changes follow one another even before the page has been
 * drawn with the first: each builds on the last, not on what is shown.
 */
export function useAddress(): [URLSearchParams, (changes: Record<string, string>) => void] {
  const [address, setAddress] = useSearchParams();
  const latest = useRef(address);
  // Not `address`: a page that is behind is drawn with an older one when a newer already stands in the browser.
  useEffect(() => {
    if (address) latest.current = new URLSearchParams(window.location.search);
  }, [address]);
  const change = useCallback(
    (changes: Record<string, string>) => {
      const next = new URLSearchParams(latest.current);
      for (const [key, value] of Object.entries(changes)) {
        if (value) next.set(key, value);
        else next.delete(key);
      }
      latest.current = next;
      setAddress(next, { replace: true });
    },
    [setAddress],
  );
  return [address, change];
}

/**
 * Follows a link within the application with what stands in the address at the moment of the click. A page that is busy is still drawn with the
 * address of a moment before, and a link made from that would lose what was just chosen. Clicks that open another tab go the usual way.
 */
export function useFreshSearch(path: string) {
  const navigate = useNavigate();
  return (click: MouseEvent) => {
    if (click.button !== 0 || click.metaKey || click.ctrlKey || click.shiftKey || click.altKey) return;
    click.preventDefault();
    navigate({ pathname: path, search: window.location.search });
  };
}
