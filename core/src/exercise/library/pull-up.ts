import { family } from '../variant';
import { longBands } from './kit-groups';

export default family(
  'vertical-pull',
  {
    blocks: ['strength'],
    pattern: 'vertical-pull',
    planes: ['sagittal'],
    jointActions: ['shoulder extension shortening', 'elbow flexion shortening', 'scapula retraction shortening'],
  },
  [
    {
      id: 'band-pull-down',
      name: 'Kneeling band pull-down',
      otherNames: ['band pulldown'],
      purpose: 'pulls from overhead, as at the catch',
      position: 'kneeling',
      regions: ['shoulder', 'upper-back'],
      needs: { kit: [longBands], anchors: ['door-high', 'post'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      dose: '3x12 1-1-2 rir2 r45',
      line: { from: 'hands', to: [0.75, 1.08] },
      cues: ['Blades first, then elbows', 'Hands to the chest', 'Slow back up'],
      faults: [{ see: 'Trunk leans far back', say: 'Stay stacked over the knees.' }],
      cautions: ['Test the anchor before pulling; knot doubled.'],
      keyframes: [
        {
          name: 'reach',
          base: 'tall kneeling',
          change: { lean: 4, shoulder: 138, elbow: 5 },
          on: ['knees', 'insteps'],
        },
        {
          name: 'down',
          base: 'tall kneeling',
          change: { lean: -4, shoulder: 22, elbow: 118 },
          on: ['knees', 'insteps'],
        },
      ],
    },
    {
      id: 'pull-up',
      name: 'Pull-up',
      otherNames: ['chin-up'],
      purpose: 'whole-body pulling strength',
      position: 'hanging',
      regions: ['shoulder+high', 'elbow', 'upper-back'],
      level: 'intermediate',
      needs: { kit: [['pull-up-bar']] },
      dose: '3x5 2-1-1 rir2 r90',
      easier: 'bent-row',
      jointActions: ['shoulder extension shortening', 'elbow flexion shortening', 'scapula retraction shortening'],
      cues: ['Start from a dead hang', 'Chest to the bar', 'Two seconds down'],
      faults: [{ see: 'Kicking to get up', say: 'Slow lowering only, from a chair.' }],
      cautions: ['Test the bar with half your weight first.'],
      keyframes: [
        {
          name: 'hang',
          base: 'standing',
          change: { shoulder: 178, elbow: 4, hip: 8, knee: 40, ankle: -30 },
          on: ['grip@bar!'],
          fix: ['hip', 'knee'],
        },
        {
          name: 'up',
          base: 'standing',
          change: { lean: -10, shoulder: 62, elbow: 142, hip: 8, knee: 50, ankle: -30 },
          on: ['grip@bar!'],
          fix: ['hip', 'knee', 'elbow'],
        },
      ],
    },
  ],
);
