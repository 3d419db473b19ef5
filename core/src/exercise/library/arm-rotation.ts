import { family } from '../variant';
import { lightHandWeights, longBands } from './kit-groups';

export default family(
  'arm-rotation',
  {
    blocks: ['activate', 'prevention'],
    pattern: 'shoulder-external-rotation',
    planes: ['transverse'],
    side: 'single',
    speed: 'slow',
    view: 'front',
  },
  [
    {
      id: 'side-lying-arm-rotation',
      name: 'Side-lying arm rotation',
      otherNames: ['lying external rotation', 'cuff raise'],
      purpose: 'the small muscles that hold the throwing shoulder',
      position: 'lying',
      regions: ['shoulder'],
      jointActions: ['shoulder external-rotation shortening', 'shoulder external-rotation lengthening'],
      needs: { kit: [lightHandWeights] },
      load: { place: 'near-hand', source: 'weight', required: true, maxKg: 2.3, hands: 1 },
      dose: '2x12/side 2-1-3 rir3 r30',
      harder: 'band-arm-rotation',
      cues: ['Elbow stays on the ribs', 'Turn the forearm up slowly', 'Lower even slower'],
      faults: [{ see: 'Weight is swung up', say: 'Half the weight, three seconds down.' }],
      cautions: ['Never more than 2.3 kg; stop on sharp pain.'],
      keyframes: [
        {
          name: 'down',
          base: 'side lying',
          change: { near: { shoulder: 172 }, far: { shoulder: 2, elbow: 12, hip: 12, knee: 30 } },
          on: ['near.hip-side', 'near.shoulder-side', 'near.instep'],
        },
        {
          name: 'up',
          base: 'side lying',
          change: { near: { shoulder: 172 }, far: { shoulder: 2, elbow: 88, hip: 12, knee: 30 } },
          on: ['near.hip-side', 'near.shoulder-side', 'near.instep'],
        },
      ],
    },
    {
      id: 'band-arm-rotation',
      name: 'Band arm rotation',
      otherNames: ['banded external rotation'],
      purpose: 'wakes the arm brake before throwing work',
      position: 'both-feet',
      regions: ['shoulder'],
      level: 'beginner',
      jointActions: ['shoulder external-rotation shortening'],
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
      dose: '2x12/side 2-1-2 rir3 r30',
      easier: 'side-lying-arm-rotation',
      harder: 'band-arm-brake',
      line: { from: 'near-hand', to: [-0.55, 0.63] },
      cues: ['Towel between elbow and ribs', 'Turn out, pause, slow back', 'Blade stays down'],
      faults: [{ see: 'Elbow leaves the side', say: 'Squeeze the towel.' }],
      cautions: ['Test the anchor before pulling; keep the band away from the eyes.'],
      keyframes: [
        {
          name: 'in',
          base: 'standing',
          change: { hip: 6, knee: 3, near: { shoulder: 6, elbow: -80 }, far: { shoulder: 20, elbow: 60 } },
          on: ['feet'],
        },
        {
          name: 'out',
          base: 'standing',
          change: { hip: 6, knee: 3, near: { shoulder: 6, elbow: 70 }, far: { shoulder: 20, elbow: 60 } },
          on: ['feet'],
        },
      ],
    },
  ],
);
