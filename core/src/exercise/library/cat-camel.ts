import { family } from './family';

export default family(
  'cat-camel',
  {
    pattern: 'mobility',
    planes: ['sagittal'],
    position: 'kneeling',
    speed: 'slow',
    jointActions: ['trunk flexion shortening', 'trunk extension shortening'],
    dose: '1x8 2-1-2',
  },
  [
    {
      id: 'cat-camel',
      name: 'Cat-camel',
      otherNames: ['cat camel', 'cat cow', 'cat-cow', 'spine wave', 'Round and hollow the back'],
      standing: 3,
      blocks: ['mobilise', 'cool-down'],
      purpose: 'moves the spine after sitting',
      regions: ['lower-back', 'upper-back'],
      cues: ['Round from hips to head', 'Then let the back hollow, gently', 'Breathe out as it rounds'],
      faults: [{ see: 'Only the neck moves', say: 'Start the wave at the tailbone.' }],
      cautions: ['Stay inside a comfortable range.'],
      keyframes: [
        {
          name: 'round',
          base: 'all fours',
          change: { lean: 68, trunk: 36, neck: 45, hip: 70 },
          on: ['knees', 'insteps', 'hands'],
        },
        {
          name: 'hollow',
          base: 'all fours',
          change: { lean: 100, trunk: -22, neck: -40, hip: 98 },
          on: ['knees', 'insteps', 'hands'],
        },
      ],
    },
  ],
);
