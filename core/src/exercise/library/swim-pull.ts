import { family } from '../variant';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'swim-pull',
  {
    pattern: 'skill',
    planes: ['sagittal'],
    position: 'both-feet',
    blocks: ['technique', 'strength'],
    regions: ['shoulder', 'upper-back', 'lower-back'],
    jointActions: ['shoulder extension shortening', 'shoulder internal-rotation shortening', 'trunk extension holding'],
    cues: ['Elbow high, forearm down first', 'Press back to the hip', 'Slow recovery'],
    faults: [{ see: 'Elbow drops first', say: 'Lighter band; fingertips down.' }],
  },
  [
    {
      id: 'bent-over-swim-pull',
      name: 'Swim pull in the air, folded forward',
      otherNames: ['dryland freestyle pull', 'shadow swim pull'],
      purpose: 'the shape of the pull, no kit',
      side: 'alternating',
      speed: 'controlled',
      dose: '3x12 r20',
      keyframes: [
        frame('reach', 'standing', 'feet', {
          lean: 68,
          hip: 82,
          knee: 20,
          near: { shoulder: 168, elbow: 6 },
          far: { shoulder: 10, elbow: 10 },
          neck: -8,
        }),
        frame('catch', 'standing', 'feet', {
          lean: 68,
          hip: 82,
          knee: 20,
          near: { shoulder: 128, elbow: -4, wrist: -30 },
          far: { shoulder: -20, elbow: 60 },
          neck: -8,
        }),
        frame('push', 'standing', 'feet', {
          lean: 68,
          hip: 82,
          knee: 20,
          near: { shoulder: 4, elbow: 6 },
          far: { shoulder: 120, elbow: 40 },
          neck: -8,
        }),
      ],
    },
    {
      id: 'band-swim-pull',
      name: 'Band swim pull, folded forward',
      otherNames: ['straight-arm pulldown', 'dryland swim bands'],
      purpose: 'pull strength along the body',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      line: { from: 'hands', to: [0.95, 0.6] },
      dose: '3x15 1-0-2 rir2 r45',
      keyframes: [
        frame('reach', 'standing', 'feet', { lean: 62, hip: 78, knee: 22, shoulder: 158, elbow: 4, neck: -8 }),
        frame('push', 'standing', 'feet', { lean: 62, hip: 78, knee: 22, shoulder: 6, elbow: 8, neck: -8 }),
      ],
    },
  ],
);
