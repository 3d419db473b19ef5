import { family } from '../variant';
import { longBands } from './kit-groups';

export default family(
  'band-press-out',
  {
    blocks: ['trunk'],
    pattern: 'anti-rotation',
    planes: ['transverse'],
    position: 'both-feet',
    side: 'single',
    speed: 'slow',
    jointActions: ['trunk rotation holding'],
    regions: ['lower-back', 'shoulder'],
  },
  [
    {
      id: 'band-press-out',
      name: 'Band press-out',
      otherNames: ['anti-rotation press'],
      purpose: 'refuses the turn in a duel',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      dose: '2x10/side 2-2-2 rir2 r30',
      cues: ['Stand side-on to the anchor', 'Press straight out, hold two', 'Hips and ribs face front'],
      faults: [{ see: 'Trunk gives in to the band', say: 'Step closer to the anchor.' }],
      cautions: ['Test the anchor before pulling.'],
      keyframes: [
        {
          name: 'in',
          base: 'athletic stance',
          change: { lean: 10, hip: 28, knee: 28, ankle: 14, shoulder: 30, elbow: 130 },
          on: ['feet'],
        },
        {
          name: 'out',
          base: 'athletic stance',
          change: { lean: 10, hip: 28, knee: 28, ankle: 14, shoulder: 92, elbow: 6 },
          on: ['feet'],
        },
      ],
    },
  ],
);
