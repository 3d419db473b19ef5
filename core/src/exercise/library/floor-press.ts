import { family } from './family';
import { frame } from './frame';
import { handWeights, twoHandWeights } from './kit-groups';

export default family(
  'floor-press',
  {
    pattern: 'horizontal-push',
    elbowsOut: 45,
    planes: ['sagittal'],
    position: 'lying',
    regions: ['shoulder', 'elbow'],
    needs: { kit: [twoHandWeights] },
    jointActions: ['shoulder flexion shortening', 'elbow extension shortening'],
    faults: [{ see: 'Weight drifts over the face', say: 'Press over the shoulders.' }],
    cautions: ['Sealed things only over the chest; somebody hands them over.'],
  },
  [
    {
      id: 'floor-press',
      name: 'Floor press',
      otherNames: ['lying press'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'pressing with a known weight, shoulder spared',
      level: 'beginner',
      load: { place: 'hands', source: 'weight', required: true, hands: 2 },
      dose: '3x10 2-1-1 rir2 r60',
      cues: [
        'Upper arms rest on the floor each time',
        'Elbows at 45 degrees from the body',
        'Forearms upright, press together',
      ],
      keyframes: [
        frame('down', 'hook lying', 'back seat feet', { shoulder: 12, elbow: 78 }),
        frame('up', 'hook lying', 'back seat feet', { shoulder: 88, elbow: 4 }),
      ],
    },
    {
      id: 'one-arm-floor-press',
      name: 'One-arm floor press',
      otherNames: ['single-arm floor press'],
      standing: 2,
      blocks: ['strength'],
      purpose: 'pressing while the trunk refuses to roll',
      level: 'beginner',
      side: 'single',
      planes: ['sagittal', 'transverse'],
      needs: { kit: [handWeights] },
      load: { place: 'near-hand', source: 'weight', required: true, hands: 1 },
      jointActions: ['shoulder flexion shortening', 'elbow extension shortening', 'trunk rotation holding'],
      dose: '3x10/side 2-1-1 rir2 r45',
      cues: [
        'Press one weight, the other arm out wide',
        'Do not roll to the loaded side',
        'Lower until the elbow touches',
      ],
      keyframes: [
        frame('down', 'hook lying', 'back seat feet', { near: { shoulder: 12, elbow: 78 }, far: { shoulder: 20 } }),
        frame('up', 'hook lying', 'back seat feet', { near: { shoulder: 88, elbow: 4 }, far: { shoulder: 20 } }),
      ],
    },
  ],
);
