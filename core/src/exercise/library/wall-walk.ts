import { family } from '../variant';
import { frame } from './frame';

export default family(
  'wall-walk',
  {
    pattern: 'vertical-push',
    planes: ['sagittal'],
    position: 'hands-and-feet',
    blocks: ['strength'],
    speed: 'slow',
    level: 'advanced',
    regions: ['shoulder+high', 'wrist', 'lower-back'],
    needs: { wall: true },
    wall: -0.3,
    jointActions: ['shoulder flexion holding', 'elbow extension holding', 'trunk flexion holding'],
    cues: ['Ribs in, seat tight', 'Small steps with hands and feet', 'Come down before you tire'],
    faults: [{ see: 'Back sags', say: 'Not so high; pull the ribs in.' }],
    cautions: ['A clear way to step down; not when dizzy or with high blood pressure.'],
  },
  [
    {
      id: 'wall-walk-half',
      name: 'Half wall walk',
      otherNames: ['feet up the wall'],
      purpose: 'shoulders carry the body in an L',
      level: 'intermediate',
      dose: '3x20s r60',
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
      purpose: 'whole body over straight arms',
      dose: '3x20s r90',
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
