import { family } from './family';
import { bothSides } from './frame';

export default family(
  'march',
  {
    pattern: 'pulse',
    planes: ['sagittal'],
    position: 'one-foot',
    jointActions: ['hip flexion shortening', 'ankle extension stretch-shortening'],
    dose: '1x60s!',
  },
  [
    {
      id: 'march-on-the-spot',
      name: 'Marching on the spot',
      otherNames: ['walking in place', 'march on the spot'],
      standing: 2,
      blocks: ['raise', 'cool-down'],
      purpose: 'warms hips and calves without noise',
      regions: ['hip'],
      cues: ['Knee up to the belt', 'Opposite arm swings with it', 'Stand tall on the other leg'],
      faults: [{ see: 'Leaning back as the knee rises', say: 'Ribs over hips, knee a little lower.' }],
      keyframes: bothSides(
        {
          name: 'left up',
          base: 'standing',
          change: { near: { hip: 85, knee: 95, shoulder: -25, elbow: 60 }, far: { shoulder: 45, elbow: 80 } },
          on: ['far.foot'],
        },
        'right up',
      ),
    },
    {
      id: 'high-knee-run',
      name: 'High knees',
      otherNames: ['running in place', 'knee lifts', 'high-knee run on the spot'],
      standing: 3,
      blocks: ['raise', 'finisher'],
      purpose: 'raises pulse and foot speed',
      regions: ['hip', 'calf', 'ankle+landing'],
      speed: 'fast',
      level: 'beginner',
      impactContacts: 1,
      cues: ['Quick, light contacts on the forefoot', 'Knee to hip height', 'Arms drive the rhythm'],
      faults: [{ see: 'Loud, flat landings', say: 'Lighter: heel never slaps the floor.' }],
      cautions: ['Hard floor: wear shoes or choose the march.'],
      keyframes: bothSides(
        {
          name: 'left up',
          base: 'standing',
          change: {
            lean: 5,
            near: { hip: 90, knee: 110, shoulder: -35, elbow: 85 },
            far: { ankle: -15, shoulder: 60, elbow: 90 },
          },
          on: ['far.toes'],
          inPassing: true,
        },
        'right up',
      ),
    },
  ],
);
