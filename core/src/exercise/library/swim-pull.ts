import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'swim-pull',
  {
    pattern: 'skill',
    planes: ['sagittal'],
    position: 'both-feet',
    regions: ['shoulder', 'upper-back', 'lower-back'],
    jointActions: ['shoulder extension shortening', 'shoulder internal-rotation shortening', 'trunk extension holding'],
    faults: [{ see: 'Elbow drops first', say: 'Lighter band; fingertips down.' }],
  },
  [
    {
      id: 'bent-over-swim-pull',
      name: 'Dryland freestyle pull, no band',
      otherNames: ['dryland freestyle pull', 'shadow swim pull', 'swim pull in the air, folded forward'],
      standing: 0,
      blocks: ['technique'],
      sports: ['swimming', 'water-polo'],
      purpose: 'the shape of the pull, no kit',
      side: 'alternating',
      speed: 'controlled',
      dose: '3x12 r20',
      cues: ['Fold forward, back flat', 'Elbow high, forearm points down', 'Press back past the hip'],
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
      name: 'Dryland freestyle pull with a band',
      otherNames: ['dryland swim bands', 'band swim pull, folded forward'],
      standing: 0,
      blocks: ['technique', 'strength'],
      sports: ['swimming', 'water-polo', 'wave-riding'],
      purpose: 'pull strength along the body',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      line: { from: 'hands', to: [0.95, 0.6] },
      dose: '3x15 1-0-2 rir2 r45',
      cues: ['Elbow high before you pull', 'Press the band back to the thigh', 'Slow way forward again'],
      keyframes: [
        frame('reach', 'standing', 'feet', { lean: 62, hip: 78, knee: 22, shoulder: 158, elbow: 4, neck: -8 }),
        frame('push', 'standing', 'feet', { lean: 62, hip: 78, knee: 22, shoulder: 6, elbow: 8, neck: -8 }),
      ],
    },
  ],
);
