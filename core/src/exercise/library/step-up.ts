import { family } from './family';
import { frame } from './frame';
import { steps } from './kit-groups';

export default family(
  'step-up',
  {
    pattern: 'knee-dominant',
    planes: ['sagittal'],
    position: 'one-foot',
    side: 'single',
    load: { place: 'hands', source: 'weight', required: false, hands: 2 },
    jointActions: ['knee extension shortening', 'hip extension shortening', 'hip abduction holding'],
    faults: [{ see: 'Back foot pushes off', say: 'Lift its toes before you rise.' }],
  },
  [
    {
      id: 'low-step-up',
      name: 'Step-up',
      otherNames: ['stair step-up', 'low step-up'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'one-leg drive on the bottom stair',
      needs: { kit: [steps] },
      dose: '3x10/side 3-0-1 rir3 r45',
      cues: ['Whole foot on the step', 'Stand up on that leg, no push from below', 'Lower slowly'],
      keyframes: [
        frame('down', 'standing', 'near.foot@step far.foot', {
          lean: 10,
          near: { hip: 54, knee: 50 },
          far: { hip: 0, knee: 6 },
        }),
        frame('up', 'standing', 'near.foot@step', { near: { hip: 2, knee: 4 }, far: { hip: 24, knee: 30 } }),
      ],
    },
    {
      id: 'high-step-up',
      name: 'High step-up',
      otherNames: ['chair step-up', 'box step-up'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'one-leg drive from a deep hip',
      level: 'intermediate',
      needs: { kit: [['bench', 'chair', 'sofa', 'stairs']] },
      dose: '3x6/side 3-0-1 rir2 r75',
      cues: ['Foot flat on the high step', 'Lean forward a little, drive up', 'Come down in three seconds'],
      keyframes: [
        frame('down', 'standing', 'near.foot@sofa far.foot', {
          lean: 44,
          near: { hip: 120, knee: 92 },
          far: { hip: 10, knee: 20 },
          shoulder: 40,
        }),
        frame('up', 'standing', 'near.foot@sofa', {
          near: { hip: 4, knee: 6 },
          far: { hip: 40, knee: 50 },
          shoulder: 10,
        }),
      ],
    },
  ],
);
