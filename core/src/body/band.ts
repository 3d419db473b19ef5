/** Strengths of bands as sold and as found in a household. */
export const bandLevels = ['extra-light', 'light', 'medium', 'heavy', 'extra-heavy'] as const;
export type BandLevel = (typeof bandLevels)[number];

/** Force at twice the resting length, N; typical of flat exercise bands, value from memory, common practice, no source. */
export const forceAtDoubleN: Record<BandLevel, number> = {
  'extra-light': 15,
  light: 25,
  medium: 40,
  heavy: 65,
  'extra-heavy': 100,
};

/** One stands so far away that the band is just taut at its shortest: that much longer than at rest; common practice, no source. */
export const tautStretch = 1.1;

/**
 * Force of a band by its stretch (length over resting length), N; 0 while it is slack.
 * Ideal rubber: force grows with `s - 1/s^2` (Treloar, *The Physics of Rubber Elasticity*), scaled to the force at twice the length.
 *
 * @example bandForceN('medium', 2) // 40
 */
export function bandForceN(level: BandLevel, stretch: number): number {
  if (stretch <= 1) return 0;
  return (forceAtDoubleN[level] * (stretch - 1 / stretch ** 2)) / 1.75;
}
