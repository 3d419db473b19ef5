import { flightsIn, type MotionSample } from '@tropaeum/core/capacity/jump-motion';

/** Whatever measures jumps: a contact mat at the desk, the motion of a phone. */
export interface JumpSensor {
  /** Whether it may be listened to; phones ask their owner. */
  ask: () => Promise<boolean>;
  listen: (onReading: (reading: { flightSeconds: number }) => void) => () => void;
}

/** Samples that are kept, some seconds of them. */
const keptSamples = 600;

type Asking = typeof DeviceMotionEvent & { requestPermission?: () => Promise<'granted' | 'denied'> };

/** The motion sensor of this phone. */
export const phoneMotion: JumpSensor = {
  async ask() {
    if (!('DeviceMotionEvent' in window)) return false;
    const { requestPermission } = DeviceMotionEvent as Asking;
    return requestPermission ? (await requestPermission()) === 'granted' : true;
  },
  listen(onReading) {
    let samples: MotionSample[] = [];
    const moved = ({ accelerationIncludingGravity: a, timeStamp }: DeviceMotionEvent) => {
      if (!a) return;
      samples = [...samples, { at: timeStamp / 1000, size: Math.hypot(a.x ?? 0, a.y ?? 0, a.z ?? 0) }].slice(
        -keptSamples,
      );
      const [flight] = flightsIn(samples);
      if (flight === undefined) return;
      samples = [];
      onReading({ flightSeconds: flight });
    };
    window.addEventListener('devicemotion', moved);
    return () => window.removeEventListener('devicemotion', moved);
  },
};
