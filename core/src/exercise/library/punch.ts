import { family } from './family';
import { frame } from './frame';
import { lightHandWeights } from './kit-groups';

export default family(
  'punch',
  {
    pattern: 'skill',
    planes: ['transverse', 'sagittal'],
    position: 'split',
    speed: 'fast',
    regions: ['shoulder', 'elbow'],
    jointActions: ['shoulder flexion shortening', 'elbow extension shortening', 'trunk rotation shortening'],
    faults: [{ see: 'Elbow locks hard', say: 'Stop just short of straight.' }],
  },
  [
    {
      id: 'shadow-straight-punch',
      name: 'Shadow boxing, straight punches',
      otherNames: ['jab cross', 'jab-cross', 'straight punches in the air'],
      standing: 0,
      blocks: ['raise', 'technique', 'finisher'],
      sports: ['striking-combat'],
      purpose: 'straight line from the back foot to the fist',
      side: 'alternating',
      dose: '3x30s! r30',
      cues: ['Push off the back foot', 'Punch straight, other hand at the chin', 'Bring it back the same way'],
      keyframes: [
        frame('guard', 'standing', 'far.foot near.toes', {
          lean: 6,
          far: { hip: 30, knee: 24, shoulder: 60, elbow: 128 },
          near: { hip: -14, knee: 22, ankle: 16, shoulder: 44, elbow: 140 },
        }),
        frame(
          'punch',
          'standing',
          'far.foot near.toes',
          {
            lean: 14,
            far: { hip: 40, knee: 30, shoulder: 50, elbow: 140 },
            near: { hip: -12, knee: 14, ankle: 18, shoulder: 88, elbow: 6 },
          },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'shadow-hook',
      name: 'Shadow boxing, hooks',
      otherNames: ['hook punch', 'hooks in the air'],
      standing: 0,
      blocks: ['raise', 'technique', 'finisher'],
      sports: ['striking-combat'],
      purpose: 'the turn of the hips swings a bent arm',
      view: 'above',
      side: 'alternating',
      level: 'beginner',
      dose: '3x20s! r30',
      cues: ['Elbow at shoulder height', 'Turn hip and foot with the fist', 'Other hand guards the cheek'],
      jointActions: ['trunk rotation shortening', 'shoulder internal-rotation shortening'],
      keyframes: [
        frame('wound', 'standing', 'feet', {
          near: { hip: -18, ankle: 4, shoulder: 40, elbow: 110, wrist: 70 },
          far: { hip: 22, ankle: 4, shoulder: 60, elbow: 120, wrist: 50 },
          lean: -20,
          trunk: -22,
        }),
        frame('hook', 'standing', 'feet', {
          near: { hip: -18, ankle: 4, shoulder: 84, elbow: 84, wrist: 90 },
          far: { hip: 22, ankle: 4, shoulder: 60, elbow: 120, wrist: 50 },
          lean: 18,
          trunk: 26,
        }),
      ],
    },
    {
      id: 'hand-weight-punch',
      name: 'Shadow boxing with light weights',
      otherNames: ['weighted shadow boxing', 'straight punches with small weights'],
      standing: 0,
      purpose: 'shoulder endurance in the guard',
      side: 'alternating',
      level: 'intermediate',
      speed: 'controlled',
      blocks: ['finisher'],
      sports: ['striking-combat'],
      needs: { kit: [lightHandWeights] },
      load: { place: 'hands', source: 'weight', required: true, maxKg: 2, hands: 2 },
      dose: '3x30s! r30',
      cues: ['Light weights, wrists firm', 'Punch at half speed, full length', 'Hands come back to the face'],
      cautions: ['At most 1 kg a hand; never lock the elbow.'],
      keyframes: [
        frame('guard', 'standing', 'far.foot near.toes', {
          lean: 6,
          far: { hip: 30, knee: 24, shoulder: 60, elbow: 128 },
          near: { hip: -14, knee: 22, ankle: 16, shoulder: 44, elbow: 140 },
        }),
        frame(
          'punch',
          'standing',
          'far.foot near.toes',
          {
            lean: 14,
            far: { hip: 40, knee: 30, shoulder: 50, elbow: 140 },
            near: { hip: -12, knee: 14, ankle: 18, shoulder: 88, elbow: 6 },
          },
          { inPassing: true },
        ),
      ],
    },
  ],
);
