import { family } from './family';
import { frame } from './frame';
import { longBands, loopBands } from './kit-groups';

const kit = [[...loopBands, ...longBands]] as const;
const sitting = { lean: -6, hip: 60, knee: 30, shoulder: 30, elbow: 30 };

export default family(
  'ankle-band',
  {
    blocks: ['activate', 'prevention'],
    pattern: 'calf',
    planes: ['frontal'],
    position: 'sitting',
    side: 'single',
    speed: 'slow',
    needs: { kit },
    load: { place: 'ankles', source: 'band', required: true, hands: 1 },
  },
  [
    {
      id: 'band-ankle-eversion',
      name: 'Band ankle eversion',
      otherNames: ['ankle eversion', 'peroneal band', 'foot turn-out with a band'],
      standing: 3,
      purpose: 'outside of the lower leg stops the ankle from rolling over',
      jointActions: ['ankle abduction shortening'],
      line: { from: 'near-foot', to: { place: 'far-hand' } },
      dose: '2x15/side 1-1-3 r20',
      cues: ['Band round the forefoot, knee still', 'Turn the little-toe edge out', 'Three seconds back in'],
      faults: [{ see: 'The whole leg turns', say: 'Hold the knee with your hand; a lighter band.' }],
      sources: ['Emery and others 2005, ankle programmes (value from memory)'],
      keyframes: [
        frame('in', 'long sitting', 'seat heels', { ...sitting, near: { ankle: -6 } }),
        frame('out', 'long sitting', 'seat heels', { ...sitting, near: { ankle: 4 } }),
      ],
    },
    {
      id: 'band-ankle-inversion',
      name: 'Band ankle inversion',
      otherNames: ['ankle inversion', 'foot turn-in with a band'],
      standing: 2,
      purpose: 'inside of the lower leg holds the arch up',
      jointActions: ['ankle adduction shortening'],
      line: { from: 'near-foot', to: { place: 'far-hand' } },
      dose: '2x15/side 1-1-3 r20',
      cues: ['Legs crossed, band round the top foot', 'Turn the sole in', 'Slow back, the knee does not move'],
      faults: [{ see: 'The hip rolls in instead', say: 'Smaller turn from the ankle alone.' }],
      keyframes: [
        frame('out', 'long sitting', 'seat heels', { ...sitting, near: { ankle: 4 } }),
        frame('in', 'long sitting', 'seat heels', { ...sitting, near: { ankle: -8 } }),
      ],
    },
  ],
);
