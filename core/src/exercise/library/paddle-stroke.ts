import { family } from '../variant';

export default family(
  'paddle-stroke',
  {
    blocks: ['technique'],
    pattern: 'skill',
    planes: ['transverse'],
    position: 'sitting',
    side: 'alternating',
    speed: 'controlled',
    jointActions: ['trunk rotation shortening', 'shoulder extension shortening', 'hip extension shortening'],
  },
  [
    {
      id: 'sitting-paddle-stroke',
      name: 'Sitting paddle stroke',
      otherNames: ['dry paddling', 'broomstick paddling'],
      purpose: 'trunk turn before arm pull, as at the catch',
      regions: ['shoulder', 'lower-back'],
      needs: { kit: [['stick', 'towel']] },
      dose: '2x40s! r20',
      cues: ['Turn the trunk to reach', 'Drive the foot as the hand comes back', 'Top hand at eye height'],
      faults: [{ see: 'Arms bend before the trunk turns', say: 'Long arms until the hand passes the knee.' }],
      keyframes: [
        {
          name: 'catch',
          base: 'long sitting',
          change: { lean: 10, hip: 78, knee: 38, near: { shoulder: 58, elbow: 5 }, far: { shoulder: 100, elbow: 75 } },
          on: ['seat', 'heels'],
        },
        {
          name: 'exit',
          base: 'long sitting',
          change: { lean: -2, hip: 78, knee: 38, near: { shoulder: 5, elbow: 60 }, far: { shoulder: 92, elbow: 12 } },
          on: ['seat', 'heels'],
        },
      ],
    },
  ],
);
