import { family } from '../variant';
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
  ],
);
