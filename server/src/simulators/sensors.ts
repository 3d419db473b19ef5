/** A device that sends readings while somebody listens. */
export interface Sensor<Reading> {
  /** Calls back with every reading until the returned function is called. */
  listen(onReading: (reading: Reading) => void): () => void;
}

/** What a hanging scale says, N. */
export interface ScaleReading {
  forceN: number;
}

/** What a contact mat says of a jump, s. */
export interface MatReading {
  flightSeconds: number;
}

export interface Sensors {
  scale: Sensor<ScaleReading>;
  mat: Sensor<MatReading>;
}

/** Readings one after another from a fixed list, again and again, `everyMs` apart. */
function repeating<Reading>(readings: readonly Reading[], everyMs: number): Sensor<Reading> {
  return {
    listen(onReading) {
      let next = 0;
      const timer = setInterval(() => {
        onReading(readings[next % readings.length] as Reading);
        next++;
      }, everyMs);
      return () => clearInterval(timer);
    },
  };
}

/** How a hand draws a medium band out in four steps and lets it back; the scale trembles by half a newton. */
const drawnOut = [0, 18, 27, 38, 52].flatMap((forceN) =>
  [0.3, -0.2, 0.1, -0.4, 0.2, 0, -0.1, 0.1].map((t) => Math.max(0, forceN + t)),
);
/** Jumps of somebody fresh. */
const jumps = [0.478, 0.491, 0.485];

/** Stand-ins that ship with the program: a hanging scale with a medium band on it, and a contact mat somebody jumps on every three seconds. */
export function simulatedSensors(): Sensors {
  return {
    scale: repeating(
      drawnOut.map((forceN) => ({ forceN: Math.round(forceN * 10) / 10 })),
      250,
    ),
    mat: repeating(
      jumps.map((flightSeconds) => ({ flightSeconds })),
      3000,
    ),
  };
}
