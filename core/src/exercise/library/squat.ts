import { family } from '../variant';
import { frame } from './frame';
import { handWeights, seats } from './kit-groups';

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
      level: 'new',
      load: { place: 'chest', source: 'weight', required: false, hands: 2 },
      dose: '3x10 3-0-1 rir2 r60',
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
    {
      id: 'goblet-squat',
      name: 'Squat with weight at the chest',
      otherNames: ['goblet squat', 'front-loaded squat'],
      purpose: 'both legs with the load kept close',
      level: 'beginner',
      needs: { kit: [handWeights] },
      load: { place: 'hands', source: 'weight', required: true, hands: 1 },
      jointActions: [
        'knee extension shortening',
        'hip extension shortening',
        'shoulder flexion holding',
        'elbow flexion holding',
      ],
      dose: '3x10 3-1-1 rir2 r60',
      keyframes: [
        frame('tall', 'standing', 'feet', { hip: 6, knee: 6, shoulder: 24, elbow: 132 }),
        frame('low', 'standing', 'feet', { lean: 26, hip: 108, knee: 110, ankle: 30, shoulder: 44, elbow: 132 }),
      ],
    },
    {
      id: 'rucksack-squat',
      name: 'Rucksack squat',
      otherNames: ['backpack squat'],
      purpose: 'both legs with the heaviest thing at home',
      level: 'intermediate',
      needs: { kit: [['rucksack', 'weight-vest', 'barbell']] },
      load: { place: 'back', source: 'weight', required: true, hands: 1 },
      prop: 'rucksack',
      dose: '3x8 3-1-1 rir2 r75',
      cautions: ['Straps tight; put it on from a chair, not with a twist.'],
      keyframes: [
        frame('tall', 'standing', 'feet', { hip: 6, knee: 6, shoulder: 40, elbow: 135 }),
        frame('low', 'standing', 'feet', { lean: 40, hip: 112, knee: 104, ankle: 26, shoulder: 50, elbow: 130 }),
      ],
    },
    {
      id: 'heels-raised-squat',
      name: 'Squat, heels raised',
      otherNames: ['cyclist squat', 'heel-elevated squat'],
      purpose: 'more knee, less hip',
      level: 'beginner',
      needs: { kit: [['step', 'plate', 'mat', 'stairs']] },
      dose: '3x12 3-1-1 rir2 r60',
      keyframes: [
        frame('tall', 'standing', 'heels@book toes', { hip: 4, knee: 4, ankle: -8, shoulder: 40 }),
        frame('low', 'standing', 'heels@book toes', { lean: 22, hip: 104, knee: 118, ankle: 24, shoulder: 85 }),
      ],
    },
    {
      id: 'slow-pause-squat',
      name: 'Slow squat with a pause',
      otherNames: ['tempo squat'],
      purpose: 'honest work with no weight: slow and stopped',
      level: 'beginner',
      speed: 'slow',
      dose: '3x8 5-3-1 rir2 r60',
      keyframes: [
        frame('tall', 'standing', 'feet', { hip: 6, knee: 6, shoulder: 40 }),
        frame('low', 'standing', 'feet', { lean: 36, hip: 110, knee: 106, ankle: 28, shoulder: 90 }),
      ],
    },
  ],
);
