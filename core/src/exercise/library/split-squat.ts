import { family } from './family';

export default family(
  'split-squat',
  {
    pattern: 'knee-dominant',
    planes: ['sagittal'],
    position: 'split',
    side: 'single',
    jointActions: ['knee extension shortening', 'hip extension shortening', 'hip abduction holding'],
    load: { place: 'hands', source: 'weight', required: false, hands: 2 },
    faults: [
      { see: 'Front knee falls in', say: 'Push the knee towards the little toe.' },
      { see: 'Weight on the back foot', say: 'Front heel heavy.' },
    ],
  },
  [
    {
      id: 'split-squat',
      name: 'Split squat',
      otherNames: ['static lunge', 'scissor squat'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'one-leg strength with two feet on the floor',
      regions: ['knee', 'hip'],
      level: 'beginner',
      dose: '3x8/side 3-1-1 rir2 r60',
      cues: ['Feet a long step apart', 'Sink straight down like a lift', 'Front foot flat, chest tall'],
      keyframes: [
        {
          name: 'top',
          base: 'standing',
          change: { near: { hip: 26, knee: 10 }, far: { hip: -18, knee: 12, ankle: 25 } },
          on: ['near.foot', 'far.toes'],
        },
        {
          name: 'bottom',
          base: 'standing',
          change: { lean: 6, near: { hip: 86, knee: 88 }, far: { hip: -8, knee: 88, ankle: 36 }, shoulder: 6 },
          on: ['near.foot', 'far.toes'],
        },
      ],
    },
    {
      id: 'rear-foot-raised-split-squat',
      name: 'Rear-foot-elevated split squat',
      otherNames: ['sofa split squat', 'Bulgarian split squat', 'rear-foot-raised split squat'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'take-off from one leg, hip and knee together',
      regions: ['knee+high', 'hip+high'],
      level: 'intermediate',
      needs: { kit: [['sofa', 'chair', 'bench', 'step', 'stairs']] },
      dose: '3x8/side 3-1-1 rir2 r75',
      cues: ['Back foot on the sofa, laces down', 'Sink over the front foot', 'Push through the front heel'],
      cautions: ['Sofa or chair against the wall.'],
      keyframes: [
        {
          name: 'top',
          base: 'standing',
          change: { lean: 5, near: { hip: 24, knee: 12 }, far: { hip: -18, knee: 75, ankle: -60 }, shoulder: 5 },
          on: ['near.foot', 'far.instep@sofa'],
        },
        {
          name: 'bottom',
          base: 'standing',
          change: { lean: 12, near: { hip: 92, knee: 88 }, far: { hip: -8, knee: 118, ankle: -60 }, shoulder: 12 },
          on: ['near.foot', 'far.instep@sofa'],
        },
      ],
    },
  ],
);
