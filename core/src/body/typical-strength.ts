import type { MomentName } from './statics';

/**
 * Most moment one limb can hold at a joint, N m per kg of body mass, trained adult man; starting guesses,
 * order of size from dynamometry, common practice, no source. Trunk and neck are for the whole body. The elbow's is in the planar model's own
 * terms, where elbows stay beside the body: set so that an intermediate man comes out at some 25 push-ups.
 */
export const typicalMoment: Record<MomentName, number> = {
  neck: 0.5,
  shoulder: 1.15,
  elbow: 1.75,
  wrist: 0.3,
  trunk: 3.6,
  hip: 3.3,
  knee: 3,
  ankle: 2.6,
  'trunk-side': 2.2,
  'trunk-twist': 1.3,
  'hip-side': 1.8,
  'shoulder-turn': 0.6,
};
