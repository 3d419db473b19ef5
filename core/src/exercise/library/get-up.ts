import { family } from './family';
import { frame } from './frame';

export default family(
  'get-up',
  {
    pattern: 'whole-body-lift',
    planes: ['sagittal', 'frontal', 'transverse'],
    position: 'lying',
    side: 'single',
    speed: 'slow',
    regions: ['shoulder', 'hip', 'lower-back', 'wrist'],
    jointActions: ['trunk flexion shortening', 'shoulder flexion holding', 'hip extension shortening'],
    faults: [{ see: 'Raised arm bends or drifts', say: 'Stop, straighten, go on.' }],
  },
  [
    {
      id: 'floor-get-up',
      name: 'Turkish get-up, no weight',
      otherNames: ['get-up without weight', 'get-up practice', 'Floor get-up, empty hand'],
      standing: 1,
      blocks: ['mobilise', 'activate'],
      purpose: 'gets from the floor to the feet with control, no kit',
      dose: '2x3/side 3-1-3 r45',
      cues: ['Fist to the ceiling, eyes on it', 'Elbow, hand, hip up, knee under, stand', 'Same steps back down'],
      keyframes: [
        frame('lying', 'hook lying', 'back seat near.foot', {
          near: { shoulder: 90 },
          far: { hip: 10, knee: 4, shoulder: 40 },
        }),
        frame(
          'elbow',
          'long sitting',
          'seat near.foot far.forearm',
          {
            lean: -48,
            near: { hip: 74, knee: 100, shoulder: 126 },
            far: { hip: 46, knee: 4, shoulder: -46, elbow: 88 },
          },
          { inPassing: true },
        ),
        frame('half kneeling', 'half kneeling', 'near.foot far.knee far.toes', {
          near: { shoulder: 172 },
          far: { shoulder: 10 },
        }),
        frame('tall', 'standing', 'feet', { near: { shoulder: 174 }, far: { shoulder: 6 } }),
      ],
    },
    {
      id: 'loaded-get-up',
      name: 'Turkish get-up',
      otherNames: ['kettlebell get-up', 'Get-up with a weight'],
      standing: 1,
      purpose: 'shoulder steadies a weight while the whole body moves',
      level: 'advanced',
      blocks: ['strength'],
      needs: { kit: [['dumbbell', 'kettlebell', 'bottle']] },
      load: { place: 'near-hand', source: 'weight', required: true, maxKg: 16, hands: 1 },
      dose: '3x2/side 3-1-3 r75',
      cues: ['Arm locked, eyes on the weight', 'Finish each step before the next', 'Shoulder stays down in its socket'],
      cautions: ['Learn it empty; sealed weight; a clear floor to put it down.'],
      keyframes: [
        frame('lying', 'hook lying', 'back seat near.foot', {
          near: { shoulder: 90 },
          far: { hip: 10, knee: 4, shoulder: 40 },
        }),
        frame(
          'elbow',
          'long sitting',
          'seat near.foot far.forearm',
          {
            lean: -48,
            near: { hip: 74, knee: 100, shoulder: 126 },
            far: { hip: 46, knee: 4, shoulder: -46, elbow: 88 },
          },
          { inPassing: true },
        ),
        frame('half kneeling', 'half kneeling', 'near.foot far.knee far.toes', {
          near: { shoulder: 172 },
          far: { shoulder: 10 },
        }),
        frame('tall', 'standing', 'feet', { near: { shoulder: 174 }, far: { shoulder: 6 } }),
      ],
    },
  ],
);
