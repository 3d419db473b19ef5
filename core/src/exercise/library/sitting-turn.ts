import { family } from './family';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'sitting-turn',
  {
    pattern: 'rotation',
    planes: ['transverse'],
    position: 'sitting',
    view: 'above',
    side: 'alternating',
    regions: ['lower-back', 'hip'],
    jointActions: ['trunk rotation shortening', 'trunk flexion holding'],
    faults: [{ see: 'Back rounds', say: 'Sit taller, lean less.' }],
  },
  [
    {
      id: 'sitting-turn',
      name: 'Russian twist, heels down',
      otherNames: ['seated twist', 'Sitting trunk turn'],
      standing: 1,
      blocks: ['trunk'],
      purpose: 'trunk turns with no kit',
      dose: '3x16 1-0-1 rir3 r30',
      cues: ['Sit tall, heels down, lean back a little', 'Turn the ribs side to side', 'Knees stay still'],
      keyframes: [
        frame('one side', 'standing', 'feet', { hip: 70, ankle: 2, trunk: -38, shoulder: 100, elbow: 60, wrist: 60 }),
        frame('other side', 'standing', 'feet', { hip: 70, ankle: 2, trunk: 38, shoulder: 100, elbow: 60, wrist: 60 }),
      ],
    },
    {
      id: 'weighted-sitting-turn',
      name: 'Weighted Russian twist',
      otherNames: ['Russian twist', 'Sitting trunk turn with a weight'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'trunk turns and brakes a weight',
      level: 'intermediate',
      needs: { kit: [handWeights] },
      load: { place: 'hands', source: 'weight', required: true, maxKg: 8, hands: 1 },
      dose: '3x12 1-0-1 rir3 r45',
      cues: ['Weight close to the chest', 'Turn and touch it beside the hip', 'Move the ribs, not just the arms'],
      keyframes: [
        frame('one side', 'standing', 'feet', { hip: 70, ankle: 2, trunk: -38, shoulder: 100, elbow: 50, wrist: 70 }),
        frame('other side', 'standing', 'feet', { hip: 70, ankle: 2, trunk: 38, shoulder: 100, elbow: 50, wrist: 70 }),
      ],
    },
  ],
);
