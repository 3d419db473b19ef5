import type { Aim, Phase } from './aims-and-phases';
import type { SessionType } from './session-type';

/** Session RPE that a type of session is meant to come to, 0 to 10; common practice, no source. */
const ofType: Partial<Record<SessionType, number>> = {
  'arm-care': 4,
  'injury-prevention': 5,
  flexibility: 3,
  technique: 5,
  return: 4,
  primer: 4,
  'warm-up': 3,
  rounds: 7,
  conditioning: 7,
};
/** And that of an aim, where the type says nothing. */
const ofAim: Record<Aim, number> = {
  hold: 6,
  strength: 7,
  power: 6,
  endurance: 7,
  prevention: 5,
  flexibility: 3,
  return: 4,
  learn: 5,
};
/** Phases in which everything is done a little easier. */
const easier: ReadonlySet<Phase> = new Set(['taper', 'transition', 'break', 'return']);

/**
 * Session RPE that a session was planned for: by its type, else its aim, a point less in the easy weeks of a season. Common practice, no source.
 *
 * @example plannedEffort({ aim: 'strength', season: { phase: 'taper' } }) // 6
 */
export function plannedEffort(brief: { aim: Aim; sessionType?: SessionType; season: { phase: Phase } }): number {
  const usual = (brief.sessionType && ofType[brief.sessionType]) ?? ofAim[brief.aim];
  return easier.has(brief.season.phase) ? Math.max(3, usual - 1) : usual;
}
