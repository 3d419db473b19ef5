import { family } from '../variant';

export default family(
  'dead-bug',
  {
    blocks: ['trunk', 'activate'],
    pattern: 'anti-extension',
    planes: ['sagittal'],
    position: 'lying',
    side: 'alternating',
    speed: 'slow',
    jointActions: ['trunk flexion holding', 'hip flexion lengthening'],
    regions: ['lower-back', 'hip'],
  },
  [
    {
      id: 'dead-bug',
      name: 'Lying opposite reach',
      otherNames: ['dead bug'],
      purpose: 'low back stays down while the limbs travel',
      dose: '2x8 3-1-2 r30',
      cues: ['Low back heavy on the floor', 'Opposite arm and leg away', 'Breathe out as they go'],
      faults: [{ see: 'Back lifts off the floor', say: 'Heel less far, knee bent.' }],
      keyframes: [
        { name: 'start', base: 'supine', change: { hip: 90, knee: 90, shoulder: 90 }, on: ['back', 'seat'] },
        {
          name: 'reach',
          base: 'supine',
          change: { near: { hip: 18, knee: 8, shoulder: 90 }, far: { hip: 90, knee: 90, shoulder: 168 } },
          on: ['back', 'seat'],
        },
      ],
    },
  ],
);
