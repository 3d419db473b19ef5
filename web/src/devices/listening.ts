import { useEffect, useRef, useState } from 'react';

/** A device at the desk: not listened to, waited for, sending, or gone. */
export type Listening<Reading> =
  | { kind: 'off' }
  | { kind: 'waiting' }
  | { kind: 'reading'; latest: Reading }
  | { kind: 'lost' };

/** Listens to a device of the server while it is wanted; a device that cannot be reached is said so and not tried for ever. */
export function useDevice<Reading>(path: string, onReading?: (reading: Reading) => void) {
  const [state, setState] = useState<Listening<Reading>>({ kind: 'off' });
  const wanted = state.kind === 'waiting' || state.kind === 'reading';
  const told = useRef(onReading);
  told.current = onReading;
  useEffect(() => {
    if (!wanted) return;
    const source = new EventSource(`/api/devices/${path}`);
    source.onmessage = (event) => {
      const latest = JSON.parse(event.data as string) as Reading;
      told.current?.(latest);
      setState((now) => (now.kind === 'off' ? now : { kind: 'reading', latest }));
    };
    source.onerror = () => {
      source.close();
      setState({ kind: 'lost' });
    };
    return () => source.close();
  }, [path, wanted]);
  return { state, start: () => setState({ kind: 'waiting' }), stop: () => setState({ kind: 'off' }) };
}
