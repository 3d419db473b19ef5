import { family } from './family';
import { twoHandWeights } from './kit-groups';

export default family(
  'hinge',
  {
    pattern: 'hip-dominant',
    planes: ['sagittal'],
    jointActions: ['hip extension shortening', 'hip extension lengthening', 'trunk extension holding'],
    faults: [{ see: 'Back rounds', say: 'Stop higher, push the hips back.' }],
  },
  [
    {
      id: 'hinge-lift',
      name: 'Romanian deadlift',
      otherNames: ['stiff-leg lift', 'RDL', 'hip hinge', 'Hip hinge with weights'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'back of the thigh and hip against all the running forwards',
      position: 'both-feet',
      regions: ['hamstring+high', 'hip', 'lower-back'],
      level: 'beginner',
      needs: { kit: [twoHandWeights] },
      load: { place: 'hands', source: 'weight', required: true, hands: 2 },
      dose: '3x10 3-1-1 rir2 r60',
      cues: ['Push the hips back, knees soft', 'Weight brushes the thighs', 'Stop when the back wants to round'],
      cautions: ['Back pain: leave out; start light.'],
      keyframes: [
        { name: 'tall', base: 'standing', change: { knee: 6 }, on: ['feet'] },
        {
          name: 'at the knees',
          base: 'standing',
          change: { lean: 36, hip: 56, knee: 22, ankle: 0, shoulder: 24, neck: -8 },
          on: ['feet'],
        },
        {
          name: 'folded',
          base: 'standing',
          change: { lean: 64, hip: 88, knee: 26, ankle: -2, shoulder: 46, neck: -12 },
          on: ['feet'],
        },
      ],
    },
    {
      id: 'single-leg-hinge',
      name: 'Single-leg deadlift, bodyweight',
      otherNames: ['single-leg deadlift', 'one-leg hip hinge', 'single-leg RDL', 'single-leg hinge'],
      standing: 3,
      blocks: ['activate', 'strength'],
      purpose: 'holds the pelvis on one leg while the trunk folds',
      position: 'one-foot',
      side: 'single',
      regions: ['hamstring', 'hip'],
      level: 'beginner',
      load: { place: 'hands', source: 'weight', required: false, hands: 2 },
      counterbalanced: { place: 'hands', share: 0.2 },
      dose: '3x8/side 3-1-1 rir2 r60',
      cues: ['Weight on the whole foot', 'Free leg goes back as the chest comes down', 'Both hip bones face the floor'],
      jointActions: ['hip extension shortening', 'hip extension lengthening', 'hip abduction holding'],
      keyframes: [
        {
          name: 'tall',
          base: 'standing',
          change: { near: { hip: 6, knee: 10 }, far: { hip: 5, knee: 60 } },
          on: ['near.foot'],
        },
        {
          name: 'folded',
          base: 'standing',
          change: {
            lean: 60,
            near: { hip: 78, knee: 26, ankle: 6 },
            far: { hip: -2, knee: 12 },
            shoulder: 60,
            neck: -12,
          },
          on: ['near.foot'],
        },
      ],
    },
  ],
);
