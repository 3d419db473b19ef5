import { family } from '../variant';
import { frame } from './frame';

export default family(
  'prone-pull',
  {
    pattern: 'vertical-pull',
    planes: ['sagittal', 'frontal'],
    position: 'lying',
    blocks: ['strength', 'activate'],
    speed: 'slow',
    jointActions: ['shoulder extension shortening', 'scapula retraction shortening'],
    cues: ['Reach long', 'Sweep the arms down to the hips', 'Squeeze two seconds'],
    faults: [{ see: 'Shoulders shrug', say: 'Long neck; blades down first.' }],
  },
  [
    {
      id: 'prone-pull-down',
      name: 'Lying arm sweep',
      otherNames: ['prone pulldown', 'swimmer sweep'],
      purpose: 'pulling from overhead with no kit at all',
      dose: '3x12 1-2-2 rir3 r30',
      keyframes: [
        frame('long', 'prone', 'seat knees insteps', { trunk: -8, shoulder: 186, elbow: 4 }),
        frame('down', 'prone', 'seat knees insteps', { trunk: -12, shoulder: -20, elbow: 4 }),
      ],
    },
    {
      id: 'towel-pull-apart-down',
      name: 'Lying towel pull-down',
      otherNames: ['towel lat pull'],
      purpose: 'both arms pull the towel apart all the way down',
      level: 'beginner',
      needs: { kit: [['towel', 'stick']] },
      prop: 'stick',
      dose: '3x10 2-2-2 rir2 r30',
      keyframes: [
        frame('long', 'prone', 'seat knees insteps', { trunk: -8, shoulder: 186, elbow: 4 }),
        frame('down', 'prone', 'seat knees insteps', { trunk: -12, shoulder: 176, elbow: 66 }),
      ],
    },
  ],
);
