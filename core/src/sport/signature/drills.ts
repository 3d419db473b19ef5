import type { SignatureRow } from './row';

/** The drills of a sport for the roles that have them: all of them are its own. */
export const ownDrills = (row: Omit<SignatureRow, 'id' | 'name' | 'reason' | 'kind' | 'own'>): SignatureRow => ({
  id: 'own-drills',
  name: 'Drills of the sport',
  reason: 'Your own movements, slow before fast and on both sides.',
  kind: 'drills',
  own: [...new Set(row.parts.flat())],
  ...row,
});
