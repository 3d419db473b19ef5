import { family } from './family';
import { frame } from './frame';

export default family(
  'wall-walk',
  {
    pattern: 'vertical-push',
    planes: ['sagittal'],
    position: 'hands-and-feet',
    speed: 'slow',
    level: 'advanced',
    regions: ['shoulder+high', 'wrist', 'lower-back'],
    needs: { wall: true },
    wall: -0.3,
    jointActions: ['shoulder flexion holding', 'elbow extension holding', 'trunk flexion holding'],
    faults: [{ see: 'Back sags', say: 'Not so high; pull the ribs in.' }],
    cautions: ['A clear way to step down; not when dizzy or with high blood pressure.'],
  },
  [
    {
      id: 'wall-walk-half',
      name: 'Half wall walk',
      otherNames: ['feet up the wall'],
      standing: 1,
      blocks: ['strength'],
      purpose: 'shoulders carry the body in an L',
      level: 'intermediate',
      dose: '3x20s r60',
      cues: ['Hands down, feet up the wall to hip height', 'Belly tight, arms straight', 'Walk back down early'],
      keyframes: [
        frame(
          'plank',
          'plank',
          'toes@wall hands',
          { lean: 92, shoulder: 90, ankle: -10 },
          { fix: ['hip', 'knee'], inPassing: true },
        ),
        frame(
          'half up',
          'plank',
          'toes@wall hands',
          { lean: 138, hip: 70, shoulder: 150, ankle: -10 },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'wall-handstand-hold',
      name: 'Handstand hold, belly to the wall',
      otherNames: ['wall handstand'],
      standing: 1,
      blocks: ['strength'],
      purpose: 'whole body over straight arms',
      dose: '3x20s r90',
      cues: [
        'Belly to the wall, hands close to it',
        'Push tall out of the shoulders',
        'Come down before you are tired',
      ],
      keyframes: [
        frame('up', 'plank', 'toes@wall hands', { lean: 164, hip: 0, shoulder: 172, ankle: -20 }, { inPassing: true }),
        frame(
          'taller',
          'plank',
          'toes@wall hands',
          { lean: 168, hip: 0, shoulder: 176, ankle: -24 },
          { inPassing: true },
        ),
      ],
    },
  ],
);
