type Listener = (athleteId: string) => void;
const listeners = new Set<Listener>();

/** Calls back whenever equipment or tests of an athlete have changed somewhere in the application. */
export const onAthleteChanged = (listener: Listener): void => void listeners.add(listener);

export const athleteChanged: Listener = (athleteId) => {
  for (const listener of listeners) listener(athleteId);
};
