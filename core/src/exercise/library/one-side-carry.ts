import { family } from './family';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'one-side-carry',
  {
    pattern: 'anti-lateral-flexion',
    planes: ['frontal'],
    position: 'one-foot',
    side: 'single',
    regions: ['lower-back', 'hip', 'wrist'],
    needs: { kit: [handWeights] },
    load: { place: 'near-hand', source: 'weight', required: true, hands: 1 },
    jointActions: ['trunk lateral-flexion holding', 'wrist grip holding', 'hip abduction holding'],
    faults: [{ see: 'Body leans away from the weight', say: 'Lighter; grow tall.' }],
    sources: ['McGill 2009 (suitcase carry; value from memory)'],
  },
  [
    {
      id: 'suitcase-hold',
      name: 'Suitcase hold',
      otherNames: ['One-bag hold'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'side of the trunk keeps the body upright',
      position: 'both-feet',
      level: 'beginner',
      speed: 'slow',
      dose: '3x30s/side r30',
      cues: ['One weight, one side', 'Stand as straight as without it', 'Squeeze the other side of the waist'],
      jointActions: ['trunk lateral-flexion holding', 'wrist grip holding'],
      keyframes: [
        frame('hold', 'standing', 'feet', { near: { shoulder: 2 }, far: { shoulder: 2 } }),
        frame('taller', 'standing', 'feet', { near: { shoulder: 0 }, far: { shoulder: 4 }, neck: -4 }),
      ],
    },
    {
      id: 'suitcase-march',
      name: 'Suitcase march',
      otherNames: ['suitcase carry in place', 'suitcase carry', 'One-bag march in place'],
      standing: 3,
      blocks: ['trunk'],
      purpose: 'trunk and hip stay level step by step',
      level: 'intermediate',
      dose: '3x30s!/side r30',
      cues: ['Weight in one hand, march slowly', 'Lift the knee to hip height', 'Do not lean to either side'],
      keyframes: [
        frame('left up', 'standing', 'near.foot', {
          near: { shoulder: 2, hip: 2, knee: 2 },
          far: { hip: 80, knee: 88, shoulder: 20 },
        }),
        frame('right up', 'standing', 'far.foot', {
          near: { shoulder: 2, hip: 80, knee: 88 },
          far: { hip: 2, knee: 2, shoulder: 10 },
        }),
      ],
    },
    {
      id: 'overhead-march',
      name: 'Single-arm overhead march',
      otherNames: ['waiter carry in place', "waiter's walk", 'overhead carry', 'One-arm overhead march'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'shoulder and trunk steady a weight overhead',
      level: 'advanced',
      load: { place: 'near-hand', source: 'weight', required: true, maxKg: 12, hands: 1 },
      jointActions: ['trunk lateral-flexion holding', 'shoulder flexion holding', 'hip abduction holding'],
      regions: ['shoulder', 'lower-back', 'hip'],
      dose: '3x20s!/side r45',
      cues: ['Arm locked beside the ear', 'March slowly under the weight', 'Ribs down, belly tight'],
      cautions: ['Sealed weight, good grip, free ceiling.'],
      keyframes: [
        frame('left up', 'standing', 'near.foot', {
          near: { shoulder: 176, elbow: 2, hip: 2, knee: 2 },
          far: { hip: 80, knee: 88, shoulder: 20 },
        }),
        frame('right up', 'standing', 'far.foot', {
          near: { shoulder: 176, elbow: 2, hip: 80, knee: 88 },
          far: { hip: 2, knee: 2, shoulder: 10 },
        }),
      ],
    },
  ],
);
