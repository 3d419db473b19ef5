import { family } from './family';
import { frame } from './frame';
import { seats } from './kit-groups';

export default family(
  'single-leg-squat',
  {
    pattern: 'knee-dominant',
    planes: ['sagittal', 'frontal'],
    position: 'one-foot',
    side: 'single',
    jointActions: [
      'knee extension shortening',
      'knee extension lengthening',
      'hip extension shortening',
      'hip abduction holding',
    ],
    faults: [
      {
        see: 'Knee falls in',
        say: 'Less deep; push the knee out over the little toe.',
      },
    ],
  },
  [
    {
      id: 'single-leg-chair-squat',
      name: 'Single-leg box squat',
      otherNames: [
        'one-leg sit to stand',
        'one-leg box squat',
        'single-leg sit-to-stand',
        'single-leg squat to a chair',
      ],
      standing: 3,
      blocks: ['strength'],
      purpose: 'one-leg strength for take-off, with a seat to catch',
      level: 'intermediate',
      needs: { kit: [seats] },
      dose: '3x6/side 3-0-1 rir2 r60',
      cues: ['One foot, the other leg in front', 'Sit back slowly to the edge', 'Stand up without swinging'],
      keyframes: [
        frame('tall', 'standing', 'near.foot', { hip: 8, knee: 8, shoulder: 30, far: { hip: 30, knee: 20 } }),
        frame('above the seat', 'standing', 'near.foot', {
          lean: 28,
          hip: 84,
          knee: 80,
          ankle: 23,
          shoulder: 70,
          far: { hip: 94, knee: 84, ankle: 10 },
        }),
        frame('seated', 'standing', 'near.foot seat@chair', {
          lean: 32,
          hip: 97,
          knee: 88,
          ankle: 25,
          shoulder: 90,
          far: { hip: 108, knee: 78, ankle: 10 },
        }),
      ],
    },
    {
      id: 'rear-knee-tap-squat',
      name: 'Shrimp squat',
      otherNames: ['airborne lunge', 'rear-foot-held squat', 'Squat with rear knee tap'],
      standing: 1,
      blocks: ['strength'],
      purpose: 'one leg lifts all of the body, no kit',
      level: 'advanced',
      needs: { kit: [['cushion', 'mat', 'towel']] },
      prop: 'cushion',
      dose: '3x5/side 3-0-1 rir2 r75',
      cues: ['Bend the back leg, hold it up', 'Sink until the back knee taps the pad', 'Front heel down, arms forward'],
      cautions: ['Knee meets something soft, without a bump.'],
      keyframes: [
        frame('tall', 'standing', 'near.foot', { hip: 12, knee: 14, shoulder: 30, far: { hip: -5, knee: 85 } }),
        frame(
          'tap',
          'standing',
          'near.foot far.knee@cushion',
          { lean: 46, hip: 112, knee: 106, ankle: 34, shoulder: 88, far: { hip: 20, knee: 112, ankle: -30 } },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'single-leg-squat',
      name: 'Pistol squat',
      otherNames: ['one-leg squat', 'full single-leg squat'],
      standing: 1,
      blocks: ['strength'],
      purpose: 'hardest one-leg exercise without kit',
      level: 'advanced',
      load: { place: 'hands', source: 'weight', required: false, maxKg: 20, hands: 2 },
      dose: '3x4/side 3-1-1 rir1 r90',
      cues: ['Free leg straight in front', 'Sit all the way down, heel down', 'Arms forward to balance'],
      keyframes: [
        frame('tall', 'standing', 'near.foot', { hip: 8, knee: 8, shoulder: 40, far: { hip: 30, knee: 5 } }),
        frame(
          'low',
          'standing',
          'near.foot',
          {
            lean: 50,
            trunk: 8,
            hip: 134,
            knee: 136,
            ankle: 36,
            shoulder: 100,
            elbow: 0,
            far: { hip: 122, knee: 2, ankle: 0 },
          },
          { inPassing: true },
        ),
      ],
    },
  ],
);
