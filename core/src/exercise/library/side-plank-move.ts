import { family } from './family';
import { frame } from './frame';

export default family(
  'side-plank-move',
  {
    blocks: ['trunk'],
    pattern: 'anti-lateral-flexion',
    planes: ['frontal'],
    view: 'front',
    position: 'hands-and-feet',
    side: 'single',
    standing: 2,
    level: 'intermediate',
    jointActions: ['trunk lateral-flexion shortening', 'hip abduction holding'],
  },
  [
    {
      id: 'side-plank-dips',
      name: 'Side plank with hip dips',
      otherNames: ['side plank dips', 'side plank hip lifts'],
      purpose: 'side of the trunk lifts and lowers the hips',
      dose: '3x8/side 1-1-2 rir2 r30',
      cues: ['Forearm down, feet stacked', 'Dip the hips slowly towards the floor', 'Lift them above the line'],
      faults: [{ see: 'Rolls forward at the bottom', say: 'Dip less, chest open.' }],
      keyframes: [
        frame('dip', 'side lying', 'near.forearm near.instep far.instep@ankle', {
          lean: 80,
          near: { shoulder: 80, elbow: 88, hip: 8 },
          far: { shoulder: 10, elbow: 40, hip: -6 },
        }),
        frame('lift', 'side lying', 'near.forearm near.instep far.instep@ankle', {
          lean: 68,
          near: { shoulder: 70, elbow: 88, hip: -8 },
          far: { shoulder: 10, elbow: 40, hip: 6 },
        }),
      ],
    },
    {
      id: 'side-plank-reach-under',
      name: 'Side plank with reach-under',
      otherNames: ['side plank thread the needle', 'side plank rotation'],
      planes: ['frontal', 'transverse'],
      purpose: 'side of the trunk holds while the ribs turn',
      jointActions: ['trunk lateral-flexion holding', 'trunk rotation shortening', 'hip abduction holding'],
      dose: '3x6/side 2-1-2 r30',
      cues: ['Side plank, top arm to the ceiling', 'Reach under the body, ribs turn', 'Open again, hips stay high'],
      faults: [{ see: 'Hips drop as the arm goes under', say: 'Bottom knee down.' }],
      keyframes: [
        frame('open', 'side lying', 'near.forearm near.instep far.instep@ankle', {
          lean: 72,
          near: { shoulder: 74, elbow: 88 },
          far: { shoulder: 104 },
        }),
        frame('under', 'side lying', 'near.forearm near.instep far.instep@ankle', {
          lean: 72,
          near: { shoulder: 74, elbow: 88 },
          far: { shoulder: 20, elbow: 60 },
        }),
      ],
    },
  ],
);
