import { family } from '../variant';
import { frame } from './frame';

export default family(
  'side-plank',
  {
    blocks: ['trunk'],
    pattern: 'anti-lateral-flexion',
    planes: ['frontal'],
    view: 'front',
    position: 'hands-and-feet',
    side: 'single',
    speed: 'slow',
    jointActions: ['trunk lateral-flexion holding', 'hip abduction holding'],
    regions: ['lower-back', 'shoulder', 'hip'],
  },
  [
    {
      id: 'side-plank-raised',
      name: 'Side plank, forearm on a sofa',
      otherNames: ['supported side plank'],
      purpose: 'side of the trunk, first step',
      level: 'beginner',
      needs: { kit: [['sofa', 'bench', 'chair', 'stairs']] },
      dose: '2x30s/side r20',
      cues: ['Straight from ankle to head', 'Hip forward', 'Push the sofa away'],
      faults: [{ see: 'Hip sinks', say: 'Shorter hold, more often.' }],
      cautions: ['What the arm rests on must not slide.'],
      keyframes: [
        {
          name: 'hold',
          base: 'side lying',
          change: { lean: 56, near: { shoulder: 58, elbow: 86 }, far: { shoulder: 8, elbow: 20 } },
          on: ['near.forearm@sofa', 'near.instep', 'far.instep@ankle'],
        },
        {
          name: 'hold, tall',
          base: 'side lying',
          change: { lean: 56, trunk: -3, near: { shoulder: 54, elbow: 86 }, far: { shoulder: 14, elbow: 20 } },
          on: ['near.forearm@sofa', 'near.instep', 'far.instep@ankle'],
        },
      ],
    },
    {
      id: 'side-plank',
      name: 'Side plank',
      otherNames: ['side bridge'],
      purpose: 'trunk that does not fold when hauled sideways',
      level: 'beginner',
      dose: '2x25s/side r30',
      cues: ['Elbow under the shoulder', 'Hips high and forward', 'Top arm to the ceiling'],
      faults: [{ see: 'Hips sag or roll back', say: 'Bend the knees, shorter lever.' }],
      keyframes: [
        {
          name: 'hold',
          base: 'side lying',
          change: { lean: 72, near: { shoulder: 74, elbow: 88 }, far: { shoulder: 14, elbow: 20 } },
          on: ['near.forearm', 'near.instep', 'far.instep@ankle'],
        },
        {
          name: 'arm up',
          base: 'side lying',
          change: { lean: 71, near: { shoulder: 74, elbow: 88 }, far: { shoulder: 104 } },
          on: ['near.forearm', 'near.instep', 'far.instep@ankle'],
        },
      ],
    },
    {
      id: 'side-plank-knees',
      name: 'Side plank on the knees',
      otherNames: ['short side plank'],
      purpose: 'side of the trunk, short lever, no kit',
      cues: ['Elbow under the shoulder', 'Hips forwards and up', 'Long neck'],
      faults: [{ see: 'Hips sink', say: 'Stop the set there.' }],
      dose: '3x20s/side r20',
      keyframes: [
        frame(
          'hold',
          'side lying',
          'near.forearm near.knee far.knee@ankle',
          {
            lean: 64,
            near: { shoulder: 70, elbow: 88, hip: -4, knee: 20, ankle: -80 },
            far: { shoulder: 10, hip: 10, knee: -24, ankle: -80 },
          },
          { inPassing: true },
        ),
        frame(
          'higher',
          'side lying',
          'near.forearm near.knee far.knee@ankle',
          {
            lean: 62,
            near: { shoulder: 70, elbow: 88, hip: -8, knee: 22, ankle: -80 },
            far: { shoulder: 10, hip: 8, knee: -26, ankle: -80 },
          },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'side-plank-leg-raised',
      name: 'Side plank, top leg up',
      otherNames: ['star side plank'],
      purpose: 'side of the trunk and both hips',
      level: 'advanced',
      jointActions: ['trunk lateral-flexion holding', 'hip abduction holding'],
      cues: ['One line first', 'Then lift the top leg', 'Breathe'],
      faults: [{ see: 'Hips roll back', say: 'Leg down, line first.' }],
      dose: '3x15s/side r30',
      keyframes: [
        frame('hold', 'side lying', 'near.forearm near.instep', {
          lean: 72,
          near: { shoulder: 74, elbow: 88 },
          far: { shoulder: 90, hip: 24 },
        }),
        frame('higher', 'side lying', 'near.forearm near.instep', {
          lean: 71,
          near: { shoulder: 74, elbow: 88 },
          far: { shoulder: 100, hip: 36 },
        }),
      ],
    },
  ],
);
