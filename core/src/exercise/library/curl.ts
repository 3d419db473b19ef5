import { family } from '../variant';
import { frame } from './frame';
import { handWeights, longBands, twoHandWeights } from './kit-groups';

export default family(
  'curl',
  {
    pattern: 'elbow-flexion',
    planes: ['sagittal'],
    position: 'both-feet',
    blocks: ['strength', 'prevention'],
    regions: ['elbow', 'wrist'],
    jointActions: ['elbow flexion shortening', 'elbow flexion lengthening'],
    cues: ['Elbows beside the ribs', 'Up in one second', 'Three seconds down'],
    faults: [{ see: 'Back leans to help', say: 'Lighter, stand against a wall.', shown: { change: { lean: -16 } } }],
  },
  [
    {
      id: 'self-held-curl',
      name: 'Curl against the other hand',
      otherNames: ['self-resisted curl'],
      purpose: 'front of the arm with no kit',
      side: 'single',
      line: { from: 'near-hand', to: [0.2, 0.2], resist: 0.1 },
      dose: '2x8/side 3-1-3 rir2 r30',
      cues: ['Push down on the working wrist', 'Three seconds up, three down', 'Even pressure all the way'],
      keyframes: [
        frame('long', 'standing', 'feet', { near: { shoulder: 14, elbow: 40 }, far: { shoulder: 34, elbow: 44 } }),
        frame('bent', 'standing', 'feet', { near: { shoulder: 14, elbow: 120 }, far: { shoulder: 40, elbow: 110 } }),
      ],
    },
    {
      id: 'hand-weight-curl',
      name: 'Curl with hand weights',
      otherNames: ['biceps curl', 'hammer curl'],
      purpose: 'front of the arm for pulling and holding',
      level: 'beginner',
      needs: { kit: [twoHandWeights] },
      load: { place: 'hands', source: 'weight', required: true, hands: 2 },
      dose: '3x10 3-0-1 rir2 r45',
      keyframes: [
        frame('long', 'standing', 'feet', { shoulder: 2, elbow: 6 }),
        frame('bent', 'standing', 'feet', { shoulder: 10, elbow: 126 }),
      ],
    },
    {
      id: 'band-curl',
      name: 'Band curl',
      otherNames: ['standing tube curl'],
      purpose: 'front of the arm, hardest at the top',
      needs: { kit: [longBands] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      line: { from: 'hands', to: [0.04, 0.02] },
      dose: '3x12 1-1-3 rir2 r45',
      keyframes: [
        frame('long', 'standing', 'feet', { shoulder: 2, elbow: 14 }),
        frame('bent', 'standing', 'feet', { shoulder: 10, elbow: 128 }),
      ],
    },
    {
      id: 'slow-one-arm-curl',
      name: 'One-arm slow lowering curl',
      otherNames: ['eccentric curl'],
      purpose: 'elbow tendons, slow and one at a time',
      side: 'single',
      level: 'intermediate',
      speed: 'slow',
      needs: { kit: [handWeights] },
      load: { place: 'near-hand', source: 'weight', required: true, maxKg: 20, hands: 1 },
      dose: '3x6/side 5-0-1 rir2 r45',
      cues: ['Help up with the other hand', 'Five seconds down', 'Elbow still'],
      keyframes: [
        frame('bent', 'standing', 'feet', { near: { shoulder: 10, elbow: 126 }, far: { shoulder: 10 } }),
        frame('long', 'standing', 'feet', { near: { shoulder: 2, elbow: 6 }, far: { shoulder: 10 } }),
      ],
    },
  ],
);
