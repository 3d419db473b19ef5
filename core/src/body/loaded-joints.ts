export type LoadedJoint = 'neck' | 'shoulder' | 'elbow' | 'wrist' | 'trunk' | 'hip' | 'knee' | 'ankle';

export const loadedJoints: readonly LoadedJoint[] = [
  'neck',
  'shoulder',
  'elbow',
  'wrist',
  'trunk',
  'hip',
  'knee',
  'ankle',
];
