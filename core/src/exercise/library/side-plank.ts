import { family } from '../variant';

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
      needs: { kit: [['sofa', 'bench', 'chair', 'stairs']] },
      dose: '2x30s/side r20',
      harder: 'side-plank',
      cues: ['Straight from ankle to head', 'Hip forward', 'Push the sofa away'],
      faults: [{ see: 'Hip sinks', say: 'Shorter hold, more often.' }],
      cautions: ['What the arm rests on must not slide.'],
      keyframes: [
        {
          name: 'hold',
          base: 'side lying',
          change: { lean: 56, near: { shoulder: 58, elbow: 86 }, far: { shoulder: 8, elbow: 20 } },
          on: ['near.forearm@sofa', 'near.instep'],
        },
        {
          name: 'hold, tall',
          base: 'side lying',
          change: { lean: 56, trunk: -3, near: { shoulder: 54, elbow: 86 }, far: { shoulder: 14, elbow: 20 } },
          on: ['near.forearm@sofa', 'near.instep'],
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
      easier: 'side-plank-raised',
      cues: ['Elbow under the shoulder', 'Hips high and forward', 'Top arm to the ceiling'],
      faults: [{ see: 'Hips sag or roll back', say: 'Bend the knees, shorter lever.' }],
      keyframes: [
        {
          name: 'hold',
          base: 'side lying',
          change: { lean: 72, near: { shoulder: 74, elbow: 88 }, far: { shoulder: 14, elbow: 20 } },
          on: ['near.forearm', 'near.instep'],
        },
        {
          name: 'arm up',
          base: 'side lying',
          change: { lean: 71, near: { shoulder: 74, elbow: 88 }, far: { shoulder: 104 } },
          on: ['near.forearm', 'near.instep'],
        },
      ],
    },
  ],
);
