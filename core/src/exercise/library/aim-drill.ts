import { family } from './family';
import { frame } from './frame';

const legs = { near: { hip: -8, knee: 2 }, far: { hip: 10, knee: 2 } };

export default family(
  'aim-drill',
  {
    pattern: 'skill',
    standing: 0,
    blocks: ['technique'],
    sports: ['aiming'],
    planes: ['frontal'],
    position: 'both-feet',
    side: 'single',
    speed: 'slow',
    level: 'beginner',
    regions: ['shoulder', 'upper-back', 'neck'],
    jointActions: ['shoulder abduction holding', 'scapula retraction holding', 'trunk extension holding'],
    faults: [
      {
        see: 'Shoulder climbs to the ear',
        say: 'Rest; lower and shorter.',
        shown: { change: {}, add: { lean: -10, shoulder: 22 } },
      },
    ],
  },
  [
    {
      id: 'front-arm-hold',
      name: 'Front-arm hold on a mark',
      otherNames: ['bow-arm hold', 'raise and hold'],
      purpose: 'the arm rises, settles and stays while the breath goes out',
      dose: '4x15s/side r20',
      cues: [
        'Raise above the mark, settle from above',
        'Shoulder low, elbow turned out',
        'Hold through one slow breath out',
      ],
      jointActions: ['shoulder flexion holding', 'scapula protraction holding', 'elbow extension holding'],
      keyframes: [
        frame('high', 'standing', 'near.foot far.foot', {
          near: { ...legs.near, shoulder: 110, elbow: 2 },
          far: { ...legs.far, shoulder: 0 },
        }),
        frame('mark', 'standing', 'near.foot far.foot', {
          near: { ...legs.near, shoulder: 88, elbow: 2 },
          far: { ...legs.far, shoulder: 0 },
        }),
      ],
    },
    {
      id: 'dry-hold-breath',
      name: 'Dry hold on a mark after hard breathing',
      otherNames: ['breath rhythm hold', 'pulse-up hold'],
      blocks: ['technique', 'finisher'],
      sports: ['aiming', 'nordic-skiing'],
      purpose: 'comes down from a high pulse to a still aim; no weapon, a stick is enough',
      side: 'both',
      dose: '4x30s! r40',
      cues: [
        'Ten quick steps on the spot first',
        'Two deep breaths, half out, still',
        'Stay on the mark five seconds, breathe, again',
      ],
      jointActions: ['shoulder flexion holding', 'trunk extension holding', 'knee extension holding'],
      faults: [{ see: 'Holds the breath too long', say: 'Five seconds, then breathe.' }],
      cautions: ['Never with a weapon at home.'],
      keyframes: [
        frame('breathe', 'standing', 'near.foot far.foot', {
          near: { ...legs.near, shoulder: 40, elbow: 60 },
          far: { ...legs.far, shoulder: 40, elbow: 60 },
        }),
        frame('hold', 'standing', 'near.foot far.foot', {
          lean: -2,
          near: { ...legs.near, shoulder: 84, elbow: 40 },
          far: { ...legs.far, shoulder: 84, elbow: 60 },
        }),
      ],
    },
    {
      id: 'kneeling-aim-hold',
      name: 'Kneeling position hold',
      otherNames: ['kneeling stance hold'],
      sports: ['aiming', 'nordic-skiing'],
      purpose: 'bone on bone, still, breath low',
      position: 'kneeling',
      side: 'both',
      dose: '3x40s! r30',
      cues: [
        'Sit into the kneeling position, front shin upright',
        'Elbow just ahead of the knee',
        'Close the eyes ten seconds: are you still on the mark?',
      ],
      regions: ['knee', 'ankle', 'lower-back'],
      jointActions: ['hip extension holding', 'shoulder flexion holding', 'trunk extension holding'],
      faults: [{ see: 'Leans on muscle, shakes', say: 'Move the feet until it is quiet.' }],
      keyframes: [
        frame('tall', 'half kneeling', 'near.foot far.knee far.toes', {
          lean: 6,
          near: { hip: 94, shoulder: 84, elbow: 50 },
          far: { shoulder: 80, elbow: 70 },
        }),
        frame('low', 'half kneeling', 'near.foot far.knee far.toes', {
          lean: 12,
          near: { hip: 100, shoulder: 80, elbow: 70 },
          far: { hip: 2, shoulder: 76, elbow: 90 },
        }),
      ],
    },
  ],
);
