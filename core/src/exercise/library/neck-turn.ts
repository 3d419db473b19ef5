import { family } from './family';
import { frame } from './frame';

export default family(
  'neck-turn',
  { blocks: ['prevention'], pattern: 'neck-lateral', planes: ['transverse'], speed: 'slow', standing: 2 },
  [
    {
      id: 'neck-rotation-press',
      name: 'Isometric neck rotation',
      otherNames: ['neck turn press', 'neck rotation hold'],
      position: 'both-feet',
      side: 'single',
      purpose: 'neck resists a turn: fourth direction of the neck work',
      line: { from: 'head', to: [0.2, 0.93], resist: 0.04 },
      jointActions: ['neck rotation holding'],
      dose: '2x10s/side r15',
      cues: ['Palm on the temple, look straight ahead', 'Try to turn, the hand says no', 'Half strength, breathe'],
      faults: [{ see: 'Head tilts instead of turning', say: 'Less force, nose forward.' }],
      keyframes: [
        frame('rest', 'standing', 'feet', { near: { shoulder: 96, elbow: 120 }, far: { shoulder: 10 } }),
        frame('press', 'standing', 'feet', { near: { shoulder: 98, elbow: 124 }, far: { shoulder: 10 } }),
      ],
    },
  ],
);
