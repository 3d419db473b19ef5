export const sessionKinds = ['strength', 'maintain', 'upper', 'power', 'prevention', 'primer'] as const;
/**
 * What a day's session is for, as far as its neighbours have to know: strength of the whole body with slow lowering; the same held with less and
 * without it; the upper body; power with landings; slow lowering for prevention; a short primer before a fixture.
 */
export type SessionKind = (typeof sessionKinds)[number];

export const heavyParts = ['lower', 'upper'] as const;
export type HeavyPart = (typeof heavyParts)[number];

/** What a week is counted in: sets near failure of lower and upper body, landings, sets of slow lowering against load, throws. */
export const doseAxes = ['lowerSets', 'upperSets', 'contacts', 'lengtheningSets', 'throws'] as const;
export type DoseAxis = (typeof doseAxes)[number];
export type Dose = Record<DoseAxis, number>;

export interface KindFacts {
  name: string;
  /** Parts of the body that it works hard and that need two days after it. */
  heavy: readonly HeavyPart[];
  /** Whether it holds much slow lowering against load, which makes sore. */
  lengthening: boolean;
  /** Share of the athlete's usual minutes. */
  minutesShare: number;
  /** Expected effort, 0 to 10. */
  effort: number;
  /** What it gives in half an hour. */
  gives: Dose;
}

/** Sessions of half an hour in common use; no published source. */
export const kindFacts: Readonly<Record<SessionKind, KindFacts>> = {
  strength: {
    name: 'Strength',
    heavy: ['lower', 'upper'],
    lengthening: true,
    minutesShare: 1,
    effort: 7,
    gives: { lowerSets: 5, upperSets: 4, contacts: 0, lengtheningSets: 3, throws: 0 },
  },
  maintain: {
    name: 'Holding strength',
    heavy: ['lower', 'upper'],
    lengthening: false,
    minutesShare: 0.8,
    effort: 6,
    gives: { lowerSets: 3, upperSets: 3, contacts: 0, lengtheningSets: 0, throws: 0 },
  },
  upper: {
    name: 'Upper body',
    heavy: ['upper'],
    lengthening: false,
    minutesShare: 0.8,
    effort: 6,
    gives: { lowerSets: 0, upperSets: 6, contacts: 0, lengtheningSets: 1, throws: 12 },
  },
  power: {
    name: 'Power',
    heavy: [],
    lengthening: false,
    minutesShare: 0.8,
    effort: 6,
    gives: { lowerSets: 2, upperSets: 1, contacts: 60, lengtheningSets: 0, throws: 20 },
  },
  prevention: {
    name: 'Prevention',
    heavy: ['lower'],
    lengthening: true,
    minutesShare: 0.7,
    effort: 5,
    gives: { lowerSets: 2, upperSets: 1, contacts: 10, lengtheningSets: 6, throws: 0 },
  },
  primer: {
    name: 'Primer',
    heavy: [],
    lengthening: false,
    minutesShare: 0.4,
    effort: 3,
    gives: { lowerSets: 1, upperSets: 1, contacts: 12, lengtheningSets: 0, throws: 6 },
  },
};

/** Landings from which on a session counts as one of jumps. */
const leastJumps = 30;

export const isJumping = (kind: SessionKind): boolean => kindFacts[kind].gives.contacts >= leastJumps;
