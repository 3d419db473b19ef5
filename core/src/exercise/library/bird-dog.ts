import { family } from './family';

export default family(
  'bird-dog',
  {
    pattern: 'anti-rotation',
    planes: ['sagittal', 'transverse'],
    position: 'kneeling',
    speed: 'slow',
    side: 'alternating',
    jointActions: ['trunk rotation holding', 'hip extension shortening'],
  },
  [
    {
      id: 'bird-dog',
      name: 'Bird dog',
      otherNames: ['pointer', 'quadruped arm and leg raise', 'Opposite arm and leg reach'],
      standing: 3,
      blocks: ['activate', 'trunk'],
      purpose: 'trunk stays still while arm and leg move',
      regions: ['lower-back', 'hip'],
      dose: '2x8 2-2-2 r20',
      cues: ['Reach long, not high', 'A cup on the back would not spill', 'Two seconds at full reach'],
      faults: [{ see: 'Hips twist as the leg leaves', say: 'Lift only the toe off first.' }],
      keyframes: [
        { name: 'start', base: 'all fours', on: ['knees', 'insteps', 'hands'] },
        {
          name: 'reach',
          base: 'all fours',
          change: { near: { hip: 2, knee: 2, ankle: -20 }, far: { shoulder: 172 } },
          on: ['far.knee', 'far.instep', 'near.hand'],
        },
      ],
    },
  ],
);
