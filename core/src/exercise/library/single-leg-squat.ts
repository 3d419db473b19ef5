import { family } from '../variant';
import { frame } from './frame';
import { seats } from './kit-groups';

export default family(
  'single-leg-squat',
  {
    blocks: ['strength'],
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
    cues: ['Knee over the middle toes', 'Hips level', 'Sit back, chest long'],
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
      name: 'Single-leg squat to a chair',
      otherNames: ['one-leg sit to stand', 'one-leg box squat'],
      purpose: 'one-leg strength for take-off, with a seat to catch',
      level: 'intermediate',
      needs: { kit: [seats] },
      dose: '3x6/side 3-0-1 rir2 r60',
      keyframes: [
        frame('tall', 'standing', 'near.foot', { hip: 8, knee: 8, shoulder: 30, far: { hip: 30, knee: 20 } }),
        frame('above the seat', 'standing', 'near.foot', {
          lean: 30,
          hip: 86,
          knee: 80,
          ankle: 22,
          shoulder: 80,
          far: { hip: 88, knee: 82, ankle: 10 },
        }),
        frame('seated', 'standing', 'near.foot seat@chair', {
          lean: 34,
          hip: 98,
          knee: 88,
          ankle: 24,
          shoulder: 90,
          far: { hip: 104, knee: 80, ankle: 10 },
        }),
      ],
    },
    {
      id: 'rear-knee-tap-squat',
      name: 'Squat with rear knee tap',
      otherNames: ['airborne lunge', 'rear-foot-held squat'],
      purpose: 'one leg lifts all of the body, no kit',
      level: 'advanced',
      needs: { kit: [['cushion', 'mat', 'towel']] },
      prop: 'cushion',
      dose: '3x5/side 3-0-1 rir2 r75',
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
      name: 'Full single-leg squat',
      otherNames: ['pistol squat', 'one-leg squat'],
      purpose: 'most that one leg can do without kit',
      level: 'advanced',
      load: { place: 'hands', source: 'weight', required: false, maxKg: 20, hands: 2 },
      dose: '3x4/side 3-1-1 rir1 r90',
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
