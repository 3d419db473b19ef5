import { family } from '../variant';
import { frame } from './frame';

export default family(
  'bear-hold',
  {
    pattern: 'anti-extension',
    planes: ['sagittal', 'transverse'],
    position: 'hands-and-feet',
    blocks: ['trunk', 'activate'],
    speed: 'slow',
    regions: ['lower-back', 'shoulder', 'wrist'],
    jointActions: ['trunk flexion holding', 'knee extension holding'],
    cues: ["Knees a hand's width off the floor", 'Back like a table', 'Breathe'],
    faults: [{ see: 'Hips rise', say: 'Knees back over the floor, lower.', shown: { change: { lean: 110 } } }],
  },
  [
    {
      id: 'bear-hold',
      name: 'Hovering all fours',
      otherNames: ['bear hold', 'beast hold'],
      purpose: 'trunk holds over hands and feet',
      dose: '3x20s r30',
      keyframes: [
        frame('start', 'all fours', 'toes hands', { lean: 88, hip: 98, knee: 84, ankle: 8 }, { fix: ['hip'] }),
        frame('hover', 'all fours', 'toes hands', { lean: 90, hip: 104, knee: 74, ankle: 12 }, { fix: ['hip'] }),
      ],
    },
    {
      id: 'bear-shoulder-touch',
      name: 'Hovering shoulder touch',
      otherNames: ['bear shoulder tap'],
      purpose: 'trunk refuses to turn on three supports',
      pattern: 'anti-rotation',
      level: 'intermediate',
      side: 'alternating',
      jointActions: ['trunk rotation holding', 'trunk flexion holding'],
      dose: '3x10 1-1-1 rir2 r45',
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
