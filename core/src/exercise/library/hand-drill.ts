import { family } from './family';
import { frame } from './frame';
import { lightHandWeights, loopBands } from './kit-groups';

const sitting = { lean: 10, hip: 96, knee: 84, ankle: 0 };

export default family(
  'hand-drill',
  { blocks: ['prevention'], pattern: 'grip', planes: ['sagittal'], speed: 'slow', standing: 2, side: 'single' },
  [
    {
      id: 'finger-extension-band',
      name: 'Finger extension with a band',
      otherNames: ['band finger opener', 'rubber-band finger extension'],
      position: 'both-feet',
      purpose: 'opens the hand against all the gripping; elbow care',
      needs: { kit: [loopBands] },
      jointActions: ['wrist extension shortening'],
      dose: '2x15/side 1-1-2 r20',
      cues: ['Small band round all five fingertips', 'Spread the fingers wide', 'Close them slowly'],
      faults: [{ see: 'Thumb does all the work', say: 'Lighter band, little finger too.' }],
      keyframes: [
        frame('closed', 'standing', 'feet', {
          near: { shoulder: 20, elbow: 90, wrist: 0 },
          far: { shoulder: 10, elbow: 40 },
        }),
        frame('open', 'standing', 'feet', {
          near: { shoulder: 20, elbow: 90, wrist: 14 },
          far: { shoulder: 10, elbow: 40 },
        }),
      ],
    },
    {
      id: 'forearm-rotation',
      name: 'Forearm rotation with a weight',
      otherNames: ['pronation and supination', 'hammer rotation'],
      planes: ['transverse'],
      position: 'sitting',
      purpose: 'turning strength of the forearm for rackets, bats and oars',
      needs: {
        kit: [
          [...lightHandWeights, 'stick'],
          ['chair', 'sofa', 'bench'],
        ],
      },
      load: { place: 'near-hand', source: 'weight', required: true, maxKg: 2, hands: 1, with: lightHandWeights },
      jointActions: ['elbow flexion holding', 'wrist flexion holding'],
      dose: '2x12/side 2-0-2 rir2 r20',
      cues: ['Forearm on the thigh, hold one end of the weight', 'Turn the palm down, then up', 'Slow both ways'],
      faults: [{ see: 'Elbow lifts to help', say: 'Hold it shorter.' }],
      keyframes: [
        frame('up', 'standing', 'seat@chair feet', {
          ...sitting,
          near: { shoulder: 24, elbow: 70 },
          far: { shoulder: 30, elbow: 60 },
        }),
        frame('down', 'standing', 'seat@chair feet', {
          ...sitting,
          near: { shoulder: 24, elbow: 68, wrist: -6 },
          far: { shoulder: 30, elbow: 60 },
        }),
      ],
    },
    {
      id: 'wrist-deviation',
      name: 'Wrist side lift with a weight',
      otherNames: ['radial deviation', 'ulnar deviation', 'hammer side lift'],
      standing: 1,
      planes: ['frontal'],
      position: 'both-feet',
      purpose: 'side strength of the wrist for swings',
      needs: { kit: [[...lightHandWeights]] },
      load: { place: 'near-hand', source: 'weight', required: true, maxKg: 2, hands: 1, with: lightHandWeights },
      jointActions: ['wrist flexion shortening', 'wrist extension shortening'],
      dose: '2x12/side 2-0-2 rir2 r20',
      cues: [
        'Arm hangs, hold one end of the weight',
        'Tip the thumb side up',
        'Then turn it round: little-finger side',
      ],
      faults: [{ see: 'Elbow bends', say: 'Arm straight against the leg.' }],
      keyframes: [
        frame('level', 'standing', 'feet', { near: { shoulder: 2, elbow: 6, wrist: -6 }, far: { shoulder: 4 } }),
        frame('tipped', 'standing', 'feet', { near: { shoulder: 2, elbow: 6, wrist: 24 }, far: { shoulder: 4 } }),
      ],
    },
  ],
);
