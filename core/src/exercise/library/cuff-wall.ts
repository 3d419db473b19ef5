import { family } from './family';
import { frame } from './frame';

export default family(
  'cuff-wall',
  { planes: ['transverse'], position: 'both-feet', speed: 'slow', needs: { wall: true } },
  [
    {
      id: 'wall-press-rotation-90',
      name: 'Isometric rotation at 90 degrees',
      otherNames: [
        'isometric rotation in a door frame, arm at 90 degrees',
        'isometric cuff at 90',
        '90/90 isometric hold',
      ],
      standing: 2,
      blocks: ['activate', 'prevention'],
      pattern: 'shoulder-external-rotation',
      side: 'single',
      purpose: 'cuff holds in the throwing position; kind to a sore shoulder',
      line: { from: 'near-hand', to: [0.7, 0.9], resist: 0.05 },
      jointActions: ['shoulder external-rotation holding', 'shoulder internal-rotation holding'],
      dose: '3x20s/side r20',
      cues: [
        'Elbow at shoulder height, forearm on the frame',
        'Press the back of the hand into it',
        'Half strength, then turn and press the palm',
      ],
      faults: [{ see: 'Elbow drops', say: 'A lower elbow that does not hurt.' }],
      keyframes: [
        frame('rest', 'standing', 'feet', { near: { shoulder: 86, elbow: 84 }, far: { shoulder: 10, elbow: 20 } }),
        frame('press', 'standing', 'feet', { near: { shoulder: 86, elbow: 90 }, far: { shoulder: 10, elbow: 20 } }),
      ],
    },
    {
      id: 'serratus-wall-slide',
      name: 'Serratus wall slide with lift-off',
      otherNames: ['forearm wall slide without band', 'wall slide with lift-off'],
      standing: 2,
      blocks: ['mobilise', 'activate'],
      pattern: 'scapular',
      planes: ['sagittal'],
      purpose: 'shoulder blade turns up as the arms rise, no kit',
      wall: 0.2,
      jointActions: ['scapula protraction shortening', 'shoulder flexion shortening'],
      dose: '2x10 2-1-2 r20',
      cues: ['Forearms on the wall, push it away', 'Slide up to a Y', 'Lift the hands off at the top for a second'],
      faults: [{ see: 'Lower back arches at the top', say: 'One foot back, ribs down.' }],
      keyframes: [
        frame('low', 'standing', 'feet', { lean: 4, shoulder: 66, elbow: 100 }),
        frame('high', 'standing', 'feet', { lean: 6, shoulder: 140, elbow: 40 }),
      ],
    },
  ],
);
