import { family } from '../variant';
import { loopBands } from './kit-groups';

export default family(
  'hip-side',
  { pattern: 'hip-abduction', planes: ['frontal'], view: 'front', jointActions: ['hip abduction shortening'] },
  [
    {
      id: 'side-lying-leg-raise',
      name: 'Side-lying leg raise',
      otherNames: ['lying abduction'],
      purpose: 'side of the hip, no kit',
      blocks: ['activate'],
      position: 'lying',
      side: 'single',
      regions: ['hip'],
      dose: '1x12/side 2-1-2',
      harder: 'loop-band-side-walk',
      cues: ['Body in one line', 'Heel leads, toes forward', 'Lift a little behind you'],
      faults: [{ see: 'Pelvis rolls back', say: 'Stack the hips, lift less.' }],
      keyframes: [
        {
          name: 'down',
          base: 'side lying',
          change: { near: { shoulder: 172 }, far: { shoulder: 8, elbow: 20, hip: 2 } },
          on: ['near.hip-side', 'near.shoulder-side', 'near.instep'],
        },
        {
          name: 'up',
          base: 'side lying',
          change: { near: { shoulder: 172 }, far: { shoulder: 8, elbow: 20, hip: 36 } },
          on: ['near.hip-side', 'near.shoulder-side', 'near.instep'],
        },
      ],
    },
    {
      id: 'loop-band-side-walk',
      name: 'Loop-band side walk in place',
      otherNames: ['lateral band walk', 'monster walk'],
      purpose: 'hip side ready before single-leg loading',
      blocks: ['activate'],
      position: 'both-feet',
      side: 'alternating',
      regions: ['hip'],
      level: 'beginner',
      needs: { kit: [loopBands] },
      load: { place: 'hips', source: 'band', required: true, hands: 1 },
      easier: 'side-lying-leg-raise',
      line: { from: 'knees', to: [0, 0] },
      dose: '2x10 r20',
      cues: ['Band just above the knees', 'Five one way, five back', 'Knees stay over the toes'],
      faults: [{ see: 'Knees fall in against the band', say: 'Push them out, smaller steps.' }],
      cautions: ['Check the band for tears first.'],
      keyframes: [
        {
          name: 'narrow',
          base: 'standing',
          change: { hip: 12, knee: 10, shoulder: 25, elbow: 80 },
          on: ['far.foot*', 'near.foot*'],
        },
        {
          name: 'wide',
          base: 'standing',
          change: { near: { hip: 32, knee: 18 }, far: { hip: 24, knee: 16 }, shoulder: 25, elbow: 80 },
          on: ['far.foot*', 'near.foot*'],
        },
      ],
    },
  ],
);
