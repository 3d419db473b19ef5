import { family } from './family';
import { bothSides, frame } from './frame';

export default family(
  'toe-raise',
  {
    pattern: 'calf',
    planes: ['sagittal'],
    speed: 'slow',
    jointActions: ['ankle flexion shortening', 'ankle flexion lengthening'],
    faults: [{ see: 'Hips swing to help', say: 'Hips stay on the wall; fewer, slower.' }],
  },
  [
    {
      id: 'wall-toe-raise',
      name: 'Tibialis raise against a wall',
      otherNames: ['tibialis raise', 'shin raise', 'Toe raise against the wall'],
      standing: 3,
      blocks: ['activate', 'prevention'],
      purpose: 'front of the shin brakes the foot',
      position: 'both-feet',
      needs: { wall: true },
      wall: -0.22,
      dose: '2x15 2-1-2 rir3 r30',
      cues: ['Back on the wall, feet a step away', 'Pull the toes up hard', 'Knees straight, lower slowly'],
      keyframes: [
        frame('down', 'standing', 'feet seat@wall', { lean: -6, hip: 14, shoulder: 8 }),
        frame('up', 'standing', 'heels seat@wall', { lean: -6, hip: 14, ankle: 22, shoulder: 8 }),
      ],
    },
    {
      id: 'heel-walk',
      name: 'Heel walk in place',
      otherNames: ['heel stepping'],
      standing: 0,
      blocks: ['raise', 'activate'],
      purpose: 'shins awake before running drills',
      position: 'both-feet',
      side: 'alternating',
      dose: '2x30s! r15',
      cues: ['Toes up, walk on the heels', 'Short steps, knees straight', 'Stay tall'],
      speed: 'controlled',
      keyframes: bothSides(
        frame(
          'left',
          'standing',
          'near.heel',
          { ankle: 20, near: { hip: 4 }, far: { hip: 30, knee: 30 }, shoulder: 15, elbow: 50 },
          { inPassing: true },
        ),
        'right',
      ),
    },
  ],
);
