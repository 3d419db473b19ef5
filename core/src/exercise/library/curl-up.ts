import { family } from './family';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'curl-up',
  {
    pattern: 'trunk-flexion',
    planes: ['sagittal'],
    position: 'lying',
    speed: 'slow',
    jointActions: ['trunk flexion shortening'],
    regions: ['lower-back'],
  },
  [
    {
      id: 'curl-up',
      name: 'Curl-up',
      otherNames: ['half sit-up', 'crunch', 'abdominal curl'],
      standing: 3,
      blocks: ['trunk'],
      purpose: 'front of the trunk through its range',
      dose: '2x12 2-1-1 r30',
      cues: ['Ribs towards hips', 'Chin stays a fist from the chest', 'Lower one bone at a time'],
      faults: [{ see: 'Pulling on the head', say: 'Hands on the thighs instead.' }],
      keyframes: [
        { name: 'down', base: 'hook lying', change: { shoulder: 35 }, on: ['back', 'seat', 'feet'] },
        { name: 'up', base: 'hook lying', change: { trunk: 34, neck: 18, shoulder: 48 }, on: ['seat', 'feet'] },
      ],
    },
    {
      id: 'weighted-curl-up',
      name: 'Weighted curl-up',
      otherNames: ['weighted crunch', 'curl-up with a weight'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'front of the trunk, a known load',
      level: 'intermediate',
      needs: { kit: [handWeights] },
      load: { place: 'chest', source: 'weight', required: true, maxKg: 12, hands: 1 },
      cues: ['Weight hugged to the chest', 'Ribs towards hips', 'Lower slowly'],
      faults: [{ see: 'Feet lift', say: 'Lighter; curl less high.' }],
      dose: '3x10 2-2-2 rir2 r45',
      keyframes: [
        frame('down', 'hook lying', 'back seat feet', { shoulder: 60, elbow: 130 }),
        frame('up', 'hook lying', 'seat feet', { trunk: 26, neck: 10, shoulder: 60, elbow: 130 }),
      ],
    },
    {
      id: 'sitting-lean-back',
      name: 'Seated lean-back hold',
      otherNames: ['V hold, feet down', 'trunk flexor hold', 'V-sit hold, feet down', 'Sitting lean-back hold'],
      standing: 1,
      blocks: ['trunk'],
      purpose: 'front of the trunk holds a long lever',
      position: 'sitting',
      speed: 'slow',
      level: 'beginner',
      jointActions: ['trunk flexion holding', 'hip flexion holding'],
      load: { place: 'chest', source: 'weight', required: false, maxKg: 15, hands: 1 },
      dose: '3x20s r30',
      cues: ['Chest long', 'Lean back to the wobble', 'Breathe'],
      faults: [{ see: 'Back rounds', say: 'Sit taller, lean less.' }],
      sources: ['McGill 1999 (trunk endurance tests; value from memory)'],
      keyframes: [
        frame(
          'hold',
          'long sitting',
          'seat feet',
          { lean: -36, hip: 108, knee: 88, shoulder: 40, elbow: 130 },
          { fix: ['lean'] },
        ),
        frame(
          'further',
          'long sitting',
          'seat feet',
          { lean: -44, hip: 114, knee: 88, shoulder: 40, elbow: 130 },
          { fix: ['lean'] },
        ),
      ],
    },
  ],
);
