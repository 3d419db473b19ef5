import { family } from './family';
import { frame } from './frame';

export default family(
  'side-lunge',
  {
    pattern: 'knee-dominant',
    planes: ['frontal'],
    position: 'split',
    side: 'single',
    view: 'front',
    jointActions: ['knee extension shortening', 'hip adduction lengthening', 'hip abduction shortening'],
  },
  [
    {
      id: 'side-lunge',
      name: 'Side lunge',
      otherNames: ['lateral lunge', 'Cossack half'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'brakes and pushes sideways, as in a side cut',
      regions: ['knee', 'groin', 'hip'],
      level: 'beginner',
      load: { place: 'chest', source: 'weight', required: false, hands: 1 },
      dose: '3x8/side 2-1-1 rir2 r60',
      cues: ['Step wide, sit into the hip', 'Straight leg stays long', 'Push back in one go'],
      faults: [{ see: 'Knee inside the foot', say: 'Aim the knee at the little toe.' }],
      cautions: ['Groin pain: shorter step.'],
      keyframes: [
        {
          name: 'tall',
          base: 'standing',
          change: { hip: 18, shoulder: 20, elbow: 100 },
          on: ['far.foot', 'near.foot'],
        },
        {
          name: 'side',
          base: 'standing',
          change: { lean: 6, near: { hip: 78, knee: 74 }, far: { hip: 44, knee: 0 }, shoulder: 20, elbow: 110 },
          on: ['far.foot', 'near.foot*'],
        },
      ],
    },
    {
      id: 'shifting-side-squat',
      name: 'Side-to-side lunge',
      otherNames: ['lateral weight shift', 'lateral squat', 'alternating side squat', 'Shifting side squat'],
      standing: 2,
      purpose: 'moves the weight low from side to side',
      blocks: ['raise', 'mobilise', 'strength'],
      level: 'beginner',
      side: 'alternating',
      cues: ['Stay low across', 'Heel down on the bent side', 'Chest to the front'],
      faults: [{ see: 'Heel lifts', say: 'Less deep, wider feet.' }],
      dose: '2x12 2-0-1 rir3 r45',
      keyframes: [
        frame('one side', 'standing', 'far.foot near.foot', {
          lean: 8,
          near: { hip: 50, knee: 52 },
          far: { hip: 34, knee: 0 },
          shoulder: 40,
          elbow: 100,
        }),
        frame('other side', 'standing', 'far.foot near.foot', {
          lean: -8,
          far: { hip: 50, knee: 52 },
          near: { hip: 34, knee: 0 },
          shoulder: 40,
          elbow: 100,
        }),
      ],
    },
  ],
);
