import { family } from '../variant';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'arm-inner-rotation',
  {
    pattern: 'shoulder-internal-rotation',
    planes: ['transverse'],
    side: 'single',
    blocks: ['prevention', 'activate'],
    regions: ['shoulder'],
    cues: ['Elbow stays at the ribs', 'Turn the hand in to the belly', 'Slow back out'],
    faults: [{ see: 'Shoulder rolls forwards', say: 'Chest proud, less force.' }],
  },
  [
    {
      id: 'inward-hand-press',
      name: 'Inward press against the other hand',
      otherNames: ['isometric internal rotation'],
      purpose: 'front of the shoulder holds, no kit',
      position: 'both-feet',
      view: 'above',
      speed: 'slow',
      jointActions: ['shoulder internal-rotation holding'],
      line: { from: 'near-hand', to: [0.2, -0.5], resist: 0.06 },
      dose: '3x15s/side r20',
      cues: ['Elbows at the ribs, bent square', 'One palm pushes in, the other stops it', 'Half strength, build up'],
      keyframes: [
        frame('rest', 'standing', 'feet', {
          ankle: 4,
          near: { shoulder: 0, elbow: 112, wrist: 8 },
          far: { shoulder: 0, elbow: 118, wrist: 8 },
        }),
        frame('press', 'standing', 'feet', {
          ankle: 4,
          near: { shoulder: 0, elbow: 116, wrist: 8 },
          far: { shoulder: 0, elbow: 122, wrist: 8 },
        }),
      ],
    },
    {
      id: 'band-inward-rotation',
      name: 'Band inward rotation',
      otherNames: ['band internal rotation'],
      purpose: 'arm speed kept in balance with its brake',
      position: 'both-feet',
      view: 'above',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
      line: { from: 'near-hand', to: [0.05, -0.75] },
      jointActions: ['shoulder internal-rotation shortening', 'shoulder internal-rotation lengthening'],
      dose: '2x12/side 1-1-3 rir3 r30',
      keyframes: [
        frame('out', 'standing', 'feet', {
          ankle: 4,
          near: { shoulder: 0, elbow: 40, wrist: 8 },
          far: { shoulder: 0, wrist: 8 },
        }),
        frame('in', 'standing', 'feet', {
          ankle: 4,
          near: { shoulder: 0, elbow: 136, wrist: 8 },
          far: { shoulder: 0, wrist: 8 },
        }),
      ],
    },
    {
      id: 'high-band-inward-rotation',
      name: 'Band inward rotation at shoulder height',
      otherNames: ['90/90 internal rotation'],
      purpose: 'throwing and spiking direction, under control',
      position: 'split',
      level: 'intermediate',
      planes: ['sagittal', 'transverse'],
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
      line: { from: 'near-hand', to: [-0.6, 0.85] },
      jointActions: ['shoulder internal-rotation shortening', 'shoulder internal-rotation lengthening'],
      dose: '3x10/side 1-1-3 rir3 r30',
      cues: ['Elbow level with the shoulder', 'Turn the hand forwards and down', 'Three seconds back'],
      keyframes: [
        frame('back', 'standing', 'far.foot near.toes', {
          far: { hip: 24, knee: 18, shoulder: 20, elbow: 60 },
          near: { hip: -14, knee: 12, ankle: 14, shoulder: 80, elbow: 110 },
        }),
        frame('forward', 'standing', 'far.foot near.toes', {
          far: { hip: 24, knee: 18, shoulder: 20, elbow: 60 },
          near: { hip: -14, knee: 12, ankle: 14, shoulder: 80, elbow: 14 },
        }),
      ],
    },
    {
      id: 'high-band-inward-fast',
      name: 'Fast inward rotation, slow back',
      otherNames: ['explosive internal rotation at 90'],
      purpose: 'arm speed in the throwing position, braked on the way back',
      level: 'advanced',
      speed: 'fast',
      blocks: ['power', 'prevention'],
      position: 'split',
      needs: { kit: [longBands], anchors: ['door-high', 'post', 'partner'] },
      load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
      line: { from: 'near-hand', to: [-0.8, 0.86] },
      jointActions: ['shoulder internal-rotation stretch-shortening', 'shoulder external-rotation lengthening'],
      dose: '3x6/side X r45',
      cues: ['Back to the anchor, elbow at shoulder height', 'Snap forwards', 'Four seconds back'],
      faults: [{ see: 'Elbow drops', say: 'Lighter band, elbow on a sofa back.' }],
      cautions: ['Test the anchor before pulling. Sore throwing shoulder: leave out.'],
      keyframes: [
        frame('cocked', 'standing', 'far.foot near.toes', {
          near: { hip: -12, knee: 14, ankle: 14, shoulder: 92, elbow: 90 },
          far: { hip: 22, knee: 14, shoulder: 20, elbow: 40 },
        }),
        frame('snapped', 'standing', 'far.foot near.toes', {
          near: { hip: -12, knee: 14, ankle: 14, shoulder: 92, elbow: 12 },
          far: { hip: 22, knee: 14, shoulder: 20, elbow: 40 },
        }),
      ],
    },
  ],
);
