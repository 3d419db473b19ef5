/** The kinds of session that a coach of strength and conditioning writes. */
export const sessionTypes = [
  'whole-body',
  'lower-body',
  'upper-body',
  'trunk',
  'power',
  'arm-care',
  'injury-prevention',
  'rounds',
  'conditioning',
  'technique',
  'flexibility',
  'return',
  'primer',
  'warm-up',
] as const;
export type SessionType = (typeof sessionTypes)[number];

export const sessionTypeNames: Readonly<Record<SessionType, string>> = {
  'whole-body': 'Whole body',
  'lower-body': 'Lower body',
  'upper-body': 'Upper body',
  trunk: 'Trunk',
  power: 'Power',
  'arm-care': 'Arm care',
  'injury-prevention': 'Injury prevention',
  rounds: 'Timed rounds',
  conditioning: 'Conditioning circuit',
  technique: 'Technique',
  flexibility: 'Flexibility',
  return: 'Return',
  primer: 'Primer',
  'warm-up': 'Warm-up',
};

/** Types that a region may narrow: which part is cared for, or comes back. */
export const focusTypes: ReadonlySet<SessionType> = new Set(['arm-care', 'injury-prevention', 'return']);
