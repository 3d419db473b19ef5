/** Strengths of bands as sold and as found in a household. */
export const bandLevels = ['extra-light', 'light', 'medium', 'heavy', 'extra-heavy'] as const;
export type BandLevel = (typeof bandLevels)[number];

/**
 * Force of a band by its stretch s (length over resting length), N: `growing (s - 1/s^2) + early (1 - 1/s^3)`, a two-constant
 * law for rubber (Mooney 1940; Treloar, *The Physics of Rubber Elasticity*).
 */
export interface BandCurve {
  growingN: number;
  earlyN: number;
  /** Length without a pull, m; unknown for a band nobody has measured. */
  restM?: number;
  /** How far the force may be off, share of it. */
  off: number;
}

/** A band as far as it is known: its strength as sold, or its own curve. */
export type Band = BandLevel | BandCurve;

/** Force at twice the resting length, N; typical of flat exercise bands, value from memory, common practice, no source. */
const forceAtDoubleN: Record<BandLevel, number> = {
  'extra-light': 15,
  light: 25,
  medium: 40,
  heavy: 65,
  'extra-heavy': 100,
};

/** Bands of one name differ this much between makers; common practice, no source. */
const typicalOff = 0.4;

/** The curve of a band as sold: typical of its name, not measured. @example typicalCurve('medium').off // 0.4 */
export function typicalCurve(level: BandLevel): BandCurve {
  return { growingN: forceAtDoubleN[level] / 1.75, earlyN: 0, off: typicalOff };
}

export const curveOf = (band: Band): BandCurve => (typeof band === 'string' ? typicalCurve(band) : band);

/** One stands so far away that the band is just taut at its shortest: that much longer than at rest; common practice, no source. */
export const tautStretch = 1.1;

/**
 * Force of a band by its stretch (length over resting length), N; 0 while it is slack.
 *
 * @example bandForceN('medium', 2) // 40
 */
export function bandForceN(band: Band, stretch: number): number {
  if (stretch <= 1) return 0;
  const { growingN, earlyN } = curveOf(band);
  return growingN * (stretch - 1 / stretch ** 2) + earlyN * (1 - 1 / stretch ** 3);
}

/**
 * Ways of holding a band: in one length; doubled over, both ends at one end; laid round a post or bar with both ends in hand, which costs the
 * way round; or stood on, an end in each hand, which costs half the width between the feet on each side.
 */
export type BandSetUp =
  | { kind: 'single' | 'doubled' }
  | { kind: 'round'; roundM: number }
  | { kind: 'stood-on'; widthM: number };

/**
 * The curve that one pulls against with a band set up in a way; lengths stay those from end to end in use. Throws a RangeError where more is
 * used up than the band has.
 *
 * @example setUp({ growingN: 20, earlyN: 0, restM: 1.2, off: 0.05 }, { kind: 'doubled' }).restM // 0.6
 */
export function setUp(curve: BandCurve, way: BandSetUp): BandCurve {
  if (way.kind === 'single') return curve;
  const used = way.kind === 'round' ? way.roundM : way.kind === 'stood-on' ? way.widthM : 0;
  if (curve.restM !== undefined && used >= curve.restM)
    throw new RangeError(`a band of ${curve.restM.toFixed(2)} m has no length left beside ${used.toFixed(2)} m`);
  const strands = way.kind === 'stood-on' ? 1 : 2;
  return {
    ...curve,
    growingN: strands * curve.growingN,
    earlyN: strands * curve.earlyN,
    ...(curve.restM === undefined ? {} : { restM: (curve.restM - used) / 2 }),
  };
}
