import { family } from './family';
import { frame } from './frame';
import { steps } from './kit-groups';

export default family(
  'fast-step-up',
  {
    pattern: 'pulse',
    planes: ['sagittal'],
    position: 'one-foot',
    side: 'alternating',
    speed: 'controlled',
    needs: { kit: [steps] },
    jointActions: ['knee extension shortening', 'hip flexion shortening'],
    cues: ['Whole foot on the step', 'Steady beat', 'Arms run along'],
    faults: [{ see: 'Heel hangs off', say: 'Slower, whole foot.' }],
  },
  [
    {
      id: 'brisk-step-up',
      name: 'Fast step-ups',
      otherNames: ['step aerobics', 'stair stepping', 'stair step-ups', 'bench stepping', 'brisk step-ups'],
      standing: 2,
      blocks: ['raise', 'finisher'],
      purpose: 'pulse up without a jump, quiet',
      dose: '1x90s!',
      keyframes: [
        frame(
          'down',
          'standing',
          'near.foot@step far.foot',
          {
            lean: 8,
            near: { hip: 54, knee: 50, shoulder: -10, elbow: 60 },
            far: { hip: 0, knee: 6, shoulder: 30, elbow: 60 },
          },
          { inPassing: true },
        ),
        frame(
          'up',
          'standing',
          'near.foot@step',
          { near: { hip: 2, knee: 4, shoulder: 30, elbow: 60 }, far: { hip: 60, knee: 80, shoulder: -10, elbow: 60 } },
          { inPassing: true },
        ),
      ],
    },
  ],
);
