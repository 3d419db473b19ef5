import { family } from '../variant';
import { frame } from './frame';

export default family(
  'toe-raise',
  {
    pattern: 'calf',
    planes: ['sagittal'],
    blocks: ['prevention', 'activate'],
    speed: 'slow',
    jointActions: ['ankle flexion shortening', 'ankle flexion lengthening'],
    cues: ['Pull the toes up high', 'Legs straight', 'Lower slowly'],
    faults: [{ see: 'Hips swing to help', say: 'Seat stays on the wall; fewer, slower.' }],
  },
  [
    {
      id: 'wall-toe-raise',
      name: 'Toe raise against the wall',
      otherNames: ['tibialis raise', 'shin raise'],
      purpose: 'front of the shin brakes the foot',
      position: 'both-feet',
      needs: { wall: true },
      wall: -0.22,
      dose: '2x15 2-1-2 rir3 r30',
      keyframes: [
        frame('down', 'standing', 'feet seat@wall', { lean: -6, hip: 14, shoulder: 8 }),
        frame('up', 'standing', 'heels seat@wall', { lean: -6, hip: 14, ankle: 22, shoulder: 8 }),
      ],
    },
    {
      id: 'heel-walk',
      name: 'Heel walk in place',
      otherNames: ['heel stepping'],
      purpose: 'shins awake before running drills',
      position: 'both-feet',
      side: 'alternating',
      dose: '2x30s! r15',
      speed: 'controlled',
      keyframes: [
        frame(
          'left',
          'standing',
          'near.heel',
          { ankle: 20, near: { hip: 4 }, far: { hip: 30, knee: 30 }, shoulder: 15, elbow: 50 },
          { inPassing: true },
        ),
        frame(
          'right',
          'standing',
          'far.heel',
          { ankle: 20, far: { hip: 4 }, near: { hip: 30, knee: 30 }, shoulder: 15, elbow: 50 },
          { inPassing: true },
        ),
      ],
    },
  ],
);
