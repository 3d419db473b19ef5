import { family } from './family';

export default family(
  'leg-swing',
  {
    pattern: 'mobility',
    planes: ['sagittal'],
    position: 'one-foot',
    side: 'single',
    jointActions: ['hip flexion shortening', 'hip extension lengthening'],
    dose: '1x10/side',
  },
  [
    {
      id: 'leg-swing',
      name: 'Leg swing, front and back',
      otherNames: ['hip swing'],
      standing: 3,
      blocks: ['raise', 'mobilise'],
      purpose: 'hip range at speed for the stride',
      regions: ['hip', 'hamstring'],
      needs: { wall: true },
      cues: ['One hand on the wall', 'Swing grows slowly', 'Trunk stays still'],
      faults: [{ see: 'The back swings instead of the leg', say: 'Smaller swing, ribs down.' }],
      keyframes: [
        {
          name: 'front',
          base: 'standing',
          change: { near: { hip: 70, knee: 12 }, far: { shoulder: 40, elbow: 20 } },
          on: ['far.foot'],
          inPassing: true,
        },
        {
          name: 'back',
          base: 'standing',
          change: { lean: 6, near: { hip: -22, knee: 22 }, far: { shoulder: 40, elbow: 20 } },
          on: ['far.foot'],
          inPassing: true,
        },
      ],
    },
  ],
);
