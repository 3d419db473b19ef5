import { family } from './family';
import { frame } from './frame';

const guard = { shoulder: 50, elbow: 130 };

export default family(
  'strike-drill',
  {
    pattern: 'skill',
    standing: 0,
    blocks: ['technique', 'finisher'],
    sports: ['striking-combat'],
    planes: ['sagittal', 'transverse'],
    position: 'split',
    side: 'single',
    speed: 'fast',
    level: 'beginner',
    regions: ['hip', 'knee', 'lower-back'],
    jointActions: ['trunk rotation shortening', 'hip flexion shortening', 'knee extension holding'],
    faults: [
      {
        see: 'Hands drop',
        say: 'Knuckles touch the cheek.',
        shown: { change: {}, add: { near: { shoulder: -40, elbow: -60 }, far: { shoulder: -40, elbow: -60 } } },
      },
    ],
  },
  [
    {
      id: 'slip-roll-pivot',
      name: 'Slip, roll, pivot, step off',
      otherNames: ['head movement drill', 'defence footwork'],
      purpose: 'the head leaves the line and the feet follow',
      dose: '3x60s!/side r40',
      cues: [
        'Slip left, slip right, roll under',
        'Bend the knees, not the back',
        'Pivot off on the front foot, guard up',
      ],
      jointActions: ['knee extension lengthening', 'trunk rotation shortening', 'trunk lateral-flexion shortening'],
      keyframes: [
        frame('guard', 'standing', 'near.foot far.foot', {
          lean: 6,
          near: { hip: -6, knee: 16, ankle: 8, ...guard },
          far: { hip: 28, knee: 22, ankle: 8, ...guard },
        }),
        frame(
          'under',
          'standing',
          'near.foot far.foot',
          {
            lean: 24,
            near: { hip: 36, knee: 70, ankle: 20, ...guard },
            far: { hip: 70, knee: 70, ankle: 20, ...guard },
          },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'knee-strike-balance',
      name: 'Knee strike to balance',
      otherNames: ['knee strike in the air'],
      purpose: 'hip drives through and stops on one leg',
      position: 'one-foot',
      dose: '3x8/side r30',
      cues: [
        'Back foot pushes, hip goes forward',
        'Toes down, trunk leans a little back',
        'Freeze one second on the standing foot',
      ],
      keyframes: [
        frame('guard', 'standing', 'near.foot far.toes', {
          lean: 4,
          near: { hip: 24, knee: 20, ankle: 8, ...guard },
          far: { hip: -12, knee: 22, ankle: 16, ...guard },
        }),
        frame(
          'knee',
          'standing',
          'near.toes',
          {
            lean: -10,
            near: { hip: -10, knee: 4, ankle: -16, shoulder: 30, elbow: 110 },
            far: { hip: 96, knee: 120, ankle: -30, shoulder: 30, elbow: 110 },
          },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'round-kick-chamber',
      name: 'Round-kick chamber, extend, fold',
      otherNames: ['slow roundhouse kick'],
      purpose: 'knee high first, shin follows, folds back before it comes down',
      view: 'front',
      planes: ['frontal', 'transverse'],
      position: 'one-foot',
      speed: 'slow',
      level: 'intermediate',
      dose: '3x5/side r30',
      cues: [
        'Chamber high, standing heel turns forward',
        'Extend slowly, hold one second',
        'Fold before the foot goes down; hand on a wall if needed',
      ],
      regions: ['hip', 'groin', 'knee'],
      jointActions: ['hip abduction shortening', 'knee extension shortening', 'trunk lateral-flexion holding'],
      faults: [{ see: 'The trunk falls away', say: 'Lower kick.' }],
      keyframes: [
        frame(
          'chamber',
          'standing',
          'far.foot',
          { lean: -16, near: { hip: 84, knee: 80 }, far: { hip: -10 }, shoulder: 40, elbow: 100 },
          { inPassing: true },
        ),
        frame(
          'extended',
          'standing',
          'far.foot',
          { lean: -20, near: { hip: 88, knee: 10 }, far: { hip: -12 }, shoulder: 40, elbow: 100 },
          { inPassing: true },
        ),
      ],
    },
  ],
);
