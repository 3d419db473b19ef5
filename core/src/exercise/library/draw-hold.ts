import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'draw-hold',
  {
    standing: 0,
    sports: ['aiming'],
    planes: ['transverse'],
    position: 'both-feet',
    side: 'single',
    speed: 'slow',
  },
  [
    {
      id: 'band-draw-and-hold',
      name: 'Draw and hold with a band',
      otherNames: ['bow draw with a band', 'archer draw', 'holding drill'],
      blocks: ['technique', 'prevention'],
      pattern: 'horizontal-pull',
      purpose: 'shoulder blade draws and holds while the aim stays still',
      needs: { kit: [longBands] },
      load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
      line: { from: 'near-hand', to: { place: 'far-hand' } },
      view: 'above',
      jointActions: ['scapula retraction holding', 'shoulder extension shortening', 'elbow flexion holding'],
      dose: '3x15s/side r30',
      cues: [
        'Front arm straight, shoulder low',
        'Draw to the chin with the shoulder blade',
        'Hold still and breathe out, let down slowly',
      ],
      faults: [{ see: 'Front shoulder creeps up', say: 'Lighter band; push the front hand away.' }],
      keyframes: [
        frame('set', 'standing', 'feet', {
          ankle: 8,
          near: { shoulder: 110, elbow: 40, wrist: 88 },
          far: { shoulder: 20, elbow: 2, wrist: 88 },
        }),
        frame('drawn', 'standing', 'feet', {
          ankle: 8,
          near: { shoulder: 30, elbow: 140, wrist: 88 },
          far: { shoulder: 14, elbow: 2, wrist: 88 },
        }),
      ],
    },
  ],
);
