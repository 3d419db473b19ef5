import { family } from '../variant';
import { longBands } from './kit-groups';

export default family(
  'arm-brake',
  {
    blocks: ['prevention'],
    pattern: 'shoulder-external-rotation',
    planes: ['sagittal', 'transverse'],
    side: 'single',
    speed: 'slow',
    position: 'split',
  },
  [
    {
      id: 'band-arm-brake',
      name: 'Band arm brake',
      otherNames: ['slow arm lowering', 'deceleration lowering'],
      purpose: 'slows the arm down after the ball has gone',
      regions: ['shoulder', 'upper-back'],
      level: 'intermediate',
      jointActions: [
        'shoulder external-rotation lengthening',
        'shoulder extension lengthening',
        'scapula retraction lengthening',
      ],
      needs: { kit: [longBands], anchors: ['door-low', 'door-mid', 'post', 'partner'] },
      load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
      dose: '3x8/side 4-0-1 rir3 r45',
      line: { from: 'near-hand', to: [0.75, 0.3] },
      cues: ['Help up with the other hand', 'Then four seconds forward and down', 'Blade glides, does not jump'],
      faults: [{ see: 'Shoulder rolls forward at the end', say: 'Stop the arm at hip height, chest proud.' }],
      cautions: [
        'Pain above 2 during or next morning: lighter band, then the lying version.',
        'Test the anchor before pulling.',
      ],
      sources: ['Andersson 2017 (shoulder programme in handball)'],
      keyframes: [
        {
          name: 'cocked',
          base: 'standing',
          change: {
            near: { shoulder: 100, elbow: 95, hip: -16, knee: 5 },
            far: { hip: 22, knee: 12, shoulder: 30, elbow: 50 },
          },
          on: ['far.foot', 'near.foot'],
        },
        {
          name: 'through',
          base: 'standing',
          change: {
            lean: 14,
            near: { shoulder: 52, elbow: 15, hip: -4, knee: 5 },
            far: { hip: 38, knee: 20, shoulder: 0, elbow: 50 },
          },
          on: ['far.foot', 'near.foot'],
        },
      ],
    },
  ],
);
