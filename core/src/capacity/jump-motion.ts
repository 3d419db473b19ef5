/** What a phone's motion sensor says at a moment. */
export interface MotionSample {
  /** Seconds. */
  at: number;
  /** Length of the acceleration, gravity included, m/s². */
  size: number;
}

/** Below this a phone falls freely; above the other it is pushed off or lands. Common practice, no source. */
const [falling, pushed] = [4, 14];
/** Time in the air of a jump, s. */
const [shortest, longest] = [0.15, 1.1];

/**
 * Time in the air of the jumps in a stretch of samples: from the push-off to the landing, with free fall between. The phone is held still against
 * the breastbone. What is too short or too long is no jump.
 *
 * @param samples in the order of time, 40 a second or more
 * @returns seconds in the air, one for each jump
 * @example flightsIn([{ at: 0, size: 9.81 }, { at: 0.02, size: 9.81 }]) // []
 */
export function flightsIn(samples: readonly MotionSample[]): number[] {
  const flights: number[] = [];
  let [left, isArmed]: [number | undefined, boolean] = [undefined, false];
  for (const { at, size } of samples) {
    if (left === undefined) {
      if (size > pushed) isArmed = true;
      else if (isArmed && size < falling) left = at;
      continue;
    }
    if (size <= pushed) {
      if (at - left > longest) [left, isArmed] = [undefined, false];
      continue;
    }
    if (at - left >= shortest && at - left <= longest) flights.push(at - left);
    [left, isArmed] = [undefined, false];
  }
  return flights;
}
