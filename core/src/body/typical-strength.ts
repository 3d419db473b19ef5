import type { MomentName } from './statics';

/**
 * Most moment one limb can hold at a joint, N m per kg of body mass, trained adult man; starting guesses,
 * order of size from dynamometry, common practice, no source. Trunk and neck are for the whole body. The elbow's is in the planar model's own
 * terms, where elbows stay beside the body: set so that an intermediate man comes out at some 25 push-ups. The side of the hip is set so that
 * a side plank asks for about three quarters of it and standing on one leg for a third, as in muscle activity (Distefano 2009; value from
 * memory); the grip so that a hand holds some 50 kg (Mathiowetz 1985; value from memory).
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
  'trunk-side': 3,
  'trunk-twist': 1.3,
  'hip-side': 2.4,
  'shoulder-turn': 0.6,
  grip: 0.33,
};
