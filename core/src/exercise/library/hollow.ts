import { family } from './family';
import { frame } from './frame';

export default family(
  'hollow',
  {
    pattern: 'trunk-flexion',
    planes: ['sagittal'],
    position: 'lying',
    speed: 'slow',
    regions: ['lower-back', 'hip'],
    jointActions: ['trunk flexion holding', 'hip flexion holding'],
    faults: [{ see: 'Lower back lifts off', say: 'Legs higher or knees bent.', shown: { change: { trunk: -14 } } }],
  },
  [
    {
      id: 'hollow-hold-bent',
      name: 'Hollow hold, knees bent',
      otherNames: ['tucked hollow hold', 'tuck hollow', 'Short dish hold'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'front of the trunk holds ribs to hips',
      level: 'beginner',
      dose: '3x20s r30',
      cues: ['Back pressed flat, knees bent', 'Lift shoulders and feet', 'Hold and breathe in small breaths'],
      keyframes: [
        frame('hold', 'supine', 'seat', { trunk: 26, neck: 14, hip: 78, knee: 82, shoulder: 50 }),
        frame('longer', 'supine', 'seat', { trunk: 24, neck: 14, hip: 66, knee: 68, shoulder: 50 }),
      ],
    },
    {
      id: 'hollow-hold',
      name: 'Hollow hold',
      otherNames: ['hollow body hold', 'dish', 'hollow body', 'Dish hold'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'whole front side long and tight',
      level: 'intermediate',
      load: { place: 'hands', source: 'weight', required: false, maxKg: 4, hands: 1 },
      dose: '3x20s r45',
      cues: ['Back pressed flat, legs long', 'Arms beside the ears', 'Raise the legs if the back lifts'],
      keyframes: [
        frame('hold', 'supine', 'seat', { trunk: 22, neck: 12, hip: 38, knee: 2, ankle: -30, shoulder: 140 }),
        frame('longer', 'supine', 'seat', { trunk: 20, neck: 10, hip: 30, knee: 2, ankle: -30, shoulder: 152 }),
      ],
    },
    {
      id: 'dish-rock',
      name: 'Hollow rock',
      otherNames: ['hollow body rock', 'Dish rock'],
      standing: 1,
      blocks: ['trunk'],
      purpose: 'the dish stays whole while it moves',
      level: 'advanced',
      speed: 'controlled',
      dose: '3x12 1-0-1 rir2 r45',
      cues: ['Hold the hollow shape stiff', 'Rock from shoulders to hips', 'The shape does not change'],
      keyframes: [
        frame(
          'back',
          'supine',
          'back',
          { lean: -96, trunk: 22, neck: 12, hip: 26, knee: 2, ankle: -30, shoulder: 160 },
          { inPassing: true },
        ),
        frame(
          'forward',
          'supine',
          'seat',
          { lean: -80, trunk: 22, neck: 12, hip: 26, knee: 2, ankle: -30, shoulder: 160 },
          { inPassing: true },
        ),
      ],
    },
  ],
);
