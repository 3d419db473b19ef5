import { useEffect } from 'react';

/** Keeps the screen on while the athlete is on the floor, where the phone allows it. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const take = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (left) await lock.release();
      } catch {
        // Low battery or no such thing here: the screen may go dark, nothing is lost.
      }
    };
    void take();
    document.addEventListener('visibilitychange', take);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, []);
}
