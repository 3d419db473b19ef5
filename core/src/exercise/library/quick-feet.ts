import { family } from '../variant';

export default family(
  'quick-feet',
  {
    blocks: ['raise', 'finisher'],
    pattern: 'quick-feet',
    planes: ['sagittal', 'frontal'],
    position: 'both-feet',
    speed: 'fast',
    jointActions: ['ankle extension stretch-shortening', 'hip flexion shortening'],
    dose: '2x20s! r30',
  },
  [
    {
      id: 'quick-feet-in-place',
      name: 'Quick feet in place',
      otherNames: ['fast feet', 'tapping'],
      purpose: 'short ground contacts for the first step',
      level: 'beginner',
      regions: ['calf', 'ankle+landing'],
      impactContacts: 1,
      quiet: false,
      cues: ['Low stance, weight on the forefoot', 'As many taps as stay clean', 'Head level, eyes up'],
      faults: [{ see: 'Heels drop and the feet go heavy', say: 'Stop there: quality ends the set.' }],
      keyframes: [
        {
          name: 'left tap',
          base: 'athletic stance',
          change: { near: { hip: 66, knee: 72, ankle: 10 }, far: { ankle: 12 } },
          on: ['far.toes'],
          inPassing: true,
        },
        {
          name: 'right tap',
          base: 'athletic stance',
          change: { far: { hip: 66, knee: 72, ankle: 10 }, near: { ankle: 12 } },
          on: ['near.toes'],
          inPassing: true,
        },
      ],
    },
  ],
);
