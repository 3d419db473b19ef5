import { family } from './family';
import { frame } from './frame';
import { seats } from './kit-groups';

export default family(
  'short-foot',
  {
    pattern: 'balance',
    planes: ['sagittal', 'frontal'],
    speed: 'slow',
    regions: ['foot', 'ankle'],
    jointActions: ['ankle extension holding'],
    cues: ['Heel and ball of the foot stay down', 'Pull the ball of the foot towards the heel', 'Toes stay long'],
    faults: [{ see: 'Toes claw', say: 'Less force, lift the arch only.' }],
  },
  [
    {
      id: 'short-foot-sitting',
      name: 'Short-foot exercise, seated',
      otherNames: ['foot dome', 'arch lift', 'foot doming', 'Short foot, sitting'],
      standing: 2,
      blocks: ['activate', 'prevention'],
      purpose: 'the arch learns to hold itself',
      position: 'sitting',
      side: 'single',
      needs: { kit: [seats] },
      dose: '1x8/side 1-5-1',
      keyframes: [
        frame('flat', 'standing', 'seat@chair feet', { lean: 4, hip: 92, knee: 88, shoulder: 30, elbow: 40 }),
        frame('domed', 'standing', 'seat@chair feet', {
          lean: 6,
          hip: 94,
          knee: 88,
          shoulder: 32,
          elbow: 40,
          neck: 12,
        }),
      ],
    },
    {
      id: 'toe-spread',
      name: 'Toe yoga',
      otherNames: ['big-toe lifts', 'Big toe up, small toes up'],
      standing: 1,
      blocks: ['activate'],
      purpose: 'foot that can steer its toes',
      position: 'both-feet',
      side: 'single',
      dose: '1x10/side 1-2-1',
      cues: ['Big toe up, the others down', 'Then the other way', 'Slowly'],
      keyframes: [
        frame('flat', 'standing', 'feet', { lean: 8, hip: 10, neck: 30, shoulder: 10 }),
        frame('up', 'standing', 'heels', { lean: 10, hip: 12, neck: 34, ankle: 6, shoulder: 10 }, { inPassing: true }),
      ],
    },
    {
      id: 'towel-scrunch',
      name: 'Towel scrunch',
      otherNames: ['toe curls'],
      standing: 1,
      blocks: ['activate'],
      purpose: 'foot muscles pull, for take-off and grip',
      position: 'sitting',
      side: 'single',
      needs: { kit: [['towel'], seats] },
      prop: 'towel',
      dose: '1x40s!/side',
      cues: ['Heel stays down', 'Pull the towel in with the toes', 'Push it out again'],
      keyframes: [
        frame('long', 'standing', 'seat@chair feet', { lean: 6, hip: 92, knee: 78, shoulder: 30, elbow: 40 }),
        frame('pulled', 'standing', 'seat@chair feet', {
          lean: 8,
          hip: 94,
          knee: 82,
          shoulder: 32,
          elbow: 40,
          neck: 14,
        }),
      ],
    },
  ],
);
