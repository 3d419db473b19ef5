import { family } from './family';

export default family(
  'squat-reach',
  {
    pattern: 'mobility',
    planes: ['sagittal'],
    position: 'both-feet',
    speed: 'slow',
    jointActions: ['hip flexion shortening', 'shoulder flexion shortening'],
    dose: '1x6 3-2-2',
  },
  [
    {
      id: 'deep-squat-reach',
      name: 'Deep squat, reach up',
      otherNames: ['squat to overhead reach'],
      standing: 2,
      blocks: ['mobilise', 'flexibility'],
      purpose: 'hips, ankles and upper back in one movement',
      level: 'beginner',
      regions: ['hip', 'knee+deep', 'shoulder'],
      cues: ['Sit between the heels', 'Reach one arm, then the other', 'Chest long'],
      faults: [{ see: 'Heels come up', say: 'Hold a door frame or put a book under the heels.' }],
      keyframes: [
        {
          name: 'squat',
          base: 'standing',
          change: { lean: 38, trunk: 12, hip: 125, knee: 128, ankle: 32, shoulder: 85, elbow: 10 },
          on: ['feet'],
        },
        {
          name: 'reach',
          base: 'standing',
          change: {
            lean: 32,
            hip: 122,
            knee: 128,
            ankle: 32,
            near: { shoulder: 165 },
            far: { shoulder: 85, elbow: 10 },
          },
          on: ['feet'],
        },
      ],
    },
  ],
);
