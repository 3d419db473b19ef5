import { family } from './family';
import { frame } from './frame';
import { lightHandWeights } from './kit-groups';

export default family(
  'wrist-curl',
  {
    pattern: 'grip',
    planes: ['sagittal'],
    position: 'sitting',
    side: 'single',
    speed: 'slow',
    regions: ['wrist', 'elbow'],
    needs: { kit: [lightHandWeights, ['chair', 'sofa', 'bench']] },
    load: { place: 'near-hand', source: 'weight', required: true, maxKg: 5, hands: 1 },
    faults: [{ see: 'Elbow lifts', say: 'Lighter; forearm stays down.' }],
    sources: ['Tyler 2010 (slow eccentrics for the outer elbow; value from memory)'],
  },
  [
    {
      id: 'wrist-lift',
      name: 'Reverse wrist curl',
      otherNames: ['wrist extension', 'Wrist lift, palm down'],
      standing: 2,
      blocks: ['prevention'],
      purpose: 'outer elbow of racket and paddle arms',
      jointActions: ['wrist extension shortening', 'wrist extension lengthening'],
      dose: '3x15/side 1-0-3 rir3 r30',
      cues: ['Palm down, forearm on the thigh', 'Lift the back of the hand', 'Three seconds down'],
      keyframes: [
        frame('down', 'standing', 'seat@chair feet', {
          lean: 28,
          hip: 116,
          knee: 88,
          near: { shoulder: 40, elbow: 54, wrist: -50 },
          far: { shoulder: 30, elbow: 50 },
        }),
        frame('up', 'standing', 'seat@chair feet', {
          lean: 28,
          hip: 116,
          knee: 88,
          near: { shoulder: 40, elbow: 54, wrist: 40 },
          far: { shoulder: 30, elbow: 50 },
        }),
      ],
    },
    {
      id: 'wrist-curl',
      name: 'Wrist curl, palm up',
      otherNames: ['wrist flexion'],
      standing: 2,
      blocks: ['prevention'],
      purpose: 'inner elbow of throwers and climbers',
      jointActions: ['wrist flexion shortening', 'wrist flexion lengthening'],
      dose: '3x15/side 1-0-3 rir3 r30',
      cues: ['Palm up, forearm on the thigh', 'Curl the hand up', 'Let it open slowly'],
      keyframes: [
        frame('down', 'standing', 'seat@chair feet', {
          lean: 28,
          hip: 116,
          knee: 88,
          near: { shoulder: 40, elbow: 54, wrist: -44 },
          far: { shoulder: 30, elbow: 50 },
        }),
        frame('up', 'standing', 'seat@chair feet', {
          lean: 28,
          hip: 116,
          knee: 88,
          near: { shoulder: 40, elbow: 54, wrist: 46 },
          far: { shoulder: 30, elbow: 50 },
        }),
      ],
    },
  ],
);
