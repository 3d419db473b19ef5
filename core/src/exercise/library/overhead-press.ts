import { family } from '../variant';
import { twoHandWeights } from './kit-groups';

export default family(
  'overhead-press',
  {
    blocks: ['strength'],
    pattern: 'vertical-push',
    planes: ['sagittal', 'frontal'],
    jointActions: ['shoulder flexion shortening', 'elbow extension shortening'],
  },
  [
    {
      id: 'overhead-press',
      name: 'Overhead press',
      otherNames: ['shoulder press', 'military press'],
      purpose: 'arms strong above the head',
      position: 'both-feet',
      regions: ['shoulder'],
      level: 'beginner',
      needs: { kit: [twoHandWeights] },
      load: { place: 'hands', source: 'weight', required: true, hands: 2 },
      dose: '3x10 2-0-1 rir2 r60',
      harder: 'pike-push-up',
      cues: ['Ribs down, seat tight', 'Press up and slightly back', 'Head comes through'],
      faults: [{ see: 'Lower back arches', say: 'Lighter, or half kneeling.' }],
      cautions: ['Check the ceiling; nothing with a loose lid overhead.'],
      keyframes: [
        { name: 'rack', base: 'standing', change: { shoulder: 42, elbow: 142 }, on: ['feet'] },
        { name: 'overhead', base: 'standing', change: { shoulder: 174, elbow: 4 }, on: ['feet'] },
      ],
    },
    {
      id: 'pike-push-up',
      name: 'Pike push-up',
      otherNames: ['bent-hip push-up'],
      purpose: 'overhead pressing without kit',
      position: 'hands-and-feet',
      regions: ['shoulder+high', 'wrist'],
      level: 'intermediate',
      dose: '3x6 2-0-1 rir2 r75',
      easier: 'overhead-press',
      cues: ['Hips high', 'Crown of the head towards the floor', 'Push away, ears by the arms'],
      faults: [{ see: 'It turns into a push-up', say: 'Walk the feet in, hips up.' }],
      cautions: ['Head above the floor, never on it.'],
      keyframes: [
        {
          name: 'top',
          base: 'plank',
          change: { lean: 128, hip: 92, knee: 6, ankle: 0, shoulder: 168, neck: 0 },
          on: ['toes', 'hands'],
          fix: ['hip', 'knee'],
        },
        {
          name: 'bottom',
          base: 'plank',
          change: { lean: 138, hip: 92, knee: 10, ankle: 0, shoulder: 118, elbow: 66, neck: -25 },
          on: ['toes', 'hands'],
          fix: ['hip', 'elbow'],
        },
      ],
    },
  ],
);
