import { family } from '../variant';
import { longBands, twoHandWeights } from './kit-groups';

export default family(
  'row',
  {
    blocks: ['strength'],
    pattern: 'horizontal-pull',
    planes: ['sagittal'],
    elbowsOut: 45,
    jointActions: ['shoulder extension shortening', 'scapula retraction shortening', 'elbow flexion shortening'],
  },
  [
    {
      id: 'supine-elbow-press',
      name: 'Lying elbow press',
      otherNames: ['floor row', 'elbow drive'],
      purpose: 'back of the shoulder without any kit',
      position: 'lying',
      regions: ['shoulder', 'upper-back'],
      speed: 'slow',
      dose: '3x8 2-3-2 rir2 r45',
      cues: ['Drive the elbows into the floor', "Chest lifts a hand's width", 'Hold three seconds'],
      faults: [{ see: 'Head pushes back', say: 'Chin in, elbows do the work.' }],
      keyframes: [
        {
          name: 'down',
          base: 'hook lying',
          change: { shoulder: -14, elbow: 96 },
          on: ['back', 'seat', 'feet', 'elbows'],
        },
        {
          name: 'up',
          base: 'hook lying',
          change: { lean: -84, trunk: 16, neck: 12, hip: 62, shoulder: -48, elbow: 104 },
          on: ['seat', 'feet', 'elbows'],
        },
      ],
    },
    {
      id: 'band-row',
      name: 'Band row',
      otherNames: ['standing row', 'tube row'],
      purpose: 'pulling for every push',
      position: 'both-feet',
      regions: ['shoulder', 'upper-back'],
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      dose: '3x12 1-2-2 rir2 r45',
      line: { from: 'hands', to: [0.85, 0.62] },
      cues: ['Chest proud', 'Elbows to the back pockets', 'Two seconds back'],
      faults: [{ see: 'Shoulders shrug', say: 'Slide the blades down first.' }],
      cautions: ['Test the anchor: it must pull the door shut, not open.'],
      keyframes: [
        {
          name: 'reach',
          base: 'standing',
          change: { lean: 4, hip: 18, knee: 22, ankle: 12, shoulder: 84, elbow: 6 },
          on: ['feet'],
        },
        {
          name: 'pull',
          base: 'standing',
          change: { lean: -4, hip: 12, knee: 22, ankle: 12, shoulder: -24, elbow: 108 },
          on: ['feet'],
        },
      ],
    },
    {
      id: 'bent-row',
      name: 'Bent-over row',
      otherNames: ['bent row', 'two-arm row'],
      purpose: 'pulling for every push, trunk holds the fold',
      position: 'both-feet',
      regions: ['shoulder', 'upper-back', 'lower-back'],
      level: 'beginner',
      needs: { kit: [twoHandWeights] },
      load: { place: 'hands', source: 'weight', required: true, hands: 2 },
      dose: '3x12 2-1-1 rir2 r60',
      cues: ['Fold and stay folded', 'Elbows past the ribs', 'Lower slower than you pull'],
      faults: [{ see: 'Body swings to move the weight', say: 'Lighter, or one hand on a chair.' }],
      cautions: ['Back pain: one arm with the other hand on a chair.'],
      keyframes: [
        {
          name: 'hang',
          base: 'standing',
          change: { lean: 62, hip: 80, knee: 28, ankle: 10, shoulder: 62, neck: -14 },
          on: ['feet'],
        },
        {
          name: 'pulled',
          base: 'standing',
          change: { lean: 62, hip: 80, knee: 28, ankle: 10, shoulder: -10, elbow: 74, neck: -14 },
          on: ['feet'],
        },
      ],
    },
  ],
);
