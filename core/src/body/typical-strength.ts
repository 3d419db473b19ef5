import type { MomentName } from './moment-names';

/**
 * Largest moment one limb can hold at a joint in its strongest direction, N m per kg of body mass: an intermediate man of 25. Trunk and neck are for
 * the whole body. Orders of size from dynamometry, values from memory: knee 2.8 (Freedson 1993, Neder 1999), hip 2.9 (Cahalan 1989), ankle 2.2,
 * trunk 3.6, side bend 2.3, turn 1.25 (isometric series), elbow flexion 0.92 and extension 0.70, wrist 0.19 (Delp 1996), neck (Vasavada 2001). The
 * shoulder is set by pulling: a row of nine tenths of body mass; the fingers by a hand that holds some 50 kg (Mathiowetz 1985).
 */
export const typicalMoment: Record<MomentName, number> = {
  neck: 0.5,
  shoulder: 1.25,
  elbow: 0.92,
  wrist: 0.19,
  trunk: 3.6,
  hip: 3.1,
  knee: 3,
  ankle: 2.4,
  'trunk-side': 2.3,
  'trunk-twist': 1.25,
  'hip-side': 2.1,
  'shoulder-turn': 0.6,
  grip: 0.36,
};
