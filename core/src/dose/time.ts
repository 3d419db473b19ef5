import type { Dose, Tempo, Work } from './dose';

/** Seconds that things take beside the work itself; common practice, no source. */
export const paceSeconds = {
  untimedRep: 3,
  /** A repetition as fast as possible, with the reset before the next one. */
  explosiveRep: 3,
  contact: 1.2,
  breath: 5,
  metre: 1,
  sideChange: 5,
  /** Getting into place and reading the next item. */
  settingUp: 15,
} as const;

function repetitionSeconds(tempo: Tempo | undefined): number {
  if (!tempo) return paceSeconds.untimedRep;
  const { lowering, bottom, rising, top } = tempo;
  if (rising === 'X') return Math.max(paceSeconds.explosiveRep, lowering + bottom + 1 + top);
  return lowering + bottom + rising + top;
}

function onceSeconds(work: Work, tempo: Tempo | undefined): number {
  switch (work.kind) {
    case 'reps':
      return work.reps * repetitionSeconds(tempo);
    case 'breaths':
      return work.breaths * paceSeconds.breath;
    case 'contacts':
      return work.contacts * paceSeconds.contact;
    case 'metres':
      return work.metres * paceSeconds.metre;
    default:
      return work.seconds;
  }
}

/** Seconds of one set, both sides and the change between them included, rest not. */
export function setSeconds(dose: Dose): number {
  const once = onceSeconds(dose.work, dose.tempo);
  return dose.perSide ? 2 * once + paceSeconds.sideChange : once;
}

/**
 * Seconds that an item takes on its own: setting up, all sets, the rest after each set.
 *
 * @example itemSeconds(parseDose('3x30s r30')) // 195
 */
export function itemSeconds(dose: Dose): number {
  return paceSeconds.settingUp + dose.sets * (setSeconds(dose) + dose.restSeconds);
}
