export const timings = ['before', 'between', 'after', 'only'] as const;

/** Where a session stands on a day of the sport. */
export type Timing = (typeof timings)[number];
