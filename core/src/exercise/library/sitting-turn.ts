import { family } from '../variant';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'sitting-turn',
  {
    pattern: 'rotation',
    planes: ['transverse'],
    blocks: ['trunk'],
    position: 'sitting',
    view: 'above',
    side: 'alternating',
    regions: ['lower-back', 'hip'],
    jointActions: ['trunk rotation shortening', 'trunk flexion holding'],
    cues: ['Sit tall, lean back a little', 'Ribs turn, knees stay', 'Breathe out on each turn'],
    faults: [{ see: 'Back rounds', say: 'Sit taller, lean less.' }],
  },
  [
    {
      id: 'sitting-turn',
      name: 'Sitting trunk turn',
      otherNames: ['Russian twist, heels down'],
      purpose: 'trunk turns with no kit',
      dose: '3x16 1-0-1 rir3 r30',
      keyframes: [
        frame('one side', 'standing', 'feet', { hip: 70, ankle: 2, trunk: -38, shoulder: 100, elbow: 60, wrist: 60 }),
        frame('other side', 'standing', 'feet', { hip: 70, ankle: 2, trunk: 38, shoulder: 100, elbow: 60, wrist: 60 }),
      ],
    },
    {
      id: 'weighted-sitting-turn',
      name: 'Sitting trunk turn with a weight',
      otherNames: ['Russian twist'],
      purpose: 'trunk turns and brakes a weight',
      level: 'intermediate',
      needs: { kit: [handWeights] },
      load: { place: 'hands', source: 'weight', required: true, maxKg: 8, hands: 1 },
      dose: '3x12 1-0-1 rir3 r45',
      keyframes: [
        frame('one side', 'standing', 'feet', { hip: 70, ankle: 2, trunk: -38, shoulder: 100, elbow: 50, wrist: 70 }),
        frame('other side', 'standing', 'feet', { hip: 70, ankle: 2, trunk: 38, shoulder: 100, elbow: 50, wrist: 70 }),
      ],
    },
  ],
);
