import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

const rackets = ['small-court-racket', 'large-court-racket'];

export default family(
  'band-swing',
  {
    standing: 0,
    blocks: ['power', 'technique'],
    pattern: 'rotation',
    planes: ['transverse'],
    position: 'split',
    side: 'single',
    speed: 'fast',
    view: 'above',
    level: 'beginner',
    needs: { kit: [longBands], anchors: ['door-mid', 'post'] },
    load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
  },
  [
    {
      id: 'band-forehand-swing',
      name: 'Forehand swing with a band',
      otherNames: ['band forehand', 'resisted forehand'],
      sports: rackets,
      purpose: 'hip and trunk speed for the forehand',
      line: { from: 'near-hand', to: [-0.5, 0.7] },
      jointActions: ['trunk rotation shortening', 'shoulder internal-rotation shortening'],
      dose: '3x8/side X r45',
      cues: ['Band behind you, racket hand low', 'Turn from the back foot', 'Swing fast, step back in slowly'],
      faults: [{ see: 'The arm pulls the band alone', say: 'Lighter band; belly button turns first.' }],
      keyframes: [
        frame('back', 'standing', 'feet', {
          lean: -26,
          trunk: -24,
          near: { hip: -14, ankle: 8, shoulder: 6, elbow: 20, wrist: 74 },
          far: { hip: 20, ankle: 8, shoulder: 70, elbow: 40, wrist: 70 },
        }),
        frame('through', 'standing', 'feet', {
          lean: 24,
          trunk: 24,
          near: { hip: -14, ankle: 8, shoulder: 92, elbow: 40, wrist: 80 },
          far: { hip: 20, ankle: 8, shoulder: 20, elbow: 80, wrist: 60 },
        }),
      ],
    },
    {
      id: 'band-backhand-swing',
      name: 'Backhand swing with a band',
      otherNames: ['band backhand', 'resisted backhand'],
      sports: rackets,
      purpose: 'back of the shoulder and trunk drive the backhand',
      line: { from: 'near-hand', to: [-0.2, -0.7] },
      jointActions: ['trunk rotation shortening', 'shoulder external-rotation shortening'],
      dose: '3x8/side X r45',
      cues: ['Side-on, hand at the far hip', 'Lead with the shoulder, then elbow', 'Fast out, slow return'],
      faults: [{ see: 'Wrist flicks to finish', say: 'Firm wrist, shorter swing.' }],
      keyframes: [
        frame('back', 'standing', 'feet', {
          lean: 26,
          trunk: 28,
          near: { hip: 20, ankle: 8, shoulder: 118, elbow: 50, wrist: 72 },
          far: { hip: -14, ankle: 8, shoulder: 40, elbow: 90, wrist: 50 },
        }),
        frame('through', 'standing', 'feet', {
          lean: -8,
          trunk: -10,
          near: { hip: 20, ankle: 8, shoulder: 20, elbow: 6, wrist: 80 },
          far: { hip: -14, ankle: 8, shoulder: 0, elbow: 40, wrist: 60 },
        }),
      ],
    },
    {
      id: 'band-overhead-swing',
      name: 'Overhead swing with a band',
      otherNames: ['band serve', 'resisted serve', 'overhead throw with a band'],
      sports: [...rackets, 'volleyball', 'handball', 'water-polo', 'bat-and-ball'],
      view: 'side',
      planes: ['sagittal', 'transverse'],
      purpose: 'the whole chain overhead: leg, trunk, shoulder, hand',
      needs: { kit: [longBands], anchors: ['door-high', 'post'] },
      line: { from: 'near-hand', to: [-0.6, 0.95] },
      jointActions: ['shoulder internal-rotation shortening', 'trunk flexion shortening', 'elbow extension shortening'],
      dose: '3x6/side X r60',
      cues: [
        'Back to the anchor, elbow up',
        'Chest first, then elbow, then hand',
        'Finish long, come back with the other hand helping',
      ],
      faults: [{ see: 'Elbow drops below the shoulder', say: 'Lighter band, elbow up before you start.' }],
      keyframes: [
        frame(
          'cocked',
          'standing',
          'far.foot near.toes',
          {
            lean: -8,
            trunk: -6,
            far: { hip: 26, knee: 22, shoulder: 70, elbow: 20 },
            near: { hip: -10, knee: 24, ankle: 12, shoulder: 96, elbow: 96 },
          },
          { inPassing: true },
        ),
        frame(
          'through',
          'standing',
          'far.foot near.toes',
          {
            lean: 20,
            trunk: 10,
            far: { hip: 40, knee: 26, shoulder: 20, elbow: 60 },
            near: { hip: -12, knee: 24, ankle: 0, shoulder: 110, elbow: 8 },
          },
          { inPassing: true },
        ),
      ],
    },
  ],
);
