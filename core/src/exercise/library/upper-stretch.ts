import { family } from './family';
import { frame } from './frame';

export default family(
  'upper-stretch',
  {
    pattern: 'stretch',
    planes: ['sagittal'],
    speed: 'slow',
    dose: '1x30s',
    faults: [{ see: 'Tingling in the hand', say: 'Come out, arm lower.' }],
  },
  [
    {
      id: 'chair-back-stretch',
      name: 'Kneeling lat stretch on a chair',
      otherNames: ['lat stretch', 'prayer stretch', 'Long back stretch on a chair'],
      standing: 2,
      blocks: ['flexibility', 'cool-down'],
      purpose: 'sides of the back after pulling and hanging',
      position: 'kneeling',
      regions: ['shoulder', 'upper-back'],
      needs: { kit: [['chair', 'sofa', 'bench']] },
      jointActions: ['shoulder extension lengthening', 'trunk extension holding'],
      keyframes: [
        frame('reach', 'all fours', 'knees insteps hands@chair', {
          lean: 74,
          hip: 76,
          shoulder: 128,
          elbow: 10,
          wrist: 10,
        }),
        frame('sink', 'all fours', 'knees insteps hands@chair', {
          lean: 84,
          trunk: -6,
          hip: 90,
          shoulder: 158,
          elbow: 10,
          wrist: 10,
          neck: 8,
        }),
      ],
      cues: ['Kneel, elbows on the chair', 'Let the chest sink', 'Hands behind the head if you can'],
    },
    {
      id: 'door-chest-stretch',
      name: 'Doorway chest stretch',
      otherNames: ['pec stretch', 'doorway stretch', 'chest stretch in the door frame'],
      standing: 3,
      blocks: ['flexibility', 'cool-down'],
      purpose: 'front of the shoulder after pushing and paddling',
      position: 'split',
      view: 'above',
      planes: ['transverse'],
      regions: ['shoulder'],
      needs: { wall: true },
      jointActions: ['shoulder internal-rotation lengthening'],
      keyframes: [
        frame('set', 'standing', 'feet', {
          near: { hip: 20, shoulder: 6, elbow: 60, wrist: 80 },
          far: { hip: -16, shoulder: 6, elbow: 60, wrist: 80 },
        }),
        frame('open', 'standing', 'feet', {
          near: { hip: 20, shoulder: -18, elbow: 60, wrist: 80 },
          far: { hip: -16, shoulder: -18, elbow: 60, wrist: 80 },
        }),
      ],
      cues: [
        'Forearm on the frame, elbow at shoulder height',
        'Step through slowly',
        'Ribs down, feel it in the chest',
      ],
    },
    {
      id: 'forearm-stretch',
      name: 'Wrist-flexor stretch',
      otherNames: ['wrist flexor stretch', 'forearm stretch'],
      standing: 2,
      blocks: ['flexibility', 'cool-down'],
      purpose: 'forearms after gripping',
      position: 'both-feet',
      side: 'single',
      regions: ['wrist', 'elbow'],
      dose: '1x20s/side',
      cues: ['Arm straight in front, palm away', 'Pull the fingers back gently', 'Then bend the hand down as well'],
      jointActions: ['wrist flexion lengthening'],
      keyframes: [
        frame('long', 'standing', 'feet', {
          near: { shoulder: 82, elbow: 2, wrist: 30 },
          far: { shoulder: 74, elbow: 24 },
        }),
        frame('pulled', 'standing', 'feet', {
          near: { shoulder: 82, elbow: 0, wrist: 80 },
          far: { shoulder: 72, elbow: 30 },
        }),
      ],
    },
  ],
);
