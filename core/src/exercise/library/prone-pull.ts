import { family } from './family';
import { frame } from './frame';

export default family(
  'prone-pull',
  {
    pattern: 'vertical-pull',
    planes: ['sagittal', 'frontal'],
    position: 'lying',
    speed: 'slow',
    jointActions: ['shoulder extension shortening', 'scapula retraction shortening'],
    faults: [{ see: 'Shoulders shrug', say: 'Long neck; shoulder blades down first.' }],
  },
  [
    {
      id: 'prone-pull-down',
      name: 'Prone lat pull-down, no weight',
      otherNames: ['prone pulldown', 'Lying arm sweep'],
      standing: 1,
      blocks: ['activate', 'prevention'],
      purpose: 'pulling from overhead with no kit at all',
      dose: '3x12 1-2-2 rir3 r30',
      cues: ['Face down, arms long overhead', 'Sweep them wide to the hips', 'Thumbs up, hold two seconds'],
      keyframes: [
        frame('long', 'prone', 'seat knees insteps', { trunk: -8, shoulder: 186, elbow: 4 }),
        frame('down', 'prone', 'seat knees insteps', { trunk: -12, shoulder: -20, elbow: 4 }),
      ],
    },
    {
      id: 'towel-pull-apart-down',
      name: 'Prone towel lat pull-down',
      otherNames: ['towel lat pull', 'Lying towel pull-down'],
      standing: 1,
      blocks: ['activate', 'strength', 'prevention'],
      purpose: 'both arms pull the towel apart all the way down',
      level: 'beginner',
      needs: { kit: [['towel', 'stick']] },
      prop: 'stick',
      dose: '3x10 2-2-2 rir2 r30',
      cues: [
        'Towel tight between the hands',
        'Pull it down to the chest, lift the elbows',
        'Keep pulling outwards all the way',
      ],
      keyframes: [
        frame('long', 'prone', 'seat knees insteps', { trunk: -8, shoulder: 186, elbow: 4 }),
        frame('down', 'prone', 'seat knees insteps', { trunk: -12, shoulder: 176, elbow: 66 }),
      ],
    },
  ],
);
