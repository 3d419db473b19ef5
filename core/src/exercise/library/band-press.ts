import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'band-press',
  {
    pattern: 'horizontal-push',
    planes: ['sagittal', 'transverse'],
    position: 'split',
    regions: ['shoulder', 'elbow'],
    needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
    jointActions: ['shoulder flexion shortening', 'elbow extension shortening', 'trunk flexion holding'],
    faults: [{ see: 'Band pulls you back', say: 'Longer stance, step nearer.' }],
  },
  [
    {
      id: 'band-press',
      name: 'Standing band chest press',
      otherNames: ['band chest press', 'band press', 'standing band press'],
      standing: 2,
      blocks: ['strength'],
      purpose: 'pressing on the feet, as in holding somebody off',
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      line: { from: 'hands', to: [-0.62, 0.72] },
      dose: '3x12 1-1-2 rir2 r45',
      cues: [
        'One foot forward, band at chest height',
        'Press both hands straight ahead',
        'Come back slowly, ribs stay down',
      ],
      keyframes: [
        frame('back', 'standing', 'near.foot far.toes', {
          lean: 10,
          near: { hip: 40, knee: 34 },
          far: { hip: -14, knee: 16, ankle: 14 },
          shoulder: -8,
          elbow: 100,
        }),
        frame('out', 'standing', 'near.foot far.toes', {
          lean: 14,
          near: { hip: 44, knee: 36 },
          far: { hip: -12, knee: 14, ankle: 14 },
          shoulder: 84,
          elbow: 6,
        }),
      ],
    },
    {
      id: 'band-punch',
      name: 'One-arm band punch',
      otherNames: ['single-arm fast band press'],
      standing: 1,
      purpose: 'hip and shoulder drive one arm fast',
      level: 'intermediate',
      side: 'single',
      speed: 'fast',
      blocks: ['power'],
      load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
      line: { from: 'near-hand', to: [-0.62, 0.72] },
      jointActions: ['shoulder flexion shortening', 'elbow extension shortening', 'trunk rotation shortening'],
      dose: '3x6/side X r60',
      cues: [
        'Turn the back foot and hip into it',
        'Punch straight and fast, wrist firm',
        'Let the band come back under control',
      ],
      keyframes: [
        frame(
          'loaded',
          'standing',
          'near.toes far.foot',
          {
            lean: 6,
            far: { hip: 40, knee: 34, shoulder: 60, elbow: 80 },
            near: { hip: -14, knee: 16, ankle: 14, shoulder: -14, elbow: 104 },
          },
          { inPassing: true },
        ),
        frame(
          'out',
          'standing',
          'near.toes far.foot',
          {
            lean: 14,
            far: { hip: 46, knee: 38, shoulder: 10, elbow: 100 },
            near: { hip: -12, knee: 12, ankle: 16, shoulder: 86, elbow: 4 },
          },
          { inPassing: true },
        ),
      ],
    },
  ],
);
