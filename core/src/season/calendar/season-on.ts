import { daysBetween } from '../../date/days';
import type { Season } from '../../session/brief/brief';
import type { Phase } from '../../session-type/aims-and-phases';

export { mondayOf } from '../../date/days';

export interface PhaseSpan {
  phase: Phase;
  name: string;
  startsOn: string;
  endsOn: string;
}

export interface Fixture {
  on: string;
  name: string;
  /** 1 ordinary, 2 important. */
  importance: number;
}

/** Where a day stands in a season: phase and its week, last and next fixture. Days outside every phase count as in-season. */
export function seasonOn(day: string, phases: readonly PhaseSpan[], fixtures: readonly Fixture[]): Season {
  const span = phases.find((p) => p.startsOn <= day && day <= p.endsOn);
  const days = fixtures.map((f) => f.on).sort();
  const next = days.find((on) => on >= day);
  const last = days.filter((on) => on < day).at(-1);
  return {
    phase: span?.phase ?? 'in-season',
    ...(span ? { week: Math.floor(daysBetween(span.startsOn, day) / 7) + 1 } : {}),
    ...(next ? { nextFixture: next } : {}),
    ...(last ? { lastFixture: last } : {}),
  };
}
