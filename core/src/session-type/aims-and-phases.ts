export const aims = ['hold', 'strength', 'power', 'endurance', 'prevention', 'flexibility', 'return', 'learn'] as const;

export type Aim = (typeof aims)[number];

export const phases = [
  'off-season',
  'general-preparation',
  'specific-preparation',
  'pre-season',
  'in-season',
  'taper',
  'transition',
  'break',
  'return',
] as const;

export type Phase = (typeof phases)[number];
