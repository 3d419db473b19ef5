import { family } from '../variant';

export default family(
  'single-leg-stand',
  {
    blocks: ['balance'],
    pattern: 'balance',
    position: 'one-foot',
    side: 'single',
    speed: 'slow',
    regions: ['ankle', 'hip'],
  },
  [
    {
      id: 'single-leg-stand',
      name: 'Single-leg stand',
      otherNames: ['one-leg balance'],
      purpose: 'foot and hip answer before the knee has to',
      planes: ['frontal'],
      jointActions: ['ankle extension holding', 'hip abduction holding'],
      dose: '2x30s/side r10',
      harder: 'single-leg-reach',
      cues: ['Hips level', 'Knee over the foot, slightly bent', 'Grip the floor with the big toe'],
      faults: [{ see: 'Hip pushes out to the side', say: 'Grow tall through the standing hip.' }],
      sources: ['Myklebust, Emery and Olsen 2005 (balance and landing training)'],
      keyframes: [
        {
          name: 'stand',
          base: 'standing',
          change: { near: { hip: 12, knee: 14, ankle: 6 }, far: { hip: 45, knee: 80 }, shoulder: 20, elbow: 30 },
          on: ['near.foot'],
        },
        {
          name: 'sway',
          base: 'standing',
          change: {
            lean: 4,
            near: { hip: 18, knee: 18, ankle: 8 },
            far: { hip: 40, knee: 80 },
            shoulder: 35,
            elbow: 30,
          },
          on: ['near.foot'],
        },
      ],
    },
    {
      id: 'single-leg-reach',
      name: 'Single-leg reach',
      otherNames: ['star reach', 'standing scale'],
      purpose: 'balance while the trunk travels, as after a jump shot',
      planes: ['sagittal', 'frontal'],
      level: 'beginner',
      jointActions: ['hip extension lengthening', 'ankle extension holding'],
      regions: ['ankle', 'hip', 'hamstring'],
      dose: '2x6/side 3-1-2 r15',
      easier: 'single-leg-stand',
      cues: ['Fold at the hip, back long', 'Reach the hand past the toes', 'Standing knee stays soft and still'],
      faults: [{ see: 'Knee falls in during the reach', say: 'Screw the foot into the floor, reach less.' }],
      keyframes: [
        {
          name: 'tall',
          base: 'standing',
          change: { near: { hip: 10, knee: 12, ankle: 6 }, far: { hip: 25, knee: 60 } },
          on: ['near.foot'],
        },
        {
          name: 'reach',
          base: 'standing',
          change: {
            lean: 68,
            near: { hip: 82, knee: 26, ankle: 10 },
            far: { hip: 5, knee: 15 },
            shoulder: 90,
            elbow: 5,
            neck: -15,
          },
          on: ['near.foot'],
        },
      ],
    },
  ],
);
