import { family } from '../variant';
import { seats } from './kit-groups';

export default family(
  'squat',
  {
    blocks: ['strength'],
    pattern: 'knee-dominant',
    planes: ['sagittal'],
    position: 'both-feet',
    jointActions: ['knee extension shortening', 'hip extension shortening'],
    cues: ['Whole foot heavy', 'Knees follow the toes', 'Chest and hips rise together'],
    faults: [
      { see: 'Knees fall in', say: 'Spread the floor with the feet.' },
      { see: 'Heels lift', say: 'Sit back a little, less deep.' },
    ],
  },
  [
    {
      id: 'squat-to-chair',
      name: 'Squat to a chair',
      otherNames: ['box squat', 'sit to stand'],
      purpose: 'leg strength with a safe bottom',
      regions: ['knee', 'hip'],
      needs: { kit: [seats] },
      load: { place: 'chest', source: 'weight', required: false, hands: 1 },
      dose: '3x12 3-0-1 rir3 r45',
      harder: 'squat',
      cautions: ['Chair against a wall so that it cannot slide.'],
      keyframes: [
        { name: 'tall', base: 'standing', change: { shoulder: 60, elbow: 30 }, on: ['feet'] },
        {
          name: 'touch',
          base: 'standing',
          change: { lean: 40, hip: 114, knee: 98, ankle: 20, shoulder: 100, elbow: 20 },
          on: ['feet', 'seat@chair'],
        },
      ],
    },
    {
      id: 'squat',
      name: 'Squat',
      otherNames: ['goblet squat', 'knee bend'],
      purpose: 'both-leg strength for jumping and braking',
      regions: ['knee+deep', 'hip'],
      level: 'beginner',
      load: { place: 'chest', source: 'weight', required: false, hands: 2 },
      dose: '3x10 3-0-1 rir2 r60',
      easier: 'squat-to-chair',
      harder: 'split-squat',
      keyframes: [
        { name: 'tall', base: 'standing', change: { shoulder: 60, elbow: 60 }, on: ['feet'] },
        {
          name: 'bottom',
          base: 'standing',
          change: { lean: 40, hip: 122, knee: 108, ankle: 28, shoulder: 100, elbow: 30 },
          on: ['feet'],
        },
      ],
    },
  ],
);
