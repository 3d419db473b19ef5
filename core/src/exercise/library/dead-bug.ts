import { family } from './family';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'dead-bug',
  {
    pattern: 'anti-extension',
    planes: ['sagittal'],
    position: 'lying',
    side: 'alternating',
    speed: 'slow',
    jointActions: ['trunk flexion holding', 'hip flexion lengthening'],
    regions: ['lower-back', 'hip'],
  },
  [
    {
      id: 'dead-bug',
      name: 'Dead bug',
      otherNames: ['supine opposite arm and leg', 'Lying opposite reach'],
      standing: 3,
      blocks: ['activate', 'trunk'],
      purpose: 'low back stays down while the limbs travel',
      dose: '2x8 3-1-2 r30',
      cues: ['Low back heavy on the floor', 'Opposite arm and leg away', 'Breathe out as they go'],
      faults: [{ see: 'Back lifts off the floor', say: 'Heel less far, knee bent.' }],
      keyframes: [
        { name: 'start', base: 'supine', change: { hip: 90, knee: 90, shoulder: 90 }, on: ['back', 'seat'] },
        {
          name: 'reach',
          base: 'supine',
          change: { near: { hip: 18, knee: 8, shoulder: 90 }, far: { hip: 90, knee: 90, shoulder: 168 } },
          on: ['back', 'seat'],
        },
      ],
    },
    {
      id: 'dead-bug-arms',
      name: 'Dead bug, arms only',
      otherNames: [
        'supine arm lowering',
        'dead bug regression',
        'Dead bug, arms only (alias "supine arm lowering" ok)',
      ],
      standing: 2,
      blocks: ['activate', 'trunk'],
      purpose: 'ribs stay down while the arms move',
      cues: ['Back pressed to the floor, knees up', 'One arm goes back over the head', 'Back stays down, breathe out'],
      faults: [{ see: 'Ribs flare', say: 'Reach less far.', shown: { change: { trunk: -12 } } }],
      load: { place: 'hands', source: 'weight', required: false, maxKg: 4, hands: 1 },
      dose: '2x8 2-1-2 r20',
      keyframes: [
        frame('start', 'supine', 'back seat', { hip: 90, knee: 90, shoulder: 90 }),
        frame('reach', 'supine', 'back seat', { hip: 90, knee: 90, shoulder: 168 }),
      ],
    },
    {
      id: 'dead-bug-weighted',
      name: 'Dead bug with a weight',
      otherNames: ['weighted dead bug'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'trunk holds against a load overhead and a long leg',
      level: 'intermediate',
      needs: { kit: [handWeights] },
      load: { place: 'hands', source: 'weight', required: true, maxKg: 8, hands: 1 },
      cues: ['Hold the weight above the chest', 'Stretch the opposite leg', 'Weight still, back on the floor'],
      faults: [{ see: 'Ribs flare', say: 'Reach less far.', shown: { change: { trunk: -12 } } }],
      dose: '3x8 3-1-2 rir2 r45',
      cautions: ['Sealed weight; it never passes over the face.'],
      keyframes: [
        frame('start', 'supine', 'back seat', { hip: 90, knee: 90, shoulder: 90 }),
        frame('reach', 'supine', 'back seat', {
          near: { hip: 14, knee: 6 },
          far: { hip: 90, knee: 90 },
          shoulder: 150,
        }),
      ],
    },
  ],
);
