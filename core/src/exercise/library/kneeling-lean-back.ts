import { family } from './family';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'kneeling-lean-back',
  {
    pattern: 'knee-dominant',
    planes: ['sagittal'],
    position: 'kneeling',
    speed: 'slow',
    jointActions: ['knee extension lengthening', 'trunk flexion holding'],
    faults: [{ see: 'Hips fold', say: 'Squeeze the glutes, lean less.', shown: { change: { hip: 45, lean: -5 } } }],
    cautions: ['Kneel soft; pain under the kneecap: leave it out.'],
  },
  [
    {
      id: 'kneeling-lean-back-short',
      name: 'Reverse Nordic, short range',
      otherNames: ['small reverse lowering', 'Short kneeling lean-back'],
      standing: 2,
      blocks: ['prevention'],
      purpose: 'front of the thigh brakes at length',
      level: 'beginner',
      load: { place: 'chest', source: 'weight', required: false, maxKg: 15, hands: 1 },
      dose: '2x8 3-1-2 rir3 r45',
      cues: ['Kneel tall, straight from knee to head', "Lean back a hand's width", 'Squeeze the glutes, come back'],
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
      name: 'Reverse Nordic',
      otherNames: ['quad lowering', 'reverse Nordic curl', 'kneeling quad eccentric', 'Kneeling lean-back'],
      standing: 2,
      blocks: ['strength', 'prevention'],
      purpose: 'kicking thigh strong where it strains',
      level: 'intermediate',
      dose: '3x6 4-1-2 rir2 r60',
      cues: ['Straight from knee to head, hips open', 'Lean back in four seconds', 'Only as far as you can come back'],
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
      name: 'Weighted reverse Nordic',
      otherNames: ['weighted reverse lowering', 'Kneeling lean-back with weight'],
      standing: 1,
      blocks: ['strength', 'prevention'],
      purpose: 'front of the thigh, more load at length',
      level: 'advanced',
      needs: { kit: [handWeights] },
      load: { place: 'chest', source: 'weight', required: true, maxKg: 15, hands: 1 },
      dose: '3x6 4-1-2 rir2 r75',
      cues: ['Weight hugged to the chest', 'Lean back slowly, hips stay open', 'Stop if the back arches'],
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
