import { family } from './family';
import { frame } from './frame';

export default family(
  'bear-hold',
  {
    pattern: 'anti-extension',
    planes: ['sagittal', 'transverse'],
    position: 'hands-and-feet',
    speed: 'slow',
    regions: ['lower-back', 'shoulder', 'wrist'],
    jointActions: ['trunk flexion holding', 'knee extension holding'],
    faults: [{ see: 'Hips rise', say: 'Knees back over the floor, lower.', shown: { change: { lean: 110 } } }],
  },
  [
    {
      id: 'bear-hold',
      name: 'Bear hold',
      otherNames: ['beast hold', 'bear plank', 'quadruped hover', 'Hovering all fours'],
      standing: 2,
      blocks: ['activate', 'trunk'],
      purpose: 'trunk holds over hands and feet',
      dose: '3x20s r30',
      cues: [
        'Hands under shoulders, knees under hips',
        'Lift the knees just off the floor',
        'Back still like a table, keep breathing',
      ],
      keyframes: [
        frame('start', 'all fours', 'toes hands', { lean: 88, hip: 98, knee: 84, ankle: 8 }, { fix: ['hip'] }),
        frame('hover', 'all fours', 'toes hands', { lean: 90, hip: 104, knee: 74, ankle: 12 }, { fix: ['hip'] }),
      ],
    },
    {
      id: 'bear-shoulder-touch',
      name: 'Bear plank shoulder tap',
      otherNames: ['bear shoulder tap', 'bear tap', 'Hovering shoulder touch'],
      standing: 2,
      blocks: ['activate', 'trunk'],
      purpose: 'trunk refuses to turn on three supports',
      pattern: 'anti-rotation',
      level: 'intermediate',
      side: 'alternating',
      jointActions: ['trunk rotation holding', 'trunk flexion holding'],
      dose: '3x10 1-1-1 rir2 r45',
      cues: ['Knees just off the floor, feet wide', 'Tap the opposite shoulder lightly', 'Hips stay level, no rocking'],
      keyframes: [
        frame('hover', 'all fours', 'toes hands', { lean: 90, hip: 104, knee: 74, ankle: 12 }, { fix: ['hip'] }),
        frame(
          'touch',
          'all fours',
          'toes far.hand',
          { lean: 90, hip: 104, knee: 74, ankle: 12, near: { shoulder: 60, elbow: 138, wrist: 0 } },
          { fix: ['hip'] },
        ),
      ],
    },
  ],
);
