import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'band-press-out',
  {
    pattern: 'anti-rotation',
    planes: ['transverse'],
    position: 'both-feet',
    view: 'above',
    side: 'single',
    speed: 'slow',
    jointActions: ['trunk rotation holding'],
    regions: ['lower-back', 'shoulder'],
  },
  [
    {
      id: 'band-press-out',
      name: 'Pallof press',
      otherNames: ['anti-rotation press', 'band anti-rotation', 'Band press-out'],
      standing: 3,
      blocks: ['trunk'],
      purpose: 'refuses the turn in a duel',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      line: { from: 'hands', to: [0.14, -0.75] },
      dose: '2x10/side 2-2-2 rir2 r30',
      cues: ['Stand side-on to the anchor', 'Press straight out, hold two', 'Hips and ribs face front'],
      faults: [{ see: 'Trunk gives in to the band', say: 'Step closer to the anchor.' }],
      cautions: ['Test the anchor before pulling.'],
      keyframes: [
        frame('in', 'standing', 'feet', { ankle: 6, shoulder: 62, elbow: 132, wrist: 60 }),
        frame('out', 'standing', 'feet', { ankle: 6, shoulder: 107, elbow: 4, wrist: 90 }),
      ],
    },
  ],
);
