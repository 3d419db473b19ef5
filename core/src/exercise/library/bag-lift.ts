import { family } from '../variant';
import { frame } from './frame';
import { bags } from './kit-groups';

export default family(
  'bag-lift',
  {
    pattern: 'whole-body-lift',
    planes: ['sagittal'],
    position: 'both-feet',
    blocks: ['strength', 'power'],
    needs: { kit: [bags] },
    load: { place: 'hands', source: 'weight', required: true, hands: 1 },
    jointActions: [
      'hip extension shortening',
      'knee extension shortening',
      'trunk extension holding',
      'shoulder flexion shortening',
    ],
    cues: ['Close to the body', 'Legs lift, arms guide', 'Put it down with the legs'],
    faults: [
      {
        see: 'Back rounds off the floor',
        say: 'Start from a step; hips lower.',
      },
    ],
    cautions: ['Lid taped, straps tucked away, room to put it down.'],
  },
  [
    {
      id: 'bag-to-hips',
      name: 'Bag lift from the floor',
      otherNames: ['bag deadlift', 'ground lift'],
      purpose: 'picks weight up with legs and hips',
      faults: [
        {
          see: 'Back rounds off the floor',
          say: 'Start from a step; hips lower.',
          shown: { at: 'floor', change: { trunk: 34 } },
        },
      ],
      level: 'beginner',
      dose: '3x8 2-0-1 rir2 r60',
      keyframes: [
        frame('floor', 'standing', 'feet', { lean: 62, hip: 108, knee: 72, ankle: 16, shoulder: 62, neck: -14 }),
        frame('tall', 'standing', 'feet', { hip: 2, knee: 4, shoulder: 8 }),
      ],
    },
    {
      id: 'bag-to-shoulder',
      name: 'Bag to the shoulder',
      otherNames: ['sandbag shouldering', 'clean to shoulder'],
      purpose: 'whole body lifts an awkward thing, as in a clinch',
      level: 'intermediate',
      speed: 'fast',
      side: 'alternating',
      blocks: ['power', 'strength'],
      dose: '3x6 X r75',
      keyframes: [
        frame('floor', 'standing', 'feet', { lean: 62, hip: 108, knee: 72, ankle: 16, shoulder: 62, neck: -14 }),
        frame(
          'lap',
          'standing',
          'feet',
          { lean: 24, hip: 62, knee: 56, ankle: 22, shoulder: 30, elbow: 80 },
          { inPassing: true },
        ),
        frame('shoulder', 'standing', 'feet', { hip: 4, knee: 6, shoulder: 60, elbow: 142 }),
      ],
    },
    {
      id: 'bag-squat-press',
      name: 'Bag squat and press',
      otherNames: ['thruster'],
      purpose: 'legs throw the weight overhead',
      level: 'intermediate',
      blocks: ['strength', 'finisher'],
      load: { place: 'hands', source: 'weight', required: true, maxKg: 20, hands: 2 },
      jointActions: [
        'knee extension shortening',
        'hip extension shortening',
        'shoulder flexion shortening',
        'elbow extension shortening',
      ],
      dose: '3x8 2-0-1 rir2 r75',
      keyframes: [
        frame('low', 'standing', 'feet', { lean: 28, hip: 104, knee: 102, ankle: 28, shoulder: 50, elbow: 138 }),
        frame('overhead', 'standing', 'feet', { shoulder: 174, elbow: 6 }),
      ],
    },
    {
      id: 'bear-hug-squat',
      name: 'Bear-hug squat',
      otherNames: ['sandbag squat', 'hug squat'],
      purpose: 'holds an opponent-sized thing while the legs work',
      level: 'beginner',
      load: { place: 'chest', source: 'weight', required: true, hands: 1 },
      jointActions: ['knee extension shortening', 'hip extension shortening', 'trunk extension holding'],
      dose: '3x8 3-1-1 rir2 r60',
      keyframes: [
        frame('tall', 'standing', 'feet', { hip: 6, knee: 6, shoulder: 42, elbow: 108 }),
        frame('low', 'standing', 'feet', { lean: 34, hip: 108, knee: 104, ankle: 28, shoulder: 56, elbow: 104 }),
      ],
    },
    {
      id: 'one-arm-snatch',
      name: 'One-arm lift to overhead',
      otherNames: ['dumbbell snatch', 'single-arm snatch'],
      purpose: 'hips throw one arm overhead in one go',
      level: 'advanced',
      speed: 'fast',
      side: 'single',
      blocks: ['power'],
      needs: { kit: [['dumbbell', 'kettlebell']] },
      load: { place: 'near-hand', source: 'weight', required: true, maxKg: 24, hands: 1 },
      dose: '4x3/side X r90',
      cautions: ['Grip that holds, free ceiling; drop under it, do not press it out.'],
      keyframes: [
        frame(
          'hang',
          'standing',
          'feet',
          { lean: 52, hip: 86, knee: 50, ankle: 14, near: { shoulder: 52 }, far: { shoulder: 30, elbow: 30 } },
          { inPassing: true },
        ),
        frame(
          'pull',
          'standing',
          'toes',
          { lean: -4, ankle: -20, near: { shoulder: 60, elbow: 100 }, far: { shoulder: -10 } },
          { inPassing: true },
        ),
        frame('catch', 'standing', 'feet', {
          lean: 12,
          hip: 40,
          knee: 40,
          ankle: 16,
          near: { shoulder: 178, elbow: 2 },
          far: { shoulder: 20 },
        }),
      ],
    },
  ],
);
