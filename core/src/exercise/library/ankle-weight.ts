import { family } from './family';
import { frame } from './frame';
import { seats } from './kit-groups';

const weight = {
  place: 'ankles',
  source: 'weight',
  required: true,
  maxKg: 4,
  hands: 1,
  with: ['ankle-weight'],
} as const;

export default family(
  'ankle-weight',
  {
    blocks: ['activate', 'prevention'],
    planes: ['sagittal'],
    side: 'single',
    speed: 'slow',
    standing: 2,
    needs: { kit: [['ankle-weight']] },
    load: weight,
  },
  [
    {
      id: 'ankle-weight-side-raise',
      name: 'Side-lying leg lift with an ankle weight',
      otherNames: ['ankle-weight hip abduction', 'weighted side leg raise'],
      pattern: 'hip-abduction',
      planes: ['frontal'],
      view: 'front',
      position: 'lying',
      purpose: 'side of the hip, a little load on a long lever',
      jointActions: ['hip abduction shortening', 'hip abduction lengthening'],
      dose: '2x12/side 1-1-3 rir2 r20',
      cues: ['Bottom leg bent, top leg in line with the body', 'Lift with the heel leading', 'Down in three seconds'],
      faults: [{ see: 'Leg drifts forward', say: 'Heel against a wall behind you.' }],
      keyframes: [
        frame('down', 'side lying', 'near.hip-side near.shoulder-side near.instep', {
          near: { shoulder: 172 },
          far: { shoulder: 8, elbow: 20, hip: 2 },
        }),
        frame('up', 'side lying', 'near.hip-side near.shoulder-side near.instep', {
          near: { shoulder: 172 },
          far: { shoulder: 8, elbow: 20, hip: 34 },
        }),
      ],
    },
    {
      id: 'ankle-weight-leg-raise',
      name: 'Straight-leg raise with an ankle weight',
      otherNames: ['weighted straight-leg raise', 'ankle-weight hip flexion'],
      pattern: 'trunk-flexion',
      position: 'lying',
      purpose: 'thigh and hip flexor with the knee kept straight',
      jointActions: ['hip flexion shortening', 'knee extension holding'],
      dose: '2x12/side 1-1-3 rir2 r20',
      cues: ['Other knee bent, thigh tight', 'Lift the straight leg to the other knee', 'Lower slowly without resting'],
      faults: [{ see: 'Knee bends on the way up', say: 'No weight, tighten the thigh first.' }],
      keyframes: [
        frame('down', 'supine', 'back seat far.foot near.heel', {
          near: { hip: 2, knee: 2, ankle: 6 },
          far: { hip: 55, knee: 108, ankle: -20 },
          shoulder: 10,
        }),
        frame('up', 'supine', 'back seat far.foot', {
          near: { hip: 48, knee: 2, ankle: 6 },
          far: { hip: 55, knee: 108, ankle: -20 },
          shoulder: 10,
        }),
      ],
    },
    {
      id: 'ankle-weight-knee-extension',
      name: 'Seated knee extension with an ankle weight',
      otherNames: ['weighted knee extension', 'ankle-weight leg extension'],
      pattern: 'knee-dominant',
      position: 'sitting',
      purpose: 'front of the thigh alone, when squats are not possible',
      needs: { kit: [['ankle-weight'], seats] },
      jointActions: ['knee extension shortening', 'knee extension lengthening'],
      dose: '3x12/side 1-2-3 rir2 r30',
      cues: ['Sit tall, thigh on the seat', 'Straighten the knee, hold two seconds', 'Lower in three seconds'],
      faults: [{ see: 'Trunk rocks back', say: 'Lighter, hands beside you.' }],
      keyframes: [
        frame('bent', 'standing', 'seat@chair feet', { lean: 2, hip: 88, knee: 86, shoulder: 0, elbow: 10 }),
        frame('straight', 'standing', 'seat@chair far.foot', {
          lean: -4,
          near: { hip: 88, knee: 4, ankle: 6 },
          far: { hip: 86, knee: 86 },
          shoulder: 0,
          elbow: 10,
        }),
      ],
    },
  ],
);
