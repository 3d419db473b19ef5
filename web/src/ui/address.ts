import { useCallback, useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';

/**
 * What a view keeps in its address, and how it is changed: an empty value takes a key out. Changes follow one another even before the page has been
 * drawn with the first: each builds on the last, not on what is shown.
 */
export function useAddress(): [URLSearchParams, (changes: Record<string, string>) => void] {
  const [address, setAddress] = useSearchParams();
  const latest = useRef(address);
  useEffect(() => {
    latest.current = address;
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
