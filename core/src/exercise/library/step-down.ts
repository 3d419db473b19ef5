import { family } from '../variant';
import { frame } from './frame';
import { steps } from './kit-groups';

export default family(
  'step-down',
  {
    blocks: ['strength', 'prevention'],
    pattern: 'knee-dominant',
    planes: ['sagittal', 'frontal'],
    position: 'one-foot',
    side: 'single',
    speed: 'slow',
    jointActions: ['knee extension lengthening', 'hip abduction holding', 'hip extension lengthening'],
  },
  [
    {
      id: 'slow-step-down',
      name: 'Slow step-down',
      otherNames: ['heel tap', 'eccentric step-down'],
      purpose: 'knee control on the way down, one leg',
      regions: ['knee', 'hip'],
      level: 'beginner',
      needs: { kit: [steps] },
      dose: '3x8/side 4-0-1 rir3 r45',
      cues: ['Hand near a wall', 'Heel down towards the floor, four seconds', 'Hips stay level'],
      faults: [{ see: 'Hip drops or knee falls in', say: 'Lower step, mirror or phone camera.' }],
      cautions: ['Step must not slide or tip.'],
      keyframes: [
        {
          name: 'tall',
          base: 'standing',
          change: { near: { hip: 8, knee: 8 }, far: { hip: 24, knee: 12, ankle: 10 }, shoulder: 15 },
          on: ['near.foot@step'],
        },
        {
          name: 'tap',
          base: 'standing',
          change: {
            lean: 24,
            near: { hip: 66, knee: 64, ankle: 22 },
            far: { hip: 44, knee: 12, ankle: 18 },
            shoulder: 50,
          },
          on: ['near.foot@step', 'far.heel'],
        },
      ],
    },
    {
      id: 'side-step-down',
      name: 'Side step-down',
      otherNames: ['lateral step-down', 'heel tap'],
      purpose: 'knee stays over the foot on the way down',
      level: 'beginner',
      needs: { kit: [steps] },
      blocks: ['prevention', 'strength'],
      view: 'front',
      planes: ['frontal', 'sagittal'],
      jointActions: ['knee extension lengthening', 'hip abduction holding'],
      cues: ['Stand on the edge', 'Tap the heel beside the step', 'Knee over the second toe'],
      faults: [{ see: 'Pelvis drops', say: 'Lower step.' }],
      dose: '2x8/side 3-0-1 rir3 r30',
      keyframes: [
        frame('tall', 'standing', 'near.foot@step', { near: { hip: 2 }, far: { hip: 10 }, shoulder: 40, elbow: 80 }),
        frame('tap', 'standing', 'near.foot@step', {
          lean: 3,
          near: { hip: 14, knee: 12 },
          far: { hip: 8 },
          shoulder: 40,
          elbow: 80,
        }),
      ],
    },
    {
      id: 'chair-step-down',
      name: 'Step-down from a chair',
      otherNames: ['high step-down'],
      purpose: 'one leg brakes a deep lowering',
      level: 'intermediate',
      needs: { kit: [['chair', 'bench']] },
      cues: ['Four seconds', 'Sit back', 'Touch the floor without weight'],
      faults: [{ see: 'Drops the last part', say: 'Lower step.' }],
      dose: '2x5/side 4-0-1 rir2 r60',
      cautions: ['Sturdy chair against a wall, something to hold within reach.'],
      keyframes: [
        frame('tall', 'standing', 'near.foot@chair', {
          near: { hip: 4, knee: 6 },
          far: { hip: 20, knee: 10 },
          shoulder: 30,
        }),
        frame(
          'low',
          'standing',
          'near.foot@chair',
          { lean: 40, near: { hip: 108, knee: 102 }, far: { hip: 44, knee: 6 }, shoulder: 84 },
          { inPassing: true },
        ),
      ],
    },
  ],
);
