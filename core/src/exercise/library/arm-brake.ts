import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'arm-brake',
  {
    pattern: 'shoulder-external-rotation',
    planes: ['sagittal', 'transverse'],
    side: 'single',
    speed: 'slow',
    position: 'split',
  },
  [
    {
      id: 'band-arm-brake',
      name: 'Eccentric band external rotation',
      otherNames: [
        'slow arm lowering',
        'deceleration lowering',
        'band deceleration',
        'eccentric cuff',
        'Band arm brake',
      ],
      standing: 2,
      blocks: ['prevention'],
      purpose: 'slows the arm down after the ball has gone',
      regions: ['shoulder', 'upper-back'],
      level: 'intermediate',
      jointActions: [
        'shoulder external-rotation lengthening',
        'shoulder extension lengthening',
        'scapula retraction lengthening',
      ],
      needs: { kit: [longBands], anchors: ['door-low', 'door-mid', 'post', 'partner'] },
      load: { place: 'near-hand', source: 'band', required: true, hands: 1 },
      dose: '3x8/side 4-0-1 rir3 r45',
      line: { from: 'near-hand', to: [0.75, 0.3] },
      cues: [
        'Help up with the other hand',
        'Then four seconds forward and down',
        'Shoulder blade glides, does not jump',
      ],
      faults: [{ see: 'Shoulder rolls forward at the end', say: 'Stop the arm at hip height, chest proud.' }],
      cautions: [
        'Pain above 2 during or next morning: lighter band, then the lying version.',
        'Test the anchor before pulling.',
      ],
      sources: ['Andersson 2017 (shoulder programme in handball)'],
      keyframes: [
        {
          name: 'cocked',
          base: 'standing',
          change: {
            near: { shoulder: 100, elbow: 95, hip: -16, knee: 5 },
            far: { hip: 22, knee: 12, shoulder: 30, elbow: 50 },
          },
          on: ['far.foot', 'near.foot'],
        },
        {
          name: 'through',
          base: 'standing',
          change: {
            lean: 14,
            near: { shoulder: 52, elbow: 15, hip: -4, knee: 5 },
            far: { hip: 38, knee: 20, shoulder: 0, elbow: 50 },
          },
          on: ['far.foot', 'near.foot'],
        },
      ],
    },
    {
      id: 'partner-arm-brake',
      jointActions: ['shoulder external-rotation lengthening', 'shoulder external-rotation shortening'],
      faults: [{ see: 'Elbow drops below the shoulder', say: 'Rest it on a sofa back; half the pressure.' }],
      regions: ['shoulder'],
      name: 'Partner-resisted eccentric external rotation',
      otherNames: ['manual eccentric external rotation', 'manual cuff eccentric', 'Arm brake against a partner'],
      standing: 1,
      blocks: ['prevention'],
      purpose: 'the back of the shoulder slows the arm, a person is the load',
      level: 'intermediate',
      needs: { kit: [], anchors: [], partner: true },
      load: { place: 'near-hand', source: 'weight', required: false, maxKg: 1, hands: 1 },
      line: { from: 'near-hand', to: [1.2, 0.62], resist: 0.03 },
      dose: '2x8/side 4-0-1 rir3 r45',
      cues: [
        'Elbow at shoulder height',
        'The partner turns the forearm down in four seconds',
        'Give way slowly, go back alone',
      ],
      cautions: [
        'Agree on the word "stop"; light pressure on the wrist, never a jerk. Sore throwing shoulder: leave out.',
      ],
      keyframes: [
        frame('cocked', 'standing', 'near.toes far.foot', {
          near: { hip: -12, knee: 14, ankle: 14, shoulder: 92, elbow: 88 },
          far: { hip: 22, knee: 14, shoulder: 10, elbow: 20 },
        }),
        frame('slowed', 'standing', 'near.toes far.foot', {
          near: { hip: -12, knee: 14, ankle: 14, shoulder: 92, elbow: 20 },
          far: { hip: 22, knee: 14, shoulder: 10, elbow: 20 },
        }),
      ],
    },
  ],
);
