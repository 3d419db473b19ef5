import { family } from './family';
import { twoHandWeights } from './kit-groups';

export default family(
  'push-press',
  {
    pattern: 'whole-body-lift',
    planes: ['sagittal'],
    position: 'both-feet',
    speed: 'fast',
    jointActions: [
      'knee extension stretch-shortening',
      'hip extension stretch-shortening',
      'shoulder flexion shortening',
      'elbow extension shortening',
    ],
  },
  [
    {
      id: 'push-press',
      name: 'Push press',
      otherNames: ['Dip and drive overhead'],
      standing: 3,
      blocks: ['power'],
      purpose: 'legs start what the arms finish, as in a throw',
      regions: ['shoulder', 'knee'],
      level: 'intermediate',
      quiet: true,
      needs: { kit: [twoHandWeights] },
      load: { place: 'hands', source: 'weight', required: true, hands: 2 },
      dose: '3x4 X rir4 r75',
      cues: ['Short dip, heels down', 'Drive, then the arms follow', 'Lower slowly to the shoulders'],
      faults: [{ see: 'Pressing first, legs late', say: 'Stay silent with the arms until the legs are straight.' }],
      cautions: ['Check the ceiling; no loose lid overhead. A bar: only what you can clean to the shoulders.'],
      keyframes: [
        {
          name: 'dip',
          base: 'standing',
          change: { lean: 8, hip: 38, knee: 52, ankle: 22, shoulder: 42, elbow: 142 },
          on: ['feet'],
        },
        { name: 'overhead', base: 'standing', change: { ankle: 0, shoulder: 174, elbow: 4 }, on: ['feet'] },
      ],
    },
  ],
);
