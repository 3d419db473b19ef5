import { family } from '../variant';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'kneeling-lean-back',
  {
    blocks: ['prevention', 'strength'],
    pattern: 'knee-dominant',
    planes: ['sagittal'],
    position: 'kneeling',
    speed: 'slow',
    jointActions: ['knee extension lengthening', 'trunk flexion holding'],
    cues: ['One line from knee to head', 'Lean from the knees, not the hips', 'Only as far as you can come back'],
    faults: [{ see: 'Hips fold', say: 'Squeeze the seat, lean less.', shown: { change: { hip: 45, lean: -5 } } }],
    cautions: ['Kneel soft; pain under the kneecap: leave it out.'],
  },
  [
    {
      id: 'kneeling-lean-back-short',
      name: 'Short kneeling lean-back',
      otherNames: ['small reverse lowering'],
      purpose: 'front of the thigh brakes at length',
      level: 'beginner',
      load: { place: 'chest', source: 'weight', required: false, maxKg: 15, hands: 1 },
      dose: '2x8 3-1-2 rir3 r45',
      keyframes: [
        frame('tall', 'tall kneeling', 'knees insteps', { shoulder: 40, elbow: 100 }),
        frame(
          'leant',
          'tall kneeling',
          'knees insteps',
          { lean: -20, knee: 110, shoulder: 40, elbow: 100 },
          { fix: ['hip'] },
        ),
      ],
    },
    {
      id: 'kneeling-lean-back',
      name: 'Kneeling lean-back',
      otherNames: ['reverse Nordic', 'quad lowering'],
      purpose: 'kicking thigh strong where it strains',
      level: 'intermediate',
      dose: '3x6 4-1-2 rir2 r60',
      keyframes: [
        frame('tall', 'tall kneeling', 'knees insteps', { shoulder: 40, elbow: 100 }),
        frame(
          'leant',
          'tall kneeling',
          'knees insteps',
          { lean: -42, knee: 132, shoulder: 40, elbow: 100 },
          { fix: ['hip'] },
        ),
      ],
    },
    {
      id: 'kneeling-lean-back-loaded',
      name: 'Kneeling lean-back with weight',
      otherNames: ['weighted reverse lowering'],
      purpose: 'front of the thigh, more load at length',
      level: 'advanced',
      needs: { kit: [handWeights] },
      load: { place: 'chest', source: 'weight', required: true, maxKg: 15, hands: 1 },
      dose: '3x6 4-1-2 rir2 r75',
      keyframes: [
        frame('tall', 'tall kneeling', 'knees insteps', { shoulder: 45, elbow: 125 }),
        frame(
          'leant',
          'tall kneeling',
          'knees insteps',
          { lean: -42, knee: 132, shoulder: 45, elbow: 125 },
          { fix: ['hip'] },
        ),
      ],
    },
  ],
);
