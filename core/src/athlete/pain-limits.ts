/** Pain scores after Thomee 1997 (value from memory): up to 2 safe, 3 to 5 acceptable if settled next morning, above 5 stop. */
export const painLimits = { safe: 2, stop: 5 } as const;
