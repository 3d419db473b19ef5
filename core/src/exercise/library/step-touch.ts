import { family } from './family';
import { frame } from './frame';
import { steps } from './kit-groups';

export default family(
  'step-touch',
  {
    blocks: ['strength'],
    pattern: 'knee-dominant',
    planes: ['sagittal', 'frontal'],
    position: 'one-foot',
    side: 'single',
    level: 'intermediate',
    jointActions: [
      'knee extension shortening',
      'knee extension lengthening',
      'hip extension shortening',
      'hip abduction holding',
    ],
  },
  [
    {
      id: 'step-touch-down',
      name: 'Single-leg squat off a step',
      otherNames: ['touch-down squat', 'heel touch squat'],
      standing: 2,
      purpose: 'one leg lowers the body with control, knee in line',
      needs: { kit: [steps] },
      load: { place: 'hands', source: 'weight', required: false, maxKg: 20, hands: 2 },
      dose: '3x6/side 3-0-1 rir2 r60',
      cues: [
        'Stand on the edge, free leg in front',
        'Lower until the free heel touches the floor',
        'Push up with the standing leg only',
      ],
      faults: [{ see: 'Drops the last bit', say: 'Lower step.', shown: { at: 'touch', change: { lean: 54 } } }],
      keyframes: [
        frame('tall', 'standing', 'near.foot@step', {
          near: { hip: 4, knee: 4 },
          far: { hip: 16, knee: 4 },
          shoulder: 20,
        }),
        frame('touch', 'standing', 'near.foot@step', {
          lean: 24,
          near: { hip: 70, knee: 66, ankle: 26 },
          far: { hip: 62, knee: 4, ankle: 10 },
          shoulder: 70,
        }),
      ],
    },
    {
      id: 'skater-squat',
      name: 'Skater squat',
      otherNames: ['rear-leg-tap single-leg squat', 'single-leg squat, leg behind'],
      standing: 2,
      purpose: 'hip and thigh of one leg from a deep forward lean',
      needs: { kit: [['cushion', 'mat', 'towel']] },
      prop: 'cushion',
      dose: '3x6/side 3-0-1 rir2 r75',
      cues: [
        'Free leg bent behind you',
        'Sink until the back knee touches the cushion',
        'Arms forward, chest over the thigh',
      ],
      faults: [
        { see: 'Back foot helps to push', say: 'Two cushions, less deep.', shown: { at: 'low', change: { lean: 72 } } },
      ],
      keyframes: [
        frame('tall', 'standing', 'near.foot', {
          near: { hip: 10, knee: 12 },
          far: { hip: 0, knee: 70 },
          shoulder: 30,
        }),
        frame(
          'low',
          'standing',
          'near.foot',
          { lean: 46, near: { hip: 104, knee: 92, ankle: 30 }, far: { hip: 20, knee: 96, ankle: -30 }, shoulder: 90 },
          { inPassing: true },
        ),
      ],
    },
  ],
);
